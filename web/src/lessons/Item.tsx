import { Word } from '../word/Word';
import { shown } from '../word/grapheme';
import type { BlockView, ItemView, StaleView } from '../api/schema';
import { Picture } from './Pictures';

interface Props {
  item: ItemView;
  form: BlockView['form'];
  chosen: boolean;
  shaky: boolean;
  stale?: StaleView['kind'];
  onChoose: (id: string) => void;
}

const STALE = { notReadable: 'not readable now', notDue: 'no longer due', offPoint: 'off the point now' };

/** One thing of a lesson, large, as a button that opens it in the docked column. */
export function Item({ item, form, chosen, shaky, stale, onChoose }: Props) {
  const notes = [
    item.locked && 'locked',
    item.forced && 'tricky today',
    shaky && 'shaky',
    stale && STALE[stale],
    item.tell !== '' && `tell them: ${shown(item.tell)}`,
  ].filter((x) => typeof x === 'string');
  return (
    <button
      type="button"
      className={`item ${item.kind} ${chosen ? 'chosen' : ''} ${item.locked ? 'locked' : ''} ${stale ? 'stale' : ''}`}
      aria-pressed={chosen}
      data-item={item.id}
      onClick={() => onChoose(item.id)}
    >
      <Shown item={item} form={form} />
      {notes.length > 0 && <span className="item-note">{notes.join(', ')}</span>}
    </button>
  );
}

function Shown({ item, form }: { item: ItemView; form: BlockView['form'] }) {
  switch (item.kind) {
    case 'card':
      return form === 'meet' ? (
        <span className="meet-card">
          <span className="meet-letters">{shown(item.text)}</span>
          {item.picture && (
            <span className="meet-picture">
              <Picture picture={item.picture} beside /> {item.picture.word}
            </span>
          )}
        </span>
      ) : (
        <span className="card-letters">{shown(item.text)}</span>
      );
    case 'sound':
      return (
        <span className="sound">
          /{item.ipa ?? item.text}/ {item.spoken && <small>{item.spoken}</small>}
        </span>
      );
    case 'listening':
      if (form === 'riddles') {
        return (
          <span className="riddle">
            {item.spoken} <small>{item.text}</small>
          </span>
        );
      }
      return (
        <span className="listening-word">
          {item.text} {item.heading && <small>{shown(item.heading)}</small>}
        </span>
      );
    case 'story':
    case 'told':
      return (
        <span className="story">
          <b>{item.heading}</b>
          <SentenceText text={item.text} tricky={item.tricky} />
          {item.questions.length > 0 && (
            <span className="story-questions">
              Find it: {item.questions[0]} <br />
              Talk: {item.questions[1]}
            </span>
          )}
        </span>
      );
    case 'sentence':
      if (item.gap !== '') return <Gap item={item} />;
      return <SentenceText text={item.text} tricky={item.tricky} />;
    default:
      if (item.gap !== '') return <Gap item={item} />;
      return <Word text={item.text} pieces={item.pieces} />;
  }
}

/** A word or a sentence with what is to be written left out, and what that is. */
export function Gap({ item }: { item: ItemView }) {
  return (
    <span className="gap">
      <span className="plain-word">{item.gap}</span> <small>{shown(item.heading)}</small>
    </span>
  );
}

/** A sentence with its tricky words marked. */
export function SentenceText({ text, tricky }: { text: string; tricky: string[] }) {
  return (
    <span className="sentence-text">
      {text
        .split(/([A-Za-z]+(?:['-][A-Za-z]+)*)/)
        .map((x, at) => (tricky.includes(x) ? <em key={at}>{x}</em> : <span key={at}>{x}</span>))}
    </span>
  );
}
