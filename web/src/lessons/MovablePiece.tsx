import type { ReactNode } from 'react';
import type { BlockView, LessonPart } from '../api/schema';
import { useMovable } from './useMovable';

interface Props {
  block: BlockView;
  part: LessonPart;
  /** Its place among the pieces of its part that can be moved. */
  at: number;
  last: number;
  onMove: (from: number, to: number) => void;
  children: ReactNode;
}

/** A piece of a lesson that can be put elsewhere in its part: dragged by its handle, or with Alt and the arrows on it. */
export function MovablePiece({ block, part, at, last, onMove, children }: Props) {
  const { element, handle, over, press } = useMovable<HTMLDivElement>({
    among: `lesson ${part}`,
    at,
    last,
    onMove,
  });
  return (
    <div ref={element} className={`lesson-piece is-${block.form}${over ? ' over' : ''}`}>
      <button
        ref={handle}
        type="button"
        className="move-piece"
        aria-label={`Move ${block.name}`}
        title="Drag to another place in this part, or press Alt and an arrow"
        onKeyDown={press}
      >
        ⠿
      </button>
      {children}
    </div>
  );
}
