import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, need } from '../api/client';
import type { ColumnRole, ImportRequest } from '../api/schema';
import { base64 } from './base64';

/** What was brought in and what was said of it so far; each change is read anew by the server, which keeps nothing. */
export function useImport(schoolId: string) {
  const [asked, setAsked] = useState<{ turn: number; body: ImportRequest }>();
  const change = (body: ImportRequest) => setAsked((x) => ({ turn: (x?.turn ?? 0) + 1, body }));
  const body = asked?.body;
  const preview = useQuery({
    queryKey: ['import', schoolId, asked?.turn],
    enabled: asked !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    queryFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/ladders/import', {
          params: { path: { schoolId } },
          body: body ?? {},
        }),
      ),
  });
  return {
    /** What is being read, by name; undefined before anything was brought in. */
    body,
    preview,
    file: async (file: File) => change({ fileName: file.name, file: await base64(file) }),
    paste: (pasted: string) => change({ pasted }),
    sheet: (sheet: number) => body && change({ ...body, sheet, roles: undefined }),
    answer: (id: string, key: string) => body && change({ ...body, answers: { ...body.answers, [id]: key } }),
    role: (column: number, role: ColumnRole) =>
      body && change({ ...body, roles: { ...body.roles, [column]: role } }),
    before: (inFront: boolean) => body && change({ ...body, before: inFront }),
    clear: () => setAsked(undefined),
  };
}

export type Import = ReturnType<typeof useImport>;
