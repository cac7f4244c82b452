import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../api/client';
import type { ConventionsDocument } from '../../api/schema';

interface Change {
  revision: number;
  conventions: ConventionsDocument;
}

/** How the school does it. */
export function useSchoolWays(schoolId: string) {
  const queries = useQueryClient();
  const params = { path: { schoolId } };
  const query = useQuery({
    queryKey: ['ways', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/conventions', { params })),
  });
  const save = useMutation({
    mutationFn: (body: Change) => need(api.PUT('/api/schools/{schoolId}/conventions', { params, body })),
    onSuccess: () => queries.invalidateQueries(),
  });
  return { view: query.data, save };
}

/** How a group does it, where it differs from its school. */
export function useGroupWays(schoolId: string, groupId: string) {
  const queries = useQueryClient();
  const params = { path: { schoolId, groupId } };
  const query = useQuery({
    queryKey: ['ways', schoolId, groupId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/groups/{groupId}/conventions', { params })),
  });
  const save = useMutation({
    mutationFn: (body: Change) =>
      need(api.PUT('/api/schools/{schoolId}/groups/{groupId}/conventions', { params, body })),
    onSuccess: () => queries.invalidateQueries(),
  });
  return { view: query.data, save };
}
