import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';

/** A word as the group meets it, now or on a day to come: its split, its verdict, and from when it can be read. */
export function useWord(word: string | undefined, day?: string) {
  const { schoolId, groupId, asIf } = usePlace();
  return useQuery({
    queryKey: ['word', schoolId, groupId, asIf, day, word?.toLowerCase()],
    enabled: word !== undefined && word !== '',
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/words/{spelling}', {
          params: { path: { schoolId, groupId, spelling: word ?? '' }, query: { asIf, day } },
        }),
      ),
  });
}

/** Corrects a word's split for the school in an accent, or goes back to the common one. */
export function useSplit(word: string, accent: string) {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (split: string | undefined) => {
      const params = { path: { schoolId, spelling: word }, query: { accent } };
      return split === undefined
        ? need(api.DELETE('/api/schools/{schoolId}/words/{spelling}/split', { params }))
        : need(api.PUT('/api/schools/{schoolId}/words/{spelling}/split', { params, body: { split } }));
    },
    onSuccess: () => queries.invalidateQueries(),
  });
}
