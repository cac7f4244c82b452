import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import type { WishDocument } from '../api/schema';

/** What is asked of a ladder's order: kept with it, so that it is there the next time. */
export function useWishes(ladderId: string) {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  const key = ['wishes', schoolId, ladderId];
  const params = { path: { schoolId, ladderId } };
  const query = useQuery({
    queryKey: key,
    queryFn: () => need(api.GET('/api/schools/{schoolId}/ladders/{ladderId}/wishes', { params })),
  });
  const keep = useMutation({
    mutationFn: (wishes: WishDocument[]) =>
      need(api.PUT('/api/schools/{schoolId}/ladders/{ladderId}/wishes', { params, body: { wishes } })),
    // It is shown at once, and as it stands when it could not be kept.
    onMutate: (wishes) => queries.setQueryData(key, { wishes }),
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  return { wishes: query.data?.wishes ?? [], ready: query.isSuccess, keep };
}
