import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { useTerms } from '../api/useTerms';
import { Failure, Waiting } from '../shell/States';
import { Sheet } from '../shell/Sheet';
import { Shell } from '../shell/Shell';
import { shown } from '../word/grapheme';
import { Choice } from './Choice';
import { KINDS, nameOf } from './kinds';
import { OwnSentences } from './OwnSentences';
import { useAsked } from './useList';
import { useKeepSentence, useSentences } from './useSentences';

/** Sentences that the group can read with what comes next, others made by rule to be read and taken, and the school's own. */
export function SentencesPage() {
  const { asked, change } = useAsked();
  const terms = useTerms();
  const query = useSentences(asked.turn);
  const keep = useKeepSentence();
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const data = query.data;
  if (query.error && !data) return <Failure sentence={query.error.message} />;
  if (!data) return <Waiting what="Looking for sentences" />;
  const take = (text: string) =>
    keep.mutate(text, { onSuccess: () => setTaken((before) => new Set(before).add(text)) });
  return (
    <>
      <Shell
        strip={data.strip}
        dockName="Our own sentences"
        dock={<OwnSentences own={data.own} />}
        foot={
          <>
            <Button variant="dark" onClick={() => window.print()} disabled={data.sentences.length === 0}>
              Print
            </Button>
            <Button variant="outline-dark" onClick={() => change({ turn: asked.turn + 1 })}>
              Make others
            </Button>
          </>
        }
      >
        <div className="heading">
          <h1>
            Sentences
            {data.for !== '' && (
              <>
                {' '}
                for <span className="letters">{shown(data.for)}</span>
              </>
            )}
          </h1>
          <p className="total">
            {data.readable.toLocaleString('en-GB')} can be read
            {data.for !== '' && `, ${data.onPoint.toLocaleString('en-GB')} of them have it`}
          </p>
        </div>
        <div className="list-form">
          <Choice
            name="List"
            value={asked.kind}
            onChange={(kind) => change({ kind })}
            options={KINDS.map((x) => ({ ...x, name: nameOf(x, terms) }))}
          />
        </div>
        <div className="sentence-lists" aria-busy={query.isPlaceholderData}>
          <section aria-labelledby="made">
            <h2 id="made">Made by rule, read by nobody yet</h2>
            <p className="hint">
              Read each as you would say it to the class. What you take is the school’s own: lessons choose it
              like any other.
            </p>
            {keep.error && (
              <p className="form-problem" role="alert">
                {keep.error.message}
              </p>
            )}
            {data.made.length === 0 ? (
              <p>Too few words can be read for one to be made.</p>
            ) : (
              <ul>
                {data.made.map((x) => (
                  <li key={x}>
                    <span className="sentence-text">{x}</span>
                    {taken.has(x) ? (
                      <span className="taken">taken</span>
                    ) : (
                      <Button
                        variant="outline-dark"
                        size="sm"
                        aria-label={`take: ${x}`}
                        disabled={keep.isPending}
                        onClick={() => take(x)}
                      >
                        take
                      </Button>
                    )}
                  </li>
                ))}
              </ul>
            )}
          </section>
          <section aria-labelledby="readable">
            <h2 id="readable">Written by people, and readable then</h2>
            {data.sentences.length === 0 ? (
              <p>None yet. Write one, or take one that is made.</p>
            ) : (
              <Readable sentences={data.sentences} />
            )}
          </section>
        </div>
      </Shell>
      <Sheet>
        <header>
          <h1>Sentences{data.for !== '' && ` for ${shown(data.for)}`}</h1>
          <p>{data.group}</p>
        </header>
        <Readable sentences={data.sentences} className="list-sentences" />
      </Sheet>
    </>
  );
}

function Readable({ sentences, className }: { sentences: { text: string }[]; className?: string }) {
  return (
    <ul className={className}>
      {sentences.map((x) => (
        <li key={x.text}>
          <span className="sentence-text">{x.text}</span>
        </li>
      ))}
    </ul>
  );
}
