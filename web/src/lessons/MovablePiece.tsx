import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { BlockView, LessonPart } from '../api/schema';

interface Props {
  block: BlockView;
  part: LessonPart;
  /** Its place among the pieces of its part. */
  at: number;
  onMove: (block: BlockView, to: number) => void;
  children: ReactNode;
}

/** A piece of a lesson that can be put elsewhere in its part: dragged by its handle, or with Alt and the arrows on it. */
export function MovablePiece({ block, part, at, onMove, children }: Props) {
  const piece = useRef<HTMLDivElement>(null);
  const handle = useRef<HTMLButtonElement>(null);
  const [over, setOver] = useState(false);
  const now = useRef({ block, at, onMove });
  useEffect(() => {
    now.current = { block, at, onMove };
  });
  useEffect(() => {
    if (!piece.current || !handle.current) return;
    return combine(
      draggable({
        element: piece.current,
        dragHandle: handle.current,
        getInitialData: () => ({ lessonPart: part, block: now.current.block }),
      }),
      dropTargetForElements({
        element: piece.current,
        canDrop: ({ source }) => source.data.lessonPart === part && source.data.block !== now.current.block,
        onDragEnter: () => setOver(true),
        onDragLeave: () => setOver(false),
        onDrop: ({ source }) => {
          setOver(false);
          now.current.onMove(source.data.block as BlockView, now.current.at);
        },
      }),
    );
  }, [part]);
  const press = (event: KeyboardEvent) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (!event.altKey || by === undefined) return;
    event.preventDefault();
    onMove(block, at + by);
  };
  return (
    <div ref={piece} className={`lesson-piece is-${block.form}${over ? ' over' : ''}`}>
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
