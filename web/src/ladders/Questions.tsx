import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import { useAccents } from '../api/useAccents';
import type { AnswerView, FoundView, LadderView, RungName } from '../api/schema';
import { useSchool } from '../api/useSchool';
import { useTerms } from '../api/useTerms';
import { newRung } from './newRung';
import { useLadder } from './useLadder';
import { shown } from '../word/grapheme';

/** A question as it is asked: its name, and what goes with it. */
export interface Asked {
  question: string;
  rungId?: string;
  text?: string;
  accent?: string;
}

/** What a lead asks of a ladder: one press each, answered in counts that open to words. */
export function Questions({ ladder }: { ladder: LadderView }) {
  const terms = useTerms();
  const { schoolId } = usePlace();
  const accents = useAccents();
  const school = useSchool(schoolId).data;
  const [asked, setAsked] = useState<Asked>();
  const [text, setText] = useState('');
  const ask: [string, string][] = [
    ['thin', 'Which rungs are thin, and where would they not be?'],
    ['useful', 'Which rung would open most words next?'],
    ['hardlyUsed', 'What is taught and hardly used after?'],
    ['couldWait', `Which ${terms.trickyWords} could wait?`],
    ['late', `Which ${terms.trickyWords} come late for the sentences?`],
    ['untaught', 'Which words do sentences need that nothing teaches?'],
    ['untaughtParts', 'Which spellings do words need that nothing teaches?'],
  ];
  return (
    <section className="questions" aria-label="Questions">
      <h2>Ask the ladder</h2>
      <ul>
        {ask.map(([question, name]) => (
          <li key={question}>
            <Button
              size="sm"
              variant="link"
              aria-expanded={asked?.question === question}
              onClick={() => setAsked(asked?.question === question ? undefined : { question })}
            >
              {name}
            </Button>
            {asked?.question === question && <Answer ladder={ladder} asked={asked} />}
          </li>
        ))}
        <li>
          <Form
            className="ask-text"
            onSubmit={(x) => {
              x.preventDefault();
              setAsked({ question: 'earliest', text });
            }}
          >
            <Form.Control
              size="sm"
              aria-label="A word or a text"
              placeholder="When could they read …"
              value={text}
              maxLength={4000}
              onChange={(x) => setText(x.target.value)}
            />
            <Button size="sm" type="submit" variant="outline-dark" disabled={text.trim() === ''}>
              Ask
            </Button>
          </Form>
          {asked?.question === 'earliest' && <Answer ladder={ladder} asked={asked} />}
        </li>
        <li>
          <Form.Select
            size="sm"
            aria-label="What would differ for children who speak otherwise"
            value={asked?.accent ?? ''}
            onChange={(x) =>
              setAsked(x.target.value === '' ? undefined : { question: 'accents', accent: x.target.value })
            }
          >
            <option value="">What differs for another accent?</option>
            {accents
              .filter((x) => x.id !== school?.accent)
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
          </Form.Select>
          {asked?.question === 'accents' && <Answer ladder={ladder} asked={asked} />}
        </li>
      </ul>
    </section>
  );
}

/** The answer to a question, with the words behind each count. */
export function Answer({ ladder, asked }: { ladder: LadderView; asked: Asked }) {
  const { schoolId, group: groupId } = usePlace();
  const query = useQuery({
    queryKey: ['question', schoolId, groupId, ladder.id, ladder.revision, asked],
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/ladders/{ladderId}/questions/{question}', {
          params: {
            path: { schoolId, ladderId: ladder.id, question: asked.question },
            query: { groupId, text: asked.text, accent: asked.accent, rungId: asked.rungId },
          },
        }),
      ),
  });
  const terms = useTerms();
  if (query.error) return <p role="alert">{query.error.message}</p>;
  if (!query.data) return <p className="waiting">Counting …</p>;
  const answer = query.data;
  return (
    <div className="answer-list" role="status">
      <p>{sentence(answer, terms.trickyWords)}</p>
      <ul>
        {answer.found.slice(0, 12).map((x) => (
          <li key={`${x.rung?.id ?? ''} ${x.word ?? ''} ${x.part?.key ?? ''}`}>
            <Found ladder={ladder} answer={answer} found={x} />
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The answer in a sentence; what stands under it opens. */
function sentence(x: AnswerView, trickyWords: string): string {
  const count = x.found.length;
  switch (x.question) {
    case 'thin':
      return count === 0 ? 'None is thin by place.' : `${count} ${count === 1 ? 'is' : 'are'} thin by place.`;
    case 'useful':
      return count === 0 ? 'None of those left would open a word by itself.' : 'If they came next:';
    case 'waiting':
      return x.found[0]?.count === 0
        ? 'No everyday word waits for it alone.'
        : 'Everyday words that wait for nothing else:';
    case 'hardlyUsed':
      return count === 0
        ? 'Every spelling is needed by at least four everyday words from its rung on.'
        : `${count} with fewer than four everyday words from then on:`;
    case 'couldWait':
      return count === 0
        ? `Sentences need every one of the ${trickyWords} before it could simply be read.`
        : `No sentence needs these before they could simply be read:`;
    case 'late':
      return count === 0 ? 'None: no sentence waits long for one.' : 'Sentences wait for nothing else:';
    case 'untaught':
      return count === 0
        ? 'None: no sentence waits for a common word alone.'
        : 'Sentences and stories that could be read if it were taught:';
    case 'untaughtParts':
      return count === 0
        ? 'None: no five everyday words wait for a spelling alone.'
        : 'Everyday words that wait for it alone:';
    case 'earliest': {
      const never = x.found.filter((f) => !f.rung).map((f) => f.word);
      const at = x.found[0]?.other;
      return at
        ? `From rung ${at.number}, ${shown(at.label)}. The last to come:`
        : `Not on this ladder: no rung brings ${never.join(', ')}.`;
    }
    default:
      return count === 0
        ? 'No everyday word is read at another rung.'
        : `${x.found.reduce((sum, f) => sum + f.count, 0)} everyday words are read at another rung in ${x.accent ?? ''}:`;
  }
}

function Found({ ladder, answer, found }: { ladder: LadderView; answer: AnswerView; found: FoundView }) {
  if (answer.question === 'untaught') return <Untaught ladder={ladder} found={found} />;
  if (answer.question === 'untaughtParts') return <UntaughtPart ladder={ladder} found={found} />;
  if (answer.question === 'late') {
    return (
      <>
        <b>{found.word}</b> at <Rung rung={found.rung} />: {found.count} sentences could be read from about{' '}
        <Rung rung={found.other} />
      </>
    );
  }
  if (answer.question === 'couldWait' || answer.question === 'earliest') {
    return (
      <>
        <b>{found.word}</b> {found.rung ? <Rung rung={found.rung} /> : 'no rung brings it'}
        {answer.question === 'couldWait' && found.other && (
          <>
            , read from <Rung rung={found.other} />
          </>
        )}
      </>
    );
  }
  return (
    <details>
      <summary>
        <Rung rung={found.rung} /> {found.count} {found.count === 1 ? 'word' : 'words'}
        {answer.question === 'thin' &&
          (found.other ? (
            <>
              , enough at rung {found.other.number} <b>{shown(found.other.label)}</b>
            </>
          ) : (
            ', and no place has more'
          ))}
      </summary>
      <p className="word-list">{found.words.join(' ')}</p>
    </details>
  );
}

function Rung({ rung }: { rung: RungName | null }) {
  const place = usePlace();
  return rung ? (
    <Link to={place.to(`ladder/${rung.id}`)}>
      {rung.number} <b>{shown(rung.label)}</b>
    </Link>
  ) : null;
}

/** A word that nothing teaches, and the rung that could: added to it at one press, and taken back as any edit is. */
function Untaught({ ladder, found }: { ladder: LadderView; found: FoundView }) {
  const { edit } = useLadder();
  const rung = ladder.sections.flatMap((x) => x.rungs).find((x) => x.rung.id === found.other?.id)?.rung;
  const word = found.word ?? '';
  return (
    <>
      <b>{word}</b>: {found.count}
      {rung && (
        <>
          , some from <Rung rung={found.other} />{' '}
          <Button
            size="sm"
            variant="link"
            aria-label={`Teach ${word} at rung ${found.other?.number ?? ''}`}
            disabled={edit.isPending}
            onClick={() =>
              edit.mutate({ kind: 'replace', rung: { ...rung, trickyWords: [...rung.trickyWords, word] } })
            }
          >
            teach it there
          </Button>
        </>
      )}
    </>
  );
}

/** A spelling that nothing teaches, and the rung after which it could come: put there as a rung of its own at one press. */
function UntaughtPart({ ladder, found }: { ladder: LadderView; found: FoundView }) {
  const { edit } = useLadder();
  const section = ladder.sections.find((x) => x.rungs.some((r) => r.rung.id === found.other?.id));
  const at = section?.rungs.findIndex((x) => x.rung.id === found.other?.id) ?? -1;
  const part = found.part;
  return (
    <>
      <details>
        <summary>
          <b>{shown(found.word ?? '')}</b> as in <i>{found.words[0]}</i>: {found.count}
        </summary>
        <p className="word-list">{found.words.join(' ')}</p>
      </details>
      {part && section && (
        <Button
          size="sm"
          variant="link"
          aria-label={`Teach ${found.word ?? ''} as in ${found.words[0]} after rung ${found.other?.number ?? ''}`}
          disabled={edit.isPending}
          onClick={() =>
            edit.mutate({ kind: 'add', rung: newRung([part]), sectionId: section.id, at: at + 1 })
          }
        >
          teach it after rung {found.other?.number} {shown(found.other?.label ?? '')}
        </Button>
      )}
    </>
  );
}
