import { useQuery } from '@tanstack/react-query';
import { api, need } from './client';

/** A school with its groups. */
export function useSchool(schoolId: string) {
  return useQuery({
    queryKey: ['school', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}', { params: { path: { schoolId } } })),
    enabled: schoolId !== '',
  });
}
