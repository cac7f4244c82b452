import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, Problem } from '../api/client';
import type { LadderEditDocument, LadderView } from '../api/schema';
import { usePlace } from '../api/place';
import { useSchool } from '../api/useSchool';

/** The ladder that is looked at by itself, or that the group is taught by. */
function useLadderId() {
  const { schoolId, groupId, ladderId } = usePlace();
  const ofGroup = useSchool(schoolId).data?.groups.find((x) => x.id === groupId)?.ladderId;
  return ladderId ?? ofGroup;
}

/** The draft of the ladder with its figures, and the edits on it; every answer is the ladder as it now stands. */
export function useLadder() {
  const { schoolId, group: groupId, asIf } = usePlace();
  const queries = useQueryClient();
  const ladderId = useLadderId();
  const key = ['ladder', schoolId, groupId ?? ladderId, asIf];
  const params = { path: { schoolId, ladderId: ladderId ?? '' }, query: { groupId } };
  const query = useQuery({
    queryKey: key,
    enabled: ladderId !== undefined,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/ladders/{ladderId}', {
          params: { ...params, query: { groupId, asIf } },
        }),
      ),
  });
  // Read when the edit is sent, not when it is asked for: what was done just before it may still be on its way.
  const now = () => queries.getQueryData<LadderView>(key);
  const revision = () => now()?.revision ?? 0;
  const keep = {
    // One after the other, so that a key pressed three times moves a rung three times.
    scope: { id: `ladder ${ladderId ?? ''}` },
    onSuccess: async (view: LadderView) => {
      queries.setQueryData(key, view);
      // A rung is kept by the ladder's revision, so that one that was removed is not asked for again.
      await queries.invalidateQueries({
        predicate: (x) => x.queryKey[0] !== 'ladder' && x.queryKey[0] !== 'rung',
      });
    },
    onError: (problem: Error) => {
      if (problem instanceof Problem && problem.status === 409 && problem.current) {
        queries.setQueryData(key, problem.current);
      }
    },
  };
  const edit = useMutation({
    ...keep,
    mutationFn: (x: LadderEditDocument) =>
      need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/edits', {
          params,
          body: { revision: revision(), edit: x },
        }),
      ),
  });
  const undo = useMutation({
    ...keep,
    mutationFn: async () => {
      const ladder = now();
      if (ladder && !ladder.undo) return ladder;
      return need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/undo', {
          params,
          body: { revision: revision() },
        }),
      );
    },
  });
  const redo = useMutation({
    ...keep,
    mutationFn: async () => {
      const ladder = now();
      if (ladder && !ladder.redo) return ladder;
      return need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/redo', {
          params,
          body: { revision: revision() },
        }),
      );
    },
  });
  const goBack = useMutation({
    ...keep,
    mutationFn: (number: number) =>
      need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/revisions/{number}/return', {
          params: { path: { ...params.path, number }, query: params.query },
          body: { revision: revision() },
        }),
      ),
  });
  const publish = useMutation({
    ...keep,
    // What is to follow is told with the answer, and not when all that hangs on it was asked for again: by then the
    // person may be somewhere else.
    mutationFn: async (whenFollowed: () => void) => {
      const view = await need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/publish', {
          params,
          body: { revision: revision() },
        }),
      );
      whenFollowed();
      return view;
    },
  });
  return { query, ladder: query.data, ladderId, edit, undo, redo, goBack, publish };
}

/** A rung with the words behind its figures. */
export function useRung(rungId: string | undefined, revision: number) {
  const { schoolId, group: groupId, asIf } = usePlace();
  const ladderId = useLadderId();
  return useQuery({
    queryKey: ['rung', schoolId, groupId ?? ladderId, asIf, rungId, revision],
    enabled: rungId !== undefined && ladderId !== undefined,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/ladders/{ladderId}/rungs/{rungId}', {
          params: {
            path: { schoolId, ladderId: ladderId ?? '', rungId: rungId ?? '' },
            query: { groupId, asIf },
          },
        }),
      ),
  });
}
