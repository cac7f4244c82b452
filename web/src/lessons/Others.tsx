import { useQuery } from '@tanstack/react-query';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import type { ItemView, LessonView } from '../api/schema';
import { shown } from '../word/grapheme';
import { Word } from '../word/Word';
import type { useLesson } from './useLesson';

interface Props {
  lesson: LessonView;
  item: ItemView;
  change: ReturnType<typeof useLesson>['change'];
}

/** What else fits in an item's place, best first, each with why: one press puts it in. */
export function Others({ lesson, item, change }: Props) {
  const { schoolId } = usePlace();
  const lessonId = lesson.id ?? '';
  const query = useQuery({
    queryKey: ['others', schoolId, lessonId, lesson.revision, item.id],
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/lessons/{lessonId}/items/{itemId}/others', {
          params: { path: { schoolId, lessonId, itemId: item.id } },
        }),
      ),
  });
  if (!query.data || query.data.length === 0) return null;
  return (
    <section className="others" aria-label="Instead">
      <h3>Instead</h3>
      <ul>
        {query.data.map((x) => (
          <li key={x.text}>
            <button
              type="button"
              disabled={change.isPending}
              title={x.reason}
              onClick={() => change.mutate({ change: 'swap', itemId: item.id, text: x.text })}
            >
              {x.title !== '' ? <b>{x.title}</b> : <Word text={shown(x.text)} pieces={x.pieces} />}
            </button>
            <span className="hint">{x.serves}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
