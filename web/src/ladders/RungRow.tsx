import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import { memo, useEffect, useRef, type MouseEvent } from 'react';
import type { RungView } from '../api/schema';
import { shortDay } from '../api/dates';
import { shown } from '../word/grapheme';

const WIDEST = 60;

interface Props {
  view: RungView;
  sectionId: string;
  chosen: boolean;
  picked: boolean;
  moving: boolean;
  clashes: string;
  /** The rungs that go along when this one is dragged. */
  carries: () => string[];
  onOpen: (id: string, event: MouseEvent) => void;
}

/** A rung of the ladder: dragged by any part of it, opened by a press. */
export const RungRow = memo(function RungRow(props: Props) {
  const { view, sectionId, chosen, picked, moving, clashes, carries, onOpen } = props;
  const { rung } = view;
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = row.current;
    if (!element) return;
    return combine(
      draggable({ element, getInitialData: () => ({ rungIds: carries() }) }),
      dropTargetForElements({ element, getData: () => ({ sectionId, rungId: rung.id }) }),
    );
  }, [carries, rung.id, sectionId]);
  const letters = rung.adds.some((x) => x.kind === 'correspondence' || x.kind === 'ending');
  const notes = [noteOf(view), clashes].filter((x) => x !== '').join(' · ');
  return (
    <div
      ref={row}
      className={`rung-row ${chosen ? 'chosen' : ''} ${picked ? 'picked' : ''} ${view.passed ? 'passed' : ''} ${moving ? 'moves' : ''}`}
      aria-current={chosen}
      data-rung={rung.id}
      onClick={(x) => onOpen(rung.id, x)}
    >
      <span>{view.number}</span>
      <span className={letters ? 'adds letters' : 'adds'}>
        <button
          type="button"
          aria-pressed={picked || undefined}
          onClick={(x) => (x.stopPropagation(), onOpen(rung.id, x))}
        >
          {shown(view.label)}
        </button>
      </span>
      <span className="examples">{view.examples.slice(0, 2).join(', ')}</span>
      <span className="figures">
        {view.examples.length > 0 || view.targets > 0 || view.everydayUnlocks > 0 ? (
          <>
            <span className="bar" aria-hidden="true">
              <span className="all" style={{ width: `${share(view.everydayUnlocks)}%` }} />
              <span className="own" style={{ width: `${share(view.targets)}%` }} />
            </span>
            <span className="number">{view.targets}</span>
          </>
        ) : null}
        <span className="note">{notes}</span>
      </span>
      <span className="date">{view.passed ? 'taught' : view.date ? shortDay(view.date) : ''}</span>
    </div>
  );
});

const share = (x: number) => Math.min(100, (100 * x) / WIDEST);

/** What a lead should notice about a rung, in a few words. */
export function noteOf(view: RungView): string {
  const notes: string[] = [];
  if (view.thin === 'byPlace') notes.push('thin by place');
  if (view.thin === 'byNature') notes.push('thin by nature');
  if (view.thin === 'opening') notes.push('too early for words');
  if (view.needs.length > 0) notes.push(`before what it needs: ${view.needs.join('; ')}`);
  for (const x of view.tricky) {
    notes.push(
      {
        staysTricky: `${x.word}: stays tricky`,
        already: `${x.word}: already decodable here`,
        later: `${x.word}: decodable at ${x.decodableAt}`,
      }[x.standing],
    );
  }
  return notes.join(' · ');
}
