import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';

interface Movable {
  /** What it may be dropped among. */
  among: string;
  at: number;
  last: number;
  onMove: (from: number, to: number) => void;
}

/** One of a list that is put in order by hand: dragged onto another, by its handle where it has one, or with Alt and the arrows. */
export function useMovable<E extends HTMLElement>({ among, at, last, onMove }: Movable) {
  const element = useRef<E>(null);
  const handle = useRef<HTMLButtonElement>(null);
  const [over, setOver] = useState(false);
  const move = (from: number, to: number) => {
    if (from !== to && to >= 0 && to <= last) onMove(from, to);
  };
  const now = useRef({ at, move });
  useEffect(() => {
    now.current = { at, move };
  });
  useEffect(() => {
    if (!element.current) return;
    return combine(
      draggable({
        element: element.current,
        dragHandle: handle.current ?? undefined,
        getInitialData: () => ({ among, from: now.current.at }),
      }),
      dropTargetForElements({
        element: element.current,
        canDrop: ({ source }) => source.data.among === among && source.data.from !== now.current.at,
        onDragEnter: () => setOver(true),
        onDragLeave: () => setOver(false),
        onDrop: ({ source }) => {
          setOver(false);
          now.current.move(Number(source.data.from), now.current.at);
        },
      }),
    );
  }, [among]);
  const press = (event: KeyboardEvent) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (!event.altKey || by === undefined) return;
    event.preventDefault();
    move(at, at + by);
  };
  return { element, handle, over, press, move };
}
