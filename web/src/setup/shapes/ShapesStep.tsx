import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ShapeKind, LessonShapesView, LessonShapeView } from '../../api/schema';
import { useSchool } from '../../api/useSchool';
import { ShapeParts } from '../../lessons/shape/ShapeParts';
import { documentOf, usePieces } from '../../lessons/shape/usePieces';
import { Trial } from './Trial';
import { useShapes, useTrial } from './useShapes';

/** What each kind of lesson is made of: dragged into order, timed, taken out and put in, and seen on a lesson of their own. */
export function ShapesStep({ schoolId, onNext }: { schoolId: string; onNext: () => void }) {
  const school = useSchool(schoolId);
  const groups = (school.data?.groups ?? []).filter((x) => !x.archived);
  const [groupId, setGroup] = useState('');
  const { view, error, save } = useShapes(schoolId, groupId);
  const [kind, setKind] = useState<ShapeKind>('newLearning');
  if (error) return <p className="form-problem">{error.message}</p>;
  const shape = view?.kinds.find((x) => x.kind === kind);
  if (!view || !shape) return <p className="waiting">Opening …</p>;
  return (
    <>
      <h1>The shape of a lesson</h1>
      <div className="shape-kind">
        <Form.Select
          aria-label="Kind of lesson"
          value={kind}
          onChange={(x) => setKind(x.target.value as ShapeKind)}
        >
          {view.kinds.map((x) => (
            <option key={x.kind} value={x.kind}>
              {x.name}
              {x.isOwn ? (groupId ? ' (the group’s own)' : ' (yours)') : ''}
            </option>
          ))}
        </Form.Select>
        {groups.length > 0 && (
          <Form.Select aria-label="Whose lessons" value={groupId} onChange={(x) => setGroup(x.target.value)}>
            <option value="">in the whole school</option>
            {groups.map((x) => (
              <option key={x.id} value={x.id}>
                in {x.name} only
              </option>
            ))}
          </Form.Select>
        )}
        <p className="hint">{shape.when}</p>
      </div>
      <Shape
        key={`${kind} ${groupId} ${view.revision}`}
        schoolId={schoolId}
        groupId={groupId}
        view={view}
        shape={shape}
        save={save}
        onNext={onNext}
      />
    </>
  );
}

interface Props {
  schoolId: string;
  groupId: string;
  view: LessonShapesView;
  shape: LessonShapeView;
  save: ReturnType<typeof useShapes>['save'];
  onNext: () => void;
}

function Shape({ schoolId, groupId, view, shape, save, onNext }: Props) {
  const desk = usePieces(shape);
  const { pieces, changed } = desk;
  const trial = useTrial(schoolId, groupId, shape.kind, pieces);
  const put = (next: LessonShapeView['pieces'] | null) =>
    save.mutate({
      kind: shape.kind,
      revision: view.revision,
      pieces: next === null ? null : documentOf(next),
    });
  return (
    <div className="shape">
      <div className="shape-parts">
        <div className="shape-foot">
          <Button variant="dark" disabled={!changed || save.isPending} onClick={() => put(pieces)}>
            Save this shape
          </Button>
          {changed && (
            <Button variant="link" onClick={desk.asItWas}>
              As it was
            </Button>
          )}
          {shape.isOwn && !changed && (
            <Button variant="link" disabled={save.isPending} onClick={() => put(null)}>
              {groupId ? 'Back to the school’s' : 'Back to the usual'}
            </Button>
          )}
          <Button variant="outline-dark" className="on" onClick={onNext}>
            Go on
          </Button>
        </div>
        {save.error && (
          <p className="form-problem" role="alert">
            {save.error.message}
          </p>
        )}
        <ShapeParts desk={desk} />
      </div>
      <Trial {...trial} />
    </div>
  );
}
