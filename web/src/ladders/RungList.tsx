import { autoScroll } from './autoScroll';
import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import { useEffect, useMemo, useRef, type MouseEvent, type RefObject } from 'react';
import type { LadderView, SectionView } from '../api/schema';
import { destinationOf, moved, onMoving, useMovingIds } from './moving';
import { RungRow } from './RungRow';

interface Props {
  ladder: LadderView;
  rungId: string | undefined;
  picked: ReadonlySet<string>;
  carriesOf: (id: string) => () => string[];
  onOpen: (id: string, event: MouseEvent) => void;
  sectionId: string | undefined;
  onSection: (id: string) => void;
  list: RefObject<HTMLDivElement | null>;
}

/** All rungs, from the top down, in their sections, with the line that the group stands at. */
export function RungList({ ladder, rungId, picked, carriesOf, onOpen, sectionId, onSection, list }: Props) {
  const moving = useMovingIds();
  const clashes = useMemo(() => clashesOf(ladder), [ladder]);
  useEffect(() => (list.current ? autoScroll(list.current) : undefined), [list]);
  return (
    <div className={moving ? 'rungs held' : 'rungs'} ref={list}>
      <div className="rung-row rung-head" aria-hidden="true">
        <span>rung</span>
        <span>adds</span>
        <span>for example</span>
        <span>words that can carry it; all it unlocks, grey</span>
        <span>first day</span>
      </div>
      {[...ladder.sections].reverse().map((section) => (
        <section className="rung-section" key={section.id} aria-label={section.name}>
          <SectionHead section={section} chosen={section.id === sectionId} onSection={onSection} />
          {[...section.rungs].reverse().map((x) => (
            <div key={x.rung.id}>
              {x.number === ladder.strip.line && <LineRow />}
              <RungRow
                view={x}
                sectionId={section.id}
                chosen={x.rung.id === rungId}
                picked={picked.has(x.rung.id)}
                moving={moving?.includes(x.rung.id) ?? false}
                clashes={clashes.get(x.rung.id) ?? ''}
                carries={carriesOf(x.rung.id)}
                onOpen={onOpen}
              />
            </div>
          ))}
        </section>
      ))}
      {ladder.strip.line === 0 && <LineRow />}
      <DropLine list={list} ladder={ladder} />
    </div>
  );
}

interface HeadProps {
  section: SectionView;
  chosen: boolean;
  onSection: (id: string) => void;
}

/** A section's name: pressed to change it, dragged to move it with all its rungs. */
function SectionHead({ section, chosen, onSection }: HeadProps) {
  const head = useRef<HTMLHeadingElement>(null);
  const rungs = section.rungs.map((x) => x.rung.id).join(' ');
  useEffect(() => {
    const element = head.current;
    if (!element) return;
    return combine(
      draggable({
        element,
        canDrag: () => rungs !== '',
        getInitialData: () => ({ rungIds: rungs.split(' '), section: section.id }),
      }),
      dropTargetForElements({ element, getData: () => ({ sectionId: section.id }) }),
    );
  }, [section.id, rungs]);
  return (
    <h2 ref={head} className={chosen ? 'chosen' : undefined}>
      <button type="button" aria-pressed={chosen} onClick={() => onSection(section.id)}>
        {section.name}
      </button>{' '}
      <span>
        up to {section.shape.boxes} sounds, {together(section.shape.together)},{' '}
        {syllables(section.shape.syllables)}
      </span>
    </h2>
  );
}

/**
 * Where what moves would be put: a line between two rungs, with the number it would have. Placed outside of what is
 * drawn again: it follows a hand on a slow machine, and where rows stand is read before anything is changed.
 */
function DropLine({ list, ladder }: { list: RefObject<HTMLDivElement | null>; ladder: LadderView }) {
  const line = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const place = () => {
      const [box, drawn, moving] = [list.current, line.current, moved()];
      const to = destinationOf(moving);
      if (!box || !drawn) return;
      if (!to || !moving) {
        drawn.hidden = true;
        return;
      }
      const section = ladder.sections.find((x) => x.id === to.sectionId);
      const staying = section?.rungs.filter((x) => !moving.ids.includes(x.rung.id)) ?? [];
      const below = staying[to.at - 1]?.rung.id;
      const above = staying[to.at]?.rung.id;
      const at = box.getBoundingClientRect().top - box.scrollTop;
      const edge = below
        ? box.querySelector(`[data-rung="${below}"]`)?.getBoundingClientRect().top
        : box.querySelector(`[data-rung="${above ?? ''}"]`)?.getBoundingClientRect().bottom;
      drawn.hidden = false;
      drawn.dataset.number = String(to.number);
      drawn.style.transform = `translateY(${(edge ?? at) - at}px)`;
      if (moving.by === 'keys') drawn.scrollIntoView({ block: 'center' });
    };
    place();
    return onMoving(place);
  }, [list, ladder]);
  return <div className="drop-line" ref={line} hidden aria-hidden="true" />;
}

const together = (x: number) =>
  x === 1 ? 'no consonants together' : `${x === 2 ? 'two' : 'three'} consonants together`;
const syllables = (x: number) => (x === 1 ? 'one syllable' : `${x} syllables`);

function LineRow() {
  return (
    <div className="line-row">
      <span>taught below this line</span>
    </div>
  );
}

/** For each rung what on it is too close to something else. */
function clashesOf(ladder: LadderView) {
  const notes = new Map<string, string>();
  const add = (id: string, note: string) =>
    notes.set(id, notes.has(id) ? `${notes.get(id) ?? ''}, ${note}` : note);
  for (const x of ladder.clashes) {
    add(x.laterId, `${x.other} close to ${x.one}`);
  }
  return notes;
}
