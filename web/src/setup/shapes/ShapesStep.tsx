import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type {
  LessonPart,
  ShapeKind,
  ShapePieceView,
  LessonShapesView,
  LessonShapeView,
} from '../../api/schema';
import { ShapePart } from './ShapePart';
import { Trial } from './Trial';
import { documentOf, useShapes, useTrial } from './useShapes';

const PARTS: LessonPart[] = ['revisit', 'teach', 'practise', 'apply'];

/** What each kind of lesson is made of: dragged into order, timed, taken out and put in, and seen on a lesson of their own. */
export function ShapesStep({ schoolId, onNext }: { schoolId: string; onNext: () => void }) {
  const { view, error, save } = useShapes(schoolId);
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
              {x.isOwn ? ' (yours)' : ''}
            </option>
          ))}
        </Form.Select>
        <p className="hint">{shape.when}</p>
      </div>
      <Shape
        key={`${kind} ${view.revision}`}
        schoolId={schoolId}
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
  view: LessonShapesView;
  shape: LessonShapeView;
  save: ReturnType<typeof useShapes>['save'];
  onNext: () => void;
}

function Shape({ schoolId, view, shape, save, onNext }: Props) {
  const [pieces, setPieces] = useState(shape.pieces);
  const [others, setOthers] = useState(shape.others);
  const trial = useTrial(schoolId, shape.kind, pieces);
  const changed = JSON.stringify(documentOf(pieces)) !== JSON.stringify(documentOf(shape.pieces));
  const put = (next: ShapePieceView[] | null) =>
    save.mutate({
      kind: shape.kind,
      revision: view.revision,
      pieces: next === null ? null : documentOf(next),
    });
  const takeOut = (piece: ShapePieceView) => {
    setPieces(pieces.filter((x) => x !== piece));
    setOthers([...others, { ...piece, minutes: null }]);
  };
  const putIn = (piece: ShapePieceView) => {
    setPieces(PARTS.flatMap((part) => [...pieces, piece].filter((x) => x.part === part)));
    setOthers(others.filter((x) => x !== piece));
  };
  return (
    <div className="shape">
      <div className="shape-parts">
        <div className="shape-foot">
          <Button variant="dark" disabled={!changed || save.isPending} onClick={() => put(pieces)}>
            Save this shape
          </Button>
          {changed && (
            <Button
              variant="link"
              onClick={() => {
                setPieces(shape.pieces);
                setOthers(shape.others);
              }}
            >
              As it was
            </Button>
          )}
          {shape.isOwn && !changed && (
            <Button variant="link" disabled={save.isPending} onClick={() => put(null)}>
              Back to the usual
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
        {PARTS.map((part) => (
          <ShapePart
            key={part}
            part={part}
            pieces={pieces.filter((x) => x.part === part)}
            others={others.filter((x) => x.part === part)}
            onOrder={(inPart) =>
              setPieces(PARTS.flatMap((x) => (x === part ? inPart : pieces.filter((p) => p.part === x))))
            }
            onTime={(piece, minutes) => setPieces(pieces.map((x) => (x === piece ? { ...x, minutes } : x)))}
            onTakeOut={takeOut}
            onPutIn={putIn}
          />
        ))}
      </div>
      <Trial {...trial} />
    </div>
  );
}
