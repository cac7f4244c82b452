import { useTerms } from '../api/useTerms';
import { nameOf } from './kinds';
import type { GroupListView, PlaceEvidence } from '../api/schema';
import { shown } from '../word/grapheme';
import type { Kind } from './kinds';
import { useEvidence, type Asked } from './useList';

const PLACE: Record<string, string> = { first: 'at the start', inside: 'inside', last: 'at the end' };

/** Beside a list: what it is good for, and how its sound is spelt in English at large. */
export function ListNotes({ asked, kind, list }: { asked: Asked; kind: Kind; list: GroupListView }) {
  const sound = kind.sound === 'none' ? '' : asked.sound;
  const evidence = useEvidence(sound, list.accent);
  const places = (evidence.data ?? []).filter((x) => x.context === '');
  return (
    <div className="notes">
      <h2>{nameOf(kind, useTerms())}</h2>
      <p>{kind.use}</p>
      <p className="hint">
        {asked.of === 'ear'
          ? 'Everyday words, whether or not they can be read yet. Wavy: not taught yet.'
          : asked.of === 'secure'
            ? `Only with what ${list.group} were taught ten teaching days ago or more, and have not stumbled over since.`
            : `Only words that ${list.group} can read today.`}{' '}
        Nothing sensitive is in a list.
      </p>
      {places.length > 0 && (
        <>
          <h2>How the sound is spelt</h2>
          {places.map((x) => (
            <Spellings key={x.place} at={x} />
          ))}
        </>
      )}
      <p className="hint">Choose a word to see its parts and what is known of it.</p>
    </div>
  );
}

function Spellings({ at }: { at: PlaceEvidence }) {
  const all = at.spellings.reduce((sum, x) => sum + x.words, 0);
  return (
    <>
      <h3>
        {PLACE[at.place] ?? at.place}
        {at.bestBet ? `: best bet ${shown(at.bestBet)}` : ': no sure bet'}
      </h3>
      <ul className="spellings">
        {at.spellings
          .filter((x) => x.words > 0)
          .slice(0, 5)
          .map((x) => (
            <li key={x.grapheme}>
              <b className="plain-word">{shown(x.grapheme)}</b>{' '}
              {Math.round((100 * x.words) / Math.max(1, all))}%{' '}
              <span className="plain-word">{x.examples.slice(0, 3).join(', ')}</span>
            </li>
          ))}
      </ul>
    </>
  );
}
