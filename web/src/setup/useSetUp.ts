import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../api/client';
import type {
  GroupRequest,
  LadderSummary,
  NewGroupRequest,
  NewLadderRequest,
  SchoolRequest,
  YearRequest,
} from '../api/schema';

/** All that Set-up reads and changes of one school; after each change everything is read again. */
export function useSetUp(schoolId: string) {
  const queries = useQueryClient();
  const params = { path: { schoolId } };
  const all = { onSuccess: () => queries.invalidateQueries() };
  const ladders = useQuery({
    queryKey: ['ladders', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/ladders', { params })),
  });
  const groups = useQuery({
    queryKey: ['groups', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/groups', { params })),
  });
  const year = useQuery({
    queryKey: ['year', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/year', { params })),
  });
  const saveSchool = useMutation({
    ...all,
    mutationFn: (body: SchoolRequest) => need(api.PUT('/api/schools/{schoolId}', { params, body })),
  });
  const eraseSchool = useMutation({
    // Nothing of the school can be asked for any more: only the list of schools is read again.
    onSuccess: () => queries.invalidateQueries({ queryKey: ['schools'] }),
    mutationFn: (name: string) =>
      need(api.DELETE('/api/schools/{schoolId}', { params: { ...params, query: { name } } })),
  });
  const addLadder = useMutation({
    ...all,
    mutationFn: (body: NewLadderRequest) =>
      need(api.POST('/api/schools/{schoolId}/ladders', { params, body })),
  });
  const replaceDraft = useMutation({
    ...all,
    mutationFn: ({ to, ...body }: { to: LadderSummary } & NewLadderRequest) =>
      need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/draft', {
          params: { path: { schoolId, ladderId: to.id } },
          body,
        }),
      ).then(() => to),
  });
  const takeBackLadder = useMutation({
    ...all,
    mutationFn: (ladderId: string) =>
      need(
        api.DELETE('/api/schools/{schoolId}/ladders/{ladderId}', {
          params: { path: { schoolId, ladderId } },
        }),
      ),
  });
  const addGroup = useMutation({
    ...all,
    mutationFn: (body: NewGroupRequest) => need(api.POST('/api/schools/{schoolId}/groups', { params, body })),
  });
  const saveGroup = useMutation({
    ...all,
    mutationFn: ({ id, ...body }: GroupRequest & { id: string }) =>
      need(
        api.PUT('/api/schools/{schoolId}/groups/{groupId}', {
          params: { path: { schoolId, groupId: id } },
          body,
        }),
      ),
  });
  const saveYear = useMutation({
    ...all,
    mutationFn: (body: YearRequest) => need(api.PUT('/api/schools/{schoolId}/year', { params, body })),
  });
  return {
    ladders,
    groups,
    year,
    saveSchool,
    eraseSchool,
    addLadder,
    replaceDraft,
    takeBackLadder,
    addGroup,
    saveGroup,
    saveYear,
  };
}

export type SetUp = ReturnType<typeof useSetUp>;
