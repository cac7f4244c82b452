import { monitorForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';

const EDGE = 70;
const FASTEST = 18;

/** Scrolls a list while something is dragged near its top or its foot. Gives what stops it. */
export function autoScroll(list: HTMLElement) {
  let y = 0;
  let frame = 0;
  let box = list.getBoundingClientRect();
  const tick = () => {
    const [up, down] = [box.top + EDGE - y, y - (box.bottom - EDGE)];
    if (up > 0) list.scrollTop -= Math.min(FASTEST, up / 4);
    else if (down > 0) list.scrollTop += Math.min(FASTEST, down / 4);
    frame = requestAnimationFrame(tick);
  };
  return monitorForElements({
    onDragStart: ({ location }) => {
      box = list.getBoundingClientRect();
      y = location.current.input.clientY;
      frame = requestAnimationFrame(tick);
    },
    onDrag: ({ location }) => {
      y = location.current.input.clientY;
    },
    onDrop: () => cancelAnimationFrame(frame),
  });
}
