import { useSyncExternalStore } from 'react';
import type { ConsequencesView, DestinationView, LadderView } from '../api/schema';

/** Rungs that are being moved, before they are put down: where they would go, and what that would change. */
export interface Moving {
  ids: string[];
  by: 'hand' | 'keys';
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

export const useMoving = () =>
  useSyncExternalStore(
    (x) => {
      listeners.add(x);
      return () => listeners.delete(x);
    },
    () => moving,
  );

/** Which rungs move, and no more: does not change with every place that is passed. */
export const useMovingIds = () =>
  useSyncExternalStore(
    (x) => {
      listeners.add(x);
      return () => listeners.delete(x);
    },
    () => moving?.ids,
  );

export const destinationOf = (x: Moving | undefined): DestinationView | undefined =>
  x?.all && x.at !== undefined ? x.all.destinations[x.at] : undefined;

/** Where the rungs stand now: the place whose taking changes nothing. */
export function placeNow(ladder: LadderView, ids: string[], all: ConsequencesView): number {
  const section = ladder.sections.find((x) => x.rungs.some((r) => r.rung.id === ids[0]));
  const before = section?.rungs.slice(
    0,
    section.rungs.findIndex((r) => r.rung.id === ids[0]),
  );
  const at = before?.filter((x) => !ids.includes(x.rung.id)).length ?? 0;
  return all.destinations.findIndex((x) => x.sectionId === section?.id && x.at === at);
}

/** The place above or below a rung, or at the end of a section. */
export function placeBeside(
  ladder: LadderView,
  { ids, all }: Moving,
  over: { sectionId: string; rungId?: string; above: boolean },
): number | undefined {
  const section = ladder.sections.find((x) => x.id === over.sectionId);
  if (!section || !all) return undefined;
  const staying = section.rungs.filter((x) => !ids.includes(x.rung.id));
  const index = section.rungs.findIndex((x) => x.rung.id === over.rungId);
  const below = section.rungs.slice(0, Math.max(0, index)).filter((x) => !ids.includes(x.rung.id)).length;
  const at =
    over.rungId === undefined ? staying.length : below + (over.above && !ids.includes(over.rungId) ? 1 : 0);
  const found = all.destinations.findIndex((x) => x.sectionId === over.sectionId && x.at === at);
  return found < 0 ? undefined : found;
}
