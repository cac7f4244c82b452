import { Form } from 'react-bootstrap';
import type { ImportBeforeView } from '../api/schema';
import { shown } from '../word/grapheme';

/** What children know before an order begins that does not begin with letters: in front of it, unless a lead says no. Of the letters that an order leaves out, only if a lead says so. */
export function ImportBefore({
  before,
  inFront,
  onInFront,
}: {
  before: ImportBeforeView;
  inFront: boolean;
  onInFront: (inFront: boolean) => void;
}) {
  return (
    <div className="import-before">
      <Form.Check
        id="known-before"
        label="Children know these before it begins"
        checked={inFront}
        onChange={(x) => onInFront(x.target.checked)}
      />
      <p>
        <span className="letters">{before.graphemes.map(shown).join(' ')}</span>
        {before.trickyWords.length > 0 && (
          <>
            <span className="hint"> and at sight </span>
            <span className="letters">{before.trickyWords.join(' ')}</span>
          </>
        )}
      </p>
      <p className="hint">
        {inFront
          ? `${before.likely ? 'Your sheet does not begin with letters, and its' : 'Its'} words need these. They stand in front of it, and a new group has been taught them. Take out on the ladder what it has not.`
          : before.likely
            ? 'Its words need these, and nothing in your sheet teaches them.'
            : 'Your sheet goes on beyond the letters and leaves these out. Say so if children know them; else put them on the ladder where you teach them.'}
      </p>
    </div>
  );
}
