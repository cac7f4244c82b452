import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import type { PlanProgressView } from '../api/schema';

/** What can be said of all lessons of the year, given and planned. */
export function useGuarantees() {
  const { schoolId, groupId } = usePlace();
  return useQuery({
    queryKey: ['guarantees', schoolId, groupId],
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/year/guarantees', {
          params: { path: { schoolId, groupId } },
        }),
      ),
  });
}

/** Plans every lesson of the year, a stretch at a time, so that progress is seen and it can be stopped. */
export function usePlanning() {
  const { schoolId, groupId } = usePlace();
  const queries = useQueryClient();
  const stopping = useRef<AbortController>(undefined);
  const [left, setLeft] = useState<number>();
  const plan = useMutation({
    mutationFn: async () => {
      stopping.current = new AbortController();
      const { signal } = stopping.current;
      let from: string | undefined;
      do {
        const now: PlanProgressView = await need(
          api.POST('/api/schools/{schoolId}/groups/{groupId}/year/lessons', {
            params: { path: { schoolId, groupId } },
            body: { from },
          }),
        );
        from = now.next ?? undefined;
        setLeft(now.left);
      } while (from !== undefined && !signal.aborted);
    },
    onSettled: () => {
      setLeft(undefined);
      return queries.invalidateQueries({ queryKey: ['guarantees', schoolId, groupId] });
    },
  });
  return {
    plan,
    /** School days that are still to be planned, while it goes on. */
    left,
    stop: () => stopping.current?.abort(),
  };
}
