import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, Problem } from '../api/client';
import type { LessonChange, LessonView, LogOutcome } from '../api/schema';
import { usePlace } from '../app/place';

export interface Change {
  change: LessonChange;
  itemId?: string;
  text?: string;
  asTricky?: boolean;
  minutes?: number;
}

/** A group's lesson for a day, and what can be done with it; every answer is the lesson as it now stands. */
export function useLesson(day: string) {
  const { schoolId, groupId, asIf } = usePlace();
  const queries = useQueryClient();
  const key = ['lesson', schoolId, groupId, day, asIf];
  const query = useQuery({
    queryKey: key,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/lessons/{day}', {
          params: { path: { schoolId, groupId, day }, query: { asIf } },
        }),
      ),
  });
  const lesson = query.data;
  const path = { schoolId, lessonId: lesson?.id ?? '' };
  const revision = lesson?.revision ?? 0;
  const keep = {
    onSuccess: (view: LessonView) => queries.setQueryData(key, view),
    // Somebody else was first: show what stands now, and say so.
    onError: (problem: Error) => {
      if (problem instanceof Problem && problem.status === 409 && problem.current) {
        queries.setQueryData(key, problem.current);
      }
    },
  };
  const change = useMutation({
    ...keep,
    mutationFn: (x: Change) =>
      need(
        api.POST('/api/schools/{schoolId}/lessons/{lessonId}/edits', {
          params: { path },
          body: {
            revision,
            change: x.change,
            itemId: x.itemId ?? null,
            text: x.text ?? null,
            asTricky: x.asTricky ?? false,
            minutes: x.minutes ?? null,
          },
        }),
      ),
  });
  const undo = useMutation({
    ...keep,
    mutationFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/lessons/{lessonId}/undo', { params: { path }, body: { revision } }),
      ),
  });
  const say = useMutation({
    ...keep,
    mutationFn: (x: { outcome: LogOutcome; shaky: string[] }) =>
      need(
        api.POST('/api/schools/{schoolId}/lessons/{lessonId}/outcome', {
          params: { path },
          body: { revision, outcome: x.outcome, shaky: x.shaky },
        }),
      ),
  });
  return { query, lesson, change, undo, say };
}
