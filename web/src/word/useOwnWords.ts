import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { OwnWordRequest } from '../api/schema';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';

/** The words that the school added, and those whose split it put right. */
export function useOwnWords() {
  const { schoolId } = usePlace();
  return useQuery({
    queryKey: ['own-words', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/own-words', { params: { path: { schoolId } } })),
  });
}

/** Adds a word to the school's own in an accent, or changes it. */
export function useOwnWord(word: string, accent: string) {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: OwnWordRequest) =>
      need(
        api.PUT('/api/schools/{schoolId}/own-words/{spelling}', {
          params: { path: { schoolId, spelling: word }, query: { accent } },
          body,
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
}

/** Takes a CSV file in place of all the school's own words. */
export function useOwnWordsFile() {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (file: File) => {
      const csv = await file.text();
      return need(
        api.PUT('/api/schools/{schoolId}/own-words.csv', { params: { path: { schoolId } }, body: { csv } }),
      );
    },
    onSuccess: () => queries.invalidateQueries(),
  });
}
