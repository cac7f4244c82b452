import { monitorForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import type { DragLocationHistory } from '@atlaskit/pragmatic-drag-and-drop/types';
import { useEffect, useRef } from 'react';
import { api, need } from '../api/client';
import type { LadderView } from '../api/schema';
import { usePlace } from '../api/place';
import { destinationOf, moved, placeBeside, placeNow, setMoving, type Moving } from './moving';
import type { useLadder } from './useLadder';

interface Over {
  sectionId: string;
  rungId?: string;
}

/** Takes rungs up, by hand or by keys, asks once for all that could come of it, and puts them down. */
export function useMove(
  ladder: LadderView | undefined,
  edit: ReturnType<typeof useLadder>['edit'],
  onPut: () => void,
) {
  const { schoolId, group: groupId } = usePlace();
  // Where the hand is, for when the answer comes after it.
  const last = useRef<(Over & { above: boolean }) | undefined>(undefined);
  const take = (ids: string[], by: Moving['by']) => {
    if (!ladder || ids.length === 0) return;
    const inOrder = ladder.sections
      .flatMap((x) => x.rungs)
      .map((x) => x.rung.id)
      .filter((x) => ids.includes(x));
    last.current = undefined;
    setMoving({ ids: inOrder, by });
    void need(
      api.POST('/api/schools/{schoolId}/ladders/{ladderId}/consequences', {
        params: { path: { schoolId, ladderId: ladder.id }, query: { groupId } },
        body: { revision: ladder.revision, rungIds: inOrder },
      }),
    ).then(
      (all) => {
        const now = moved();
        if (now?.ids !== inOrder) return;
        const held = last.current && placeBeside(ladder, { ...now, all }, last.current);
        setMoving({ ...now, all, at: held ?? placeNow(ladder, inOrder, all) });
      },
      () => setMoving(undefined),
    );
  };
  const put = () => {
    const now = moved();
    const to = destinationOf(now);
    setMoving(undefined);
    if (!now || !to || !ladder || !now.all || now.at === placeNow(ladder, now.ids, now.all)) return;
    edit.mutate(
      { kind: 'moveAll', rungIds: now.ids, sectionId: to.sectionId, at: to.at },
      { onSuccess: onPut },
    );
  };
  const go = (to: number) => {
    const now = moved();
    if (now?.all) setMoving({ ...now, at: Math.max(0, Math.min(now.all.destinations.length - 1, to)) });
  };
  const step = (by: number) => {
    const now = moved();
    if (now?.at !== undefined) go(now.at + by);
  };
  const over = (where: Over, above: boolean) => {
    const now = moved();
    last.current = { ...where, above };
    if (!now || !ladder) return;
    const at = placeBeside(ladder, now, { ...where, above });
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
      now.current.over(target.data as unknown as Over, current.input.clientY < box.top + box.height / 2);
    };
    return monitorForElements({
      canMonitor: ({ source }) => Array.isArray(source.data.rungIds),
      onDragStart: ({ source }) => now.current.take(source.data.rungIds as string[], 'hand'),
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
