import type { ImportView } from '../api/schema';
import { shown } from '../word/grapheme';

/** What the order would leave a lead to look at; nothing of it keeps the ladder from being kept. */
export function ImportNotice({ view }: { view: ImportView }) {
  const missing = view.untaughtParts;
  if (view.thinByPlace + view.untaught.length + missing.length === 0) return null;
  return (
    <p className="hint import-notice">
      {view.thinByPlace > 0 &&
        `${view.thinByPlace} ${view.thinByPlace === 1 ? 'rung has' : 'rungs have'} too few words where ${view.thinByPlace === 1 ? 'it stands' : 'they stand'}. `}
      {view.untaught.length > 0 && (
        <>
          Sentences and stories wait for <b>{view.untaught.join(', ')}</b>, which nothing here teaches.{' '}
        </>
      )}
      {missing.length > 0 && (
        <>
          Words wait for{' '}
          {missing.map((x, i) => (
            <span key={`${x.label} ${x.example}`}>
              {i > 0 && ', '}
              <b>{shown(x.label)}</b> as in <i>{x.example}</i>
            </span>
          ))}
          .{' '}
        </>
      )}
      Ask the ladder once it is kept: it says where each would go.
    </p>
  );
}
