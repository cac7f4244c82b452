import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, Problem } from '../api/client';
import { usePlace } from '../api/place';
import type { GroupYearView, Milestone, PlanStepRequest } from '../api/schema';
import { useSchool } from '../api/useSchool';

/** A group's year, and what can be done to its plan; every answer is the year as it now stands. */
export function useYear() {
  const { schoolId, groupId } = usePlace();
  const queries = useQueryClient();
  const key = ['group-year', schoolId, groupId];
  const path = { schoolId, groupId };
  const query = useQuery({
    queryKey: key,
    queryFn: () => need(api.GET('/api/schools/{schoolId}/groups/{groupId}/year', { params: { path } })),
  });
  const revision = () => queries.getQueryData<GroupYearView>(key)?.revision ?? 0;
  const keep = {
    scope: { id: `year ${groupId}` },
    onSuccess: async (view: GroupYearView) => {
      queries.setQueryData(key, view);
      await queries.invalidateQueries({ predicate: (x) => x.queryKey[0] !== 'group-year' });
    },
    onError: (problem: Error) => {
      if (problem instanceof Problem && problem.status === 409 && problem.current) {
        queries.setQueryData(key, problem.current);
      }
    },
  };
  const step = useMutation({
    ...keep,
    mutationFn: (x: Omit<PlanStepRequest, 'revision'>) =>
      need(
        api.POST('/api/schools/{schoolId}/groups/{groupId}/year/steps', {
          params: { path },
          body: { ...x, revision: revision() },
        }),
      ),
  });
  const undo = useMutation({
    ...keep,
    mutationFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/groups/{groupId}/year/undo', {
          params: { path },
          body: { revision: revision() },
        }),
      ),
  });
  const milestones = useMutation({
    ...keep,
    mutationFn: (x: Milestone[]) =>
      need(
        api.PUT('/api/schools/{schoolId}/groups/{groupId}/year/milestones', {
          params: { path },
          body: { milestones: x, revision: revision() },
        }),
      ),
  });
  const feed = useMutation({
    ...keep,
    mutationFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/groups/{groupId}/year/feed', {
          params: { path },
          body: { revision: revision() },
        }),
      ),
  });
  return { query, year: query.data, step, undo, milestones, feed };
}

/** The ways to make up for lost days. */
export function useRecovery(days: number, revision: number | undefined) {
  const { schoolId, groupId } = usePlace();
  return useQuery({
    queryKey: ['recovery', schoolId, groupId, days, revision],
    enabled: days > 0,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/year/recovery', {
          params: { path: { schoolId, groupId }, query: { days } },
        }),
      ),
  });
}

/** The years of all groups of the school. */
export function useAllYears() {
  const { schoolId } = usePlace();
  const groups = (useSchool(schoolId).data?.groups ?? []).filter((x) => !x.archived);
  return useQueries({
    queries: groups.map((x) => ({
      queryKey: ['group-year', schoolId, x.id],
      queryFn: () =>
        need(
          api.GET('/api/schools/{schoolId}/groups/{groupId}/year', {
            params: { path: { schoolId, groupId: x.id } },
          }),
        ),
    })),
    combine: (all) => all.flatMap((x) => (x.data ? [x.data] : [])),
  });
}

/**
 * Closes days for the whole school: one more closure in its year. What is to follow is told here and not where
 * it was pressed: the day's own column is gone as soon as the year is read again.
 */
export function useSchoolClosure(onClosed: () => void) {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  const params = { path: { schoolId } };
  return useMutation({
    mutationFn: async (closure: { first: string; last: string; reason: string }) => {
      const year = await need(api.GET('/api/schools/{schoolId}/year', { params }));
      return need(
        api.PUT('/api/schools/{schoolId}/year', {
          params,
          body: {
            revision: year.revision,
            terms: year.terms,
            pattern: year.pattern,
            events: year.events,
            closures: [...year.closures, closure],
          },
        }),
      );
    },
    onSuccess: () => {
      onClosed();
      return queries.invalidateQueries();
    },
  });
}
