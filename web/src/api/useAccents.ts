import { useQuery } from '@tanstack/react-query';
import { api, need } from './client';

/** The accents that a school or a group can have; none until they are known. */
export function useAccents() {
  return (
    useQuery({ queryKey: ['accents'], queryFn: () => need(api.GET('/api/accents')), staleTime: Infinity })
      .data ?? []
  );
}
