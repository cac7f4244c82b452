import { Button } from 'react-bootstrap';
import type { RungView } from '../api/schema';
import { shown } from '../word/grapheme';
import type { useClipboard } from './useClipboard';

interface Props {
  picked: RungView[];
  clip: ReturnType<typeof useClipboard>;
  onMove: () => void;
  onNone: () => void;
}

/** Several rungs chosen together, and what can be done with them. */
export function PickedColumn({ picked, clip, onMove, onNone }: Props) {
  return (
    <div className="rung-column">
      <h2>{picked.length} rungs</h2>
      <p className="word-list">{picked.map((x) => shown(x.label)).join(' · ')}</p>
      <div className="acts">
        <Button size="sm" variant="dark" onClick={onMove}>
          Move them <kbd>m</kbd>
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => clip.copy(true)}>
          Cut <kbd>Ctrl X</kbd>
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => clip.copy(false)}>
          Copy <kbd>Ctrl C</kbd>
        </Button>
        <Button size="sm" variant="outline-dark" onClick={clip.duplicate}>
          Duplicate
        </Button>
        <Button size="sm" variant="outline-dark" onClick={clip.remove}>
          Remove
        </Button>
        <Button size="sm" variant="link" onClick={onNone}>
          Choose none
        </Button>
      </div>
      <p className="hint">
        Cut rungs move when they are pasted on this ladder, and are copied on to another. Hold Shift for all
        between, Ctrl for one more.
      </p>
    </div>
  );
}
