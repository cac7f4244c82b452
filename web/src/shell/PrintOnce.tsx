import { useEffect, useRef, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { Sheet } from './Sheet';

interface Props {
  /** Whether all that is to be printed is there. */
  ready: boolean;
  onDone: () => void;
  children: ReactNode;
}

/** A page that is printed as soon as it is there, and goes again. */
export function PrintOnce({ ready, onDone, children }: Props) {
  const done = useRef(onDone);
  useEffect(() => {
    done.current = onDone;
  });
  useEffect(() => {
    if (!ready) return;
    let here = true;
    void document.fonts.ready.then(() => {
      // A frame later the page has been measured, and made smaller where it would not fit.
      requestAnimationFrame(() =>
        requestAnimationFrame(() => {
          if (!here) return;
          window.print();
          done.current();
        }),
      );
    });
    return () => {
      here = false;
    };
  }, [ready]);
  return createPortal(<Sheet alone>{children}</Sheet>, document.body);
}
