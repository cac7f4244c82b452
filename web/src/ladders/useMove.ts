import { monitorForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import type { DragLocationHistory } from '@atlaskit/pragmatic-drag-and-drop/types';
import { useEffect, useRef } from 'react';
import { api, need } from '../api/client';
import type { LadderView } from '../api/schema';
import { usePlace } from '../api/place';
import {
  destinationOf,
  moved,
  numberOf,
  placeOver,
  placesOf,
  setMoving,
  spotBeside,
  spotNow,
  type Moving,
  type Over,
} from './moving';
import type { useLadder } from './useLadder';

/** The destination meant by what is under the hand. */
function placeAt(ladder: LadderView, moving: Moving, over: Over): number | undefined {
  if (!moving.all) return undefined;
  if (moving.section) return placesOf(ladder, moving)[placeOver(ladder, moving.section, over.sectionId)];
  const spot = spotBeside(ladder, moving.ids, over);
  const found = spot ? numberOf(moving.all, spot) : -1;
  return found < 0 ? undefined : found;
}

/** Takes rungs up, by hand or by keys, asks once for all that could come of it, and puts them down. */
export function useMove(
  ladder: LadderView | undefined,
  edit: ReturnType<typeof useLadder>['edit'],
  onPut: () => void,
) {
  const { schoolId, group: groupId } = usePlace();
  // Where the hand is, for when the answer comes after it.
  const last = useRef<Over | undefined>(undefined);
  // What was asked of a move that has been made since is not asked any more: the ladder is another.
  const asked = useRef<AbortController | undefined>(undefined);
  const take = (ids: string[], by: Moving['by'], section?: string) => {
    if (!ladder || ids.length === 0) return;
    const inOrder = ladder.sections
      .flatMap((x) => x.rungs)
      .map((x) => x.rung.id)
      .filter((x) => ids.includes(x));
    last.current = undefined;
    setMoving({ ids: inOrder, by, section });
    asked.current?.abort();
    const question = (asked.current = new AbortController());
    void need(
      api.POST('/api/schools/{schoolId}/ladders/{ladderId}/consequences', {
        params: { path: { schoolId, ladderId: ladder.id }, query: { groupId } },
        body: { revision: ladder.revision, rungIds: inOrder },
        signal: question.signal,
      }),
    ).then(
      (all) => {
        const now = moved();
        if (now?.ids !== inOrder) return;
        const held = last.current && placeAt(ladder, { ...now, all }, last.current);
        setMoving({ ...now, all, at: held ?? numberOf(all, spotNow(ladder, inOrder)) });
      },
      () => question.signal.aborted || setMoving(undefined),
    );
  };
  // A quick hand puts it down before what would change has been counted: where it is meant to go is known without that.
  const put = () => {
    const now = moved();
    asked.current?.abort();
    setMoving(undefined);
    if (!now || !ladder) return;
    const [to, over] = [destinationOf(now), last.current];
    if (now.section) {
      const stands = ladder.sections.findIndex((x) => x.id === now.section);
      const at = to
        ? placesOf(ladder, now).indexOf(now.at ?? -1)
        : over
          ? placeOver(ladder, now.section, over.sectionId)
          : stands;
      if (at >= 0 && at !== stands)
        edit.mutate({ kind: 'moveSection', sectionId: now.section, at }, { onSuccess: onPut });
      return;
    }
    const spot = to ?? (over && spotBeside(ladder, now.ids, over));
    const stands = spotNow(ladder, now.ids);
    if (!spot || (spot.sectionId === stands.sectionId && spot.at === stands.at)) return;
    edit.mutate(
      { kind: 'moveAll', rungIds: now.ids, sectionId: spot.sectionId, at: spot.at },
      { onSuccess: onPut },
    );
  };
  const go = (to: number) => {
    const now = moved();
    if (now?.all) setMoving({ ...now, at: Math.max(0, Math.min(now.all.destinations.length - 1, to)) });
  };
  const step = (by: number) => {
    const now = moved();
    if (now?.at === undefined) return;
    if (!now.section || !ladder) return go(now.at + by);
    const places = placesOf(ladder, now);
    const next = places[Math.max(0, Math.min(places.length - 1, places.indexOf(now.at) + by))];
    if (next !== undefined) go(next);
  };
  const over = (where: Omit<Over, 'above'>, above: boolean) => {
    const now = moved();
    last.current = { ...where, above };
    if (!now || !ladder) return;
    const at = placeAt(ladder, now, { ...where, above });
    if (at !== undefined && at !== now.at) setMoving({ ...now, at });
  };

  const now = useRef({ take, put, over });
  useEffect(() => {
    now.current = { take, put, over };
  });
  useEffect(() => {
    const carried = ({ current }: DragLocationHistory) => {
      const target = current.dropTargets[0];
      if (!target) return;
      const box = target.element.getBoundingClientRect();
      now.current.over(
        target.data as unknown as Omit<Over, 'above'>,
        current.input.clientY < box.top + box.height / 2,
      );
    };
    return monitorForElements({
      canMonitor: ({ source }) => Array.isArray(source.data.rungIds),
      onDragStart: ({ source }) =>
        now.current.take(source.data.rungIds as string[], 'hand', source.data.section as string | undefined),
      onDrag: ({ location }) => carried(location),
      onDropTargetChange: ({ location }) => carried(location),
      onDrop: ({ location }) => {
        carried(location);
        if (location.current.dropTargets.length > 0) now.current.put();
        else setMoving(undefined);
      },
    });
  }, []);
  useEffect(() => () => setMoving(undefined), []);
  return { take, put, go, step, over };
}
