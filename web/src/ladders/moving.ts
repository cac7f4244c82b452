import { startTransition, useEffect, useState, useSyncExternalStore } from 'react';
import type { ConsequencesView, DestinationView, LadderView } from '../api/schema';

/** Rungs that are being moved, before they are put down: where they would go, and what that would change. */
export interface Moving {
  ids: string[];
  by: 'hand' | 'keys';
  /** The section that they are all of, when it moves as a whole: it goes between others, not into them. */
  section?: string;
  all?: ConsequencesView;
  /** Which of the destinations is meant; none while it is not known. */
  at?: number;
}

/**
 * What moves stands outside the page's state: while a hand moves over two hundred rungs, only the column that tells the
 * consequences is drawn again.
 */
let moving: Moving | undefined;
const listeners = new Set<() => void>();

export const moved = () => moving;

export function setMoving(next: Moving | undefined) {
  moving = next;
  listeners.forEach((x) => x());
}

/** Tells whoever listens that something was taken up, carried on or put down, until what this gives is called. */
export function onMoving(listener: () => void) {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** What moves, a moment after it: what is drawn with it waits until nothing more urgent is left. */
export function useMovingLater() {
  const [shown, setShown] = useState(moving);
  useEffect(() => {
    const show = () => startTransition(() => setShown(moving));
    show();
    return onMoving(show);
  }, []);
  return shown;
}

/** Which rungs move, and no more: does not change with every place that is passed. */
export const useMovingIds = () => useSyncExternalStore(onMoving, () => moving?.ids);

export const destinationOf = (x: Moving | undefined): DestinationView | undefined =>
  x?.all && x.at !== undefined ? x.all.destinations[x.at] : undefined;

/** What is under the hand: a rung, in its upper half or its lower, or the name of a section. */
export interface Over {
  sectionId: string;
  rungId?: string;
  above: boolean;
}

/** A place in a section, counted without the rungs that move. */
export interface Spot {
  sectionId: string;
  at: number;
}

/** Where the rungs stand now: the place whose taking changes nothing. */
export function spotNow(ladder: LadderView, ids: string[]): Spot {
  const section = ladder.sections.find((x) => x.rungs.some((r) => r.rung.id === ids[0]));
  const before = section?.rungs.slice(
    0,
    section.rungs.findIndex((r) => r.rung.id === ids[0]),
  );
  return {
    sectionId: section?.id ?? '',
    at: before?.filter((x) => !ids.includes(x.rung.id)).length ?? 0,
  };
}

/** The spot above or below a rung, or at the end of a section. */
export function spotBeside(ladder: LadderView, ids: string[], over: Over): Spot | undefined {
  const section = ladder.sections.find((x) => x.id === over.sectionId);
  if (!section) return undefined;
  const staying = section.rungs.filter((x) => !ids.includes(x.rung.id));
  const index = section.rungs.findIndex((x) => x.rung.id === over.rungId);
  const below = section.rungs.slice(0, Math.max(0, index)).filter((x) => !ids.includes(x.rung.id)).length;
  const at =
    over.rungId === undefined ? staying.length : below + (over.above && !ids.includes(over.rungId) ? 1 : 0);
  return { sectionId: section.id, at };
}

/** The number of a spot among the destinations; -1 where it is none. */
export const numberOf = (all: ConsequencesView, spot: Spot) =>
  all.destinations.findIndex((x) => x.sectionId === spot.sectionId && x.at === spot.at);

/** Where a section that moves can go, among the destinations of its rungs: one for each place between the others. */
export function placesOf(ladder: LadderView, { ids, all, section }: Moving): number[] {
  if (!all || !section) return [];
  const others = ladder.sections.filter((x) => x.id !== section);
  const now = ladder.sections.findIndex((x) => x.id === section);
  return Array.from({ length: others.length + 1 }, (_, at) => {
    const below = others[at - 1];
    return numberOf(
      all,
      at === now
        ? spotNow(ladder, ids)
        : below
          ? { sectionId: below.id, at: below.rungs.length }
          : { sectionId: others[0]?.id ?? '', at: 0 },
    );
  });
}

/** The place that a section takes when it is carried over another: past it. */
export function placeOver(ladder: LadderView, section: string, over: string): number {
  const now = ladder.sections.findIndex((x) => x.id === section);
  return ladder.sections.findIndex((x) => x.id === over && x.id !== section) < 0
    ? now
    : ladder.sections.findIndex((x) => x.id === over);
}
