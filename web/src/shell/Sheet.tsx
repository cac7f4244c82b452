import { useEffect, useRef, useState, type CSSProperties, type ReactNode } from 'react';

/** The height of a Letter page inside its margins, the shorter of the two papers, in CSS pixels. */
const PAGE = (254 / 25.4) * 96;

/**
 * A page for print, seen in print only. It is laid out unseen beside the screen, so that its fonts are there and its
 * height is known before anybody prints: what would not fit on the page is drawn smaller. Any other page stays back
 * while there is one that is printed alone.
 */
export function Sheet({ children, alone = false }: { children: ReactNode; alone?: boolean }) {
  const sheet = useRef<HTMLElement>(null);
  const [fit, setFit] = useState(1);
  useEffect(() => {
    if (!sheet.current) return;
    const watch = new ResizeObserver(([x]) => {
      if (x && !window.matchMedia('print').matches) setFit(Math.min(1, PAGE / x.contentRect.height));
    });
    watch.observe(sheet.current);
    return () => watch.disconnect();
  }, []);
  return (
    <article
      className={alone ? 'sheet alone' : 'sheet'}
      aria-hidden="true"
      ref={sheet}
      style={{ '--fit': fit } as CSSProperties}
    >
      {children}
    </article>
  );
}
