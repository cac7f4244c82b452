import { useTerms } from '../api/useTerms';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Problem } from '../api/client';
import type { BlockerView, ItemView, LessonView } from '../api/schema';
import { AboutWord } from '../word/AboutWord';
import { Blockers } from '../word/Blockers';
import { shown } from '../word/grapheme';
import { SplitForm } from '../word/SplitForm';
import { useWord } from '../word/useWord';
import { Verdict } from '../word/Verdict';
import { Word } from '../word/Word';
import { Others } from './Others';
import type { useLesson } from './useLesson';

interface Props {
  lesson: LessonView;
  item: ItemView;
  change: ReturnType<typeof useLesson>['change'];
  shaky: boolean;
  onShaky: () => void;
}

/** The chosen thing in the docked column: its split, its verdict, why it is here, and what can be done. */
export function ItemColumn({ lesson, item, change, shaky, onShaky }: Props) {
  const terms = useTerms();
  const isWord = item.kind === 'word' || item.kind === 'tricky';
  const word = useWord(isWord ? item.text : undefined, lesson.isToday ? undefined : lesson.day);
  const editable = lesson.id !== null && lesson.outcome === null;
  const block = lesson.parts.flatMap((x) => x.blocks).find((x) => x.items.some((i) => i.id === item.id));
  const at = block?.items.findIndex((x) => x.id === item.id) ?? 0;
  const alone = block?.unit === 'item' && block.items.length > 1;
  const act = (x: 'swap' | 'lock' | 'unlock' | 'drop' | 'add' | 'earlier' | 'later') =>
    change.mutate({ change: x, itemId: item.id });
  return (
    <div className="item-column">
      {isWord || item.kind === 'madeUp' ? (
        <p className="dock-word">
          <Word text={item.text} pieces={item.pieces} />
        </p>
      ) : (
        <p className={['story', 'told'].includes(item.kind) ? 'dock-story' : 'dock-text'}>
          {item.kind === 'sound' ? `/${item.ipa ?? item.text}/` : shown(item.text)}
        </p>
      )}
      {item.kind === 'sound' && <p>Spellings taught: {item.spellings.map(shown).join(', ')}</p>}
      {item.kind === 'card' && item.spellings.length > 0 && <p>Says /{item.spellings.join('/ and /')}/</p>}
      {item.kind === 'listening' && <p>/{item.spellings.join('/ /')}/</p>}
      {item.forced && (
        <p className="verdict">Taken as a {terms.trickyWord} for this lesson, because you said so.</p>
      )}
      {word.data && !item.forced && <Verdict word={word.data} today={lesson} />}
      <p className="why">{item.reason}</p>
      <p className="serves">
        <b>For the point</b> {item.serves}
      </p>
      {word.data && <AboutWord word={word.data} />}
      {editable && (
        <>
          <div className="acts">
            {item.canSwap && (
              <Button size="sm" variant="outline-dark" onClick={() => act('swap')}>
                <kbd>s</kbd> swap
              </Button>
            )}
            <Button
              size="sm"
              variant="outline-dark"
              onClick={() => act(item.locked ? 'unlock' : 'lock')}
              disabled={change.isPending}
            >
              <kbd>l</kbd> {item.locked ? 'unlock' : 'lock'}
            </Button>
            <Button size="sm" variant="outline-dark" onClick={() => act('drop')} disabled={change.isPending}>
              <kbd>x</kbd> drop
            </Button>
            {item.canSwap && block?.unit === 'item' && (
              <Button size="sm" variant="outline-dark" onClick={() => act('add')} disabled={change.isPending}>
                <kbd>a</kbd> one more
              </Button>
            )}
            {alone && (
              <>
                <Button
                  size="sm"
                  variant="outline-dark"
                  aria-label="Earlier"
                  onClick={() => act('earlier')}
                  disabled={change.isPending || at === 0}
                >
                  ←
                </Button>
                <Button
                  size="sm"
                  variant="outline-dark"
                  aria-label="Later"
                  onClick={() => act('later')}
                  disabled={change.isPending || at === block.items.length - 1}
                >
                  →
                </Button>
              </>
            )}
            {['card', 'sound', 'tricky'].includes(item.kind) && (
              <Button
                size="sm"
                variant={shaky ? 'dark' : 'outline-dark'}
                aria-pressed={shaky}
                onClick={onShaky}
              >
                shaky
              </Button>
            )}
          </div>
          {item.canSwap && <Others lesson={lesson} item={item} change={change} />}
          {item.canType && <TypeOver item={item} change={change} key={item.id + item.text} />}
        </>
      )}
      {word.data && <SplitForm word={word.data} key={word.data.split} />}
    </div>
  );
}

interface Refused {
  word: string;
  verdict: string;
  blockers: BlockerView[];
}

function TypeOver({ item, change }: Pick<Props, 'item' | 'change'>) {
  const terms = useTerms();
  const [text, setText] = useState('');
  const problem =
    change.error instanceof Problem && change.variables?.change === 'type' ? change.error : undefined;
  const refused = (problem?.more.refused ?? []) as Refused[];
  const save = (asTricky: boolean) => change.mutate({ change: 'type', itemId: item.id, text, asTricky });
  return (
    <Form
      className="type-over"
      onSubmit={(x) => {
        x.preventDefault();
        save(false);
      }}
    >
      <Form.Group controlId="type-over">
        <Form.Label>Type over it</Form.Label>
        <Form.Control
          size="sm"
          value={text}
          maxLength={200}
          autoComplete="off"
          isInvalid={problem !== undefined}
          onChange={(x) => setText(x.target.value)}
        />
        <Form.Control.Feedback type="invalid">{problem?.message}</Form.Control.Feedback>
      </Form.Group>
      {refused.map((x) => (
        <div key={x.word}>
          <p className="refused">
            <span className="plain-word">{x.word}</span>{' '}
            {x.verdict === 'unknown' ? 'is not in the word list' : ''}
          </p>
          <Blockers blockers={x.blockers} />
        </div>
      ))}
      <Button type="submit" size="sm" variant="dark" disabled={text.trim() === '' || change.isPending}>
        Put it in
      </Button>{' '}
      {refused.length > 0 && refused.every((x) => x.verdict !== 'unsuitable') && (
        <Button size="sm" variant="outline-dark" onClick={() => save(true)}>
          As a {terms.trickyWord}, for this lesson
        </Button>
      )}
    </Form>
  );
}
