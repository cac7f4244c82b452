import { useEffect, useRef, useState, type CSSProperties, type ReactNode } from 'react';

/** The height of a Letter page inside its margins, the shorter of the two papers, in CSS pixels. */
const PAGE = (254 / 25.4) * 96;

/** What leaves room on the page is drawn larger, so many times at most. */
const LARGEST = 1.3;

/**
 * How many times as large a page can be drawn. Larger letters wrap sooner and smaller ones later, so each size is tried
 * at the width that it leaves; six times halved it is known to a fiftieth.
 */
function fitOf(sheet: HTMLElement, height: number) {
  let [fits, tooLarge] = [Math.min(1, PAGE / height), LARGEST];
  const { width } = sheet.getBoundingClientRect();
  for (let tries = 0; tries < 6; tries++) {
    const size = (fits + tooLarge) / 2;
    sheet.style.width = `${width / size}px`;
    if (sheet.getBoundingClientRect().height * size <= PAGE) fits = size;
    else tooLarge = size;
  }
  sheet.style.width = '';
  return fits;
}

/**
 * A page for print, seen in print only. It is laid out unseen beside the screen, so that its fonts are there and its
 * height is known before anybody prints: what would not fit on the page is drawn smaller, what leaves room larger. Any
 * other page stays back while there is one that is printed alone.
 */
export function Sheet({ children, alone = false }: { children: ReactNode; alone?: boolean }) {
  const sheet = useRef<HTMLElement>(null);
  const [fit, setFit] = useState(1);
  useEffect(() => {
    if (!sheet.current) return;
    const watch = new ResizeObserver(([x]) => {
      if (x && !window.matchMedia('print').matches)
        setFit(fitOf(x.target as HTMLElement, x.contentRect.height));
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
