import { Word } from '../word/Word';
import { shown } from '../word/grapheme';
import type { Activity, ItemView } from '../api/schema';

interface Props {
  item: ItemView;
  activity: Activity;
  chosen: boolean;
  shaky: boolean;
  stale: boolean;
  onChoose: (id: string) => void;
}

/** One thing of a lesson, large, as a button that opens it in the docked column. */
export function Item({ item, activity, chosen, shaky, stale, onChoose }: Props) {
  const notes = [
    item.locked && 'locked',
    item.forced && 'tricky today',
    shaky && 'shaky',
    stale && 'not readable now',
  ].filter((x) => typeof x === 'string');
  return (
    <button
      type="button"
      className={`item ${item.kind} ${chosen ? 'chosen' : ''} ${item.locked ? 'locked' : ''} ${stale ? 'stale' : ''}`}
      aria-pressed={chosen}
      data-item={item.id}
      onClick={() => onChoose(item.id)}
    >
      <Shown item={item} activity={activity} />
      {notes.length > 0 && <span className="item-note">{notes.join(', ')}</span>}
    </button>
  );
}

function Shown({ item, activity }: { item: ItemView; activity: Activity }) {
  switch (item.kind) {
    case 'card':
      return (
        <span className={activity === 'meet' ? 'meet-letters' : 'card-letters'}>{shown(item.text)}</span>
      );
    case 'sound':
      return (
        <span className="sound">
          /{item.ipa ?? item.text}/ {item.spoken && <small>{item.spoken}</small>}
        </span>
      );
    case 'listening':
      return <span className="listening-word">{item.text}</span>;
    case 'sentence':
      return <SentenceText text={item.text} tricky={item.tricky} />;
    default:
      return <Word text={item.text} pieces={item.pieces} />;
  }
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
