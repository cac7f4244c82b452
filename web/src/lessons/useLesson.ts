import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, Problem } from '../api/client';
import type { LessonChange, LessonView, LogOutcome, ShapePieceDocument } from '../api/schema';
import { usePlace } from '../api/place';

export interface Change {
  change: LessonChange;
  itemId?: string;
  text?: string;
  asTricky?: boolean;
  minutes?: number;
  pieces?: ShapePieceDocument[];
  to?: number;
}

/** The items of a lesson, in the order they are done. */
export const itemsOf = (lesson: LessonView) => lesson.parts.flatMap((x) => x.blocks).flatMap((x) => x.items);

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
  // Read when the change is sent, not when it is asked for: what was done just before it may still be on its way.
  const now = () => queries.getQueryData<LessonView>(key);
  const revision = () => now()?.revision ?? 0;
  const keep = {
    // One after the other, so that nobody is in their own way.
    scope: { id: `lesson ${lesson?.id ?? day}` },
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
    mutationFn: async (x: Change) => {
      const lesson = now();
      if (lesson && x.itemId && !itemsOf(lesson).some((i) => i.id === x.itemId)) return lesson;
      return need(
        api.POST('/api/schools/{schoolId}/lessons/{lessonId}/edits', {
          params: { path },
          body: {
            revision: revision(),
            change: x.change,
            itemId: x.itemId ?? null,
            text: x.text ?? null,
            asTricky: x.asTricky ?? false,
            minutes: x.minutes ?? null,
            pieces: x.pieces ?? null,
            to: x.to ?? null,
          },
        }),
      );
    },
  });
  const undo = useMutation({
    ...keep,
    mutationFn: async () => {
      const lesson = now();
      if (lesson && !lesson.undo) return lesson;
      return need(
        api.POST('/api/schools/{schoolId}/lessons/{lessonId}/undo', {
          params: { path },
          body: { revision: revision() },
        }),
      );
    },
  });
  const say = useMutation({
    ...keep,
    mutationFn: (x: { outcome: LogOutcome; shaky: string[] }) =>
      need(
        api.POST('/api/schools/{schoolId}/lessons/{lessonId}/outcome', {
          params: { path },
          body: { revision: revision(), outcome: x.outcome, shaky: x.shaky },
        }),
      ),
  });
  return { query, lesson, change, undo, say };
}
