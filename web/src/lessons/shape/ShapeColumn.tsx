import type { UseMutationResult } from '@tanstack/react-query';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { api, need } from '../../api/client';
import { usePlace } from '../../api/place';
import type { LessonShapeView, LessonView } from '../../api/schema';
import type { Change } from '../useLesson';
import { ShapeParts } from './ShapeParts';
import { documentOf, usePieces } from './usePieces';

interface Props {
  lesson: LessonView;
  change: UseMutationResult<LessonView, Error, Change>;
  onClose: () => void;
}

/** What this one lesson is made of: its school's lessons stay as they are. */
export function ShapeColumn({ lesson, change, onClose }: Props) {
  const { schoolId } = usePlace();
  const shape = useQuery({
    queryKey: ['lesson-shape', schoolId, lesson.id, lesson.revision],
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/lessons/{lessonId}/shape', {
          params: { path: { schoolId, lessonId: lesson.id ?? '' } },
        }),
      ),
  });
  return (
    <div className="shape-column">
      <h2>Pieces of this lesson</h2>
      {shape.error ? (
        <p className="form-problem">{shape.error.message}</p>
      ) : !shape.data ? (
        <p className="waiting">Opening …</p>
      ) : (
        <Pieces key={lesson.revision} shape={shape.data} change={change} onClose={onClose} />
      )}
    </div>
  );
}

function Pieces({ shape, change, onClose }: Omit<Props, 'lesson'> & { shape: LessonShapeView }) {
  const desk = usePieces(shape);
  const use = (pieces: LessonShapeView['pieces'] | undefined) =>
    change.mutate({ change: 'reshape', pieces: pieces && documentOf(pieces) }, { onSuccess: onClose });
  return (
    <>
      <p className="hint">For this day alone. What is locked stays.</p>
      <div className="shape-column-foot">
        <Button
          size="sm"
          variant="dark"
          disabled={!desk.changed || change.isPending}
          onClick={() => use(desk.pieces)}
        >
          Use today
        </Button>
        <Button size="sm" variant="outline-dark" onClick={onClose}>
          Close
        </Button>
        {shape.isOwn && !desk.changed && (
          <Button size="sm" variant="link" disabled={change.isPending} onClick={() => use(undefined)}>
            Back to the usual
          </Button>
        )}
      </div>
      <ShapeParts desk={desk} />
    </>
  );
}
