import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, need } from '../../api/client';
import type { ShapeKind, ShapePieceDocument, ShapePieceView } from '../../api/schema';
import { documentOf } from '../../lessons/shape/usePieces';

const SETTLED_MS = 300;

/** The shapes of the lessons of the school, or of a group, and the one way to change one. */
export function useShapes(schoolId: string, groupId: string) {
  const queries = useQueryClient();
  const params = { path: { schoolId }, query: groupId ? { groupId } : {} };
  const query = useQuery({
    queryKey: ['shapes', schoolId, groupId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/shapes', { params })),
  });
  const save = useMutation({
    mutationFn: (body: Change) => need(api.PUT('/api/schools/{schoolId}/shapes', { params, body })),
    onSuccess: () => queries.invalidateQueries(),
  });
  return { view: query.data, error: query.error, save };
}

interface Change {
  kind: ShapeKind;
  revision: number;
  pieces: ShapePieceDocument[] | null;
}

/** The next lesson of a kind as the pieces would make it, once they have stood a moment. */
export function useTrial(schoolId: string, groupId: string, kind: ShapeKind, pieces: ShapePieceView[]) {
  const asked = JSON.stringify(documentOf(pieces));
  const [settled, setSettled] = useState(asked);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(asked), SETTLED_MS);
    return () => window.clearTimeout(timer);
  }, [asked]);
  const query = useQuery({
    queryKey: ['shape-trial', schoolId, groupId, kind, settled],
    placeholderData: (x) => x,
    retry: false,
    queryFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/shapes/try', {
          params: { path: { schoolId }, query: groupId ? { groupId } : {} },
          body: { kind, pieces: JSON.parse(settled) as ShapePieceDocument[] },
        }),
      ),
  });
  return { trial: query.data, error: query.error, waiting: query.isFetching || settled !== asked };
}
