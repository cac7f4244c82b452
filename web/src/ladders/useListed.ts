import { useQuery } from '@tanstack/react-query';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';

/** What a rung can add that is chosen from a list: shapes of word, punctuation marks, capitals. */
export function useListed() {
  const { schoolId } = usePlace();
  const query = useQuery({
    queryKey: ['listed-parts', schoolId],
    staleTime: Infinity,
    queryFn: () => need(api.GET('/api/schools/{schoolId}/parts/listed', { params: { path: { schoolId } } })),
  });
  return query.data ?? [];
}
