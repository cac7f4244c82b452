import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';

/** Sentences for what the group is taught next: readable ones, some made by rule, and the school's own. */
export function useSentences(turn: number) {
  const { schoolId, groupId, asIf } = usePlace();
  return useQuery({
    queryKey: ['sentences', schoolId, groupId, asIf, turn],
    placeholderData: keepPreviousData,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/sentences', {
          params: { path: { schoolId, groupId }, query: { asIf, turn } },
        }),
      ),
  });
}

/** Keeps a sentence as the school's own. */
export function useKeepSentence() {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (text: string) =>
      need(
        api.POST('/api/schools/{schoolId}/own-sentences', { params: { path: { schoolId } }, body: { text } }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
}

/** Takes one of the school's own sentences out. */
export function useForgetSentence() {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (sentenceId: string) =>
      need(
        api.DELETE('/api/schools/{schoolId}/own-sentences/{sentenceId}', {
          params: { path: { schoolId, sentenceId } },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
}
