import { useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import type { Strip } from '../api/schema';
import { usePlace } from '../api/place';
import { shown } from '../word/grapheme';

/**
 * The whole ladder at the edge of every screen, bottom to top: rungs that are taught are filled,
 * and the taught line lies under the rung that is due. One rung at a time takes the tab key; arrows
 * move along the ladder. A ladder by which no group is taught has no line.
 */
export function LadderStrip({ strip, noGroup = false }: { strip?: Strip; noGroup?: boolean }) {
  const place = usePlace();
  const go = useNavigate();
  const list = useRef<HTMLDivElement>(null);
  const [named, setNamed] = useState<string>();
  if (!strip) return <div className="strip" />;
  const rungs = strip.sections.flatMap((x) => x.rungs);
  const due = rungs[Math.min(strip.line, rungs.length - 1)];
  const step = (event: KeyboardEvent) => {
    const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const buttons = [...(list.current?.querySelectorAll('button') ?? [])].reverse();
    const at = buttons.findIndex((x) => x === document.activeElement);
    buttons[Math.max(0, Math.min(buttons.length - 1, at + by))]?.focus();
  };
  const nameOf = rungs.find((x) => x.id === named);
  return (
    <nav className="strip" aria-label="The ladder" onKeyDown={step} ref={list}>
      {[...strip.sections].reverse().map((section) => (
        <div className="strip-section" key={section.name} style={{ flexGrow: section.rungs.length }}>
          <span className="strip-name">{section.name}</span>
          <div className="strip-rungs">
            {[...section.rungs].reverse().map((x) => (
              <div className="strip-slot" key={x.id}>
                <button
                  type="button"
                  className={x.filled ? 'strip-rung filled' : 'strip-rung'}
                  tabIndex={x.id === due?.id ? 0 : -1}
                  aria-label={`Rung ${x.number}, ${x.label}, ${x.filled ? 'taught' : 'not yet taught'}`}
                  onClick={() => void go(place.to(`ladder/${x.id}`))}
                  onMouseEnter={() => setNamed(x.id)}
                  onMouseLeave={() => setNamed(undefined)}
                  onFocus={() => setNamed(x.id)}
                  onBlur={() => setNamed(undefined)}
                />
                {x.number === strip.line && <Line number={strip.line + 1} end={strip.line >= rungs.length} />}
                {nameOf?.id === x.id && (
                  <span className="strip-tip" role="tooltip">
                    {x.number} <b>{shown(x.label)}</b>
                  </span>
                )}
              </div>
            ))}
          </div>
        </div>
      ))}
      {strip.line === 0 && !noGroup && <Line number={1} end={false} />}
      <span className="visually-hidden" role="status">
        {noGroup
          ? 'No group is taught by it yet.'
          : strip.line >= rungs.length
            ? 'The whole ladder is taught.'
            : `The taught line lies under rung ${strip.line + 1}.`}
      </span>
    </nav>
  );
}

function Line({ number, end }: { number: number; end: boolean }) {
  return (
    <span className="taught-line" aria-hidden="true">
      <span>{end ? 'top' : number}</span>
    </span>
  );
}
