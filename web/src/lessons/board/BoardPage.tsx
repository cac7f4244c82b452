import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { PART_NAMES } from '../../api/parts';
import { usePlace } from '../../api/place';
import type { LessonView } from '../../api/schema';
import { Failure, Waiting } from '../../shell/States';
import { useLesson } from '../useLesson';
import { Shown } from './Shown';
import { blockNumber, canMix, slidesOf } from './slides';

/** The lesson for the class: full screen, one thing at a time, nothing shown before its time. */
export function BoardPage() {
  const { day = 'today' } = useParams();
  const { query, lesson } = useLesson(day);
  if (query.error && !lesson) return <Failure sentence={query.error.message} />;
  if (!lesson) return <Waiting what="Opening the board" />;
  return <Board key={lesson.id ?? day} lesson={lesson} day={day} />;
}

const RELEASED = { none: '', adultShows: ', adult shows', together: ', together', alone: ', alone' };

function Board({ lesson, day }: { lesson: LessonView; day: string }) {
  const place = usePlace();
  const go = useNavigate();
  const [order, setOrder] = useState<ReadonlyMap<number, string[]>>(new Map());
  const [{ at, step }, setAt] = useState({ at: 0, step: 0 });
  const slides = useMemo(() => slidesOf(lesson, order), [lesson, order]);
  const slide = slides[at];
  const block = slide?.block;
  const inBlock = slides.flatMap((x, i) => (x.block === block ? [i] : []));

  const to = useCallback(
    (next: number) => setAt((now) => (slides[next] ? { at: next, step: 0 } : now)),
    [slides],
  );
  // The first thing of the next piece, or of this one, or of the one before.
  const onto = useCallback(
    (by: number) => {
      const next = slides.findIndex((x, i) => i > at && x.block !== block);
      const first = slides.findIndex((x) => x.block === block);
      const before = slides.slice(0, Math.max(0, first)).at(-1)?.block;
      to(by > 0 ? next : at > first ? first : slides.findIndex((x) => x.block === before));
    },
    [slides, at, block, to],
  );
  const uncover = useCallback(
    () => setAt((now) => ({ ...now, step: now.step < (slide?.steps ?? 0) ? now.step + 1 : 0 })),
    [slide],
  );
  const leave = useCallback(() => void go(place.to(`today/${day}`)), [go, place, day]);
  const mix = useCallback(() => {
    if (!slide?.block || !canMix(slide)) return;
    const ids = slides
      .filter((x) => x.block === slide.block)
      .flatMap((x) => x.items.slice(0, 1).map((i) => i.id));
    setOrder(new Map(order).set(blockNumber(lesson, slide.block), mixed(ids)));
    to(slides.findIndex((x) => x.block === slide.block));
  }, [slide, slides, order, lesson, to]);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const act = {
        ArrowRight: () => to(at + 1),
        ArrowLeft: () => to(at - 1),
        PageDown: () => to(at + 1),
        PageUp: () => to(at - 1),
        ArrowDown: () => onto(1),
        ArrowUp: () => onto(-1),
        ' ': uncover,
        m: mix,
        Escape: leave,
      }[event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  if (!slide) return null;
  const left = slides.length - 1 - at;
  return (
    <main className="board">
      <h1 className="visually-hidden">{lesson.group} on the board</h1>
      <section className="board-shown" aria-live="polite" onClick={uncover}>
        {block ? (
          <Shown slide={slide} step={step} />
        ) : (
          <>
            <p className="board-group">{lesson.group}</p>
            <p className="board-point">{lesson.point.join(' ')}</p>
          </>
        )}
      </section>
      <footer className="board-foot">
        <span>
          {slide.part ? `${PART_NAMES[slide.part]}: ${block?.name ?? ''}` : 'Today'}
          {RELEASED[slide.items[0]?.release ?? 'none']}
        </span>
        <span
          className="board-pips"
          role="img"
          aria-label={`${left} to come, ${inBlock.length} in this piece`}
        >
          {inBlock.map((x) => (
            <i key={x} className={x < at ? 'was' : x === at ? 'now' : undefined} />
          ))}
        </span>
        <span className="board-keys">
          <button type="button" onClick={() => to(at - 1)} disabled={at === 0} aria-label="Back">
            ←
          </button>
          <button type="button" onClick={() => to(at + 1)} disabled={left === 0} aria-label="Next">
            →
          </button>
          <button type="button" onClick={() => onto(1)} aria-label="Next piece">
            ↓
          </button>
          {slide.steps > 0 && (
            <button type="button" onClick={uncover}>
              space: {step === 0 ? 'show' : step < slide.steps ? 'more' : 'hide'}
            </button>
          )}
          {canMix(slide) && (
            <button type="button" onClick={mix}>
              m: mix
            </button>
          )}
          <button type="button" onClick={leave}>
            esc: leave
          </button>
        </span>
      </footer>
    </main>
  );
}

/** The same things in another order, by chance. */
function mixed<T>(items: T[]): T[] {
  const left = [...items];
  const out: T[] = [];
  while (left.length > 0) out.push(...left.splice(Math.floor(Math.random() * left.length), 1));
  return out;
}
