import { useLimits } from '../../api/useLimits';
import { Button, Form } from 'react-bootstrap';
import type { LessonPart, ShapePieceView } from '../../api/schema';
import { PART_NAMES } from '../../api/parts';
import { useMovable } from '../useMovable';

interface Props {
  part: LessonPart;
  pieces: ShapePieceView[];
  others: ShapePieceView[];
  onOrder: (pieces: ShapePieceView[]) => void;
  onTime: (piece: ShapePieceView, minutes: number | null) => void;
  onTakeOut: (piece: ShapePieceView) => void;
  onPutIn: (piece: ShapePieceView) => void;
}

/** The pieces of one part of a lesson, in order, and those that could be put in. */
export function ShapePart({ part, pieces, others, onOrder, onTime, onTakeOut, onPutIn }: Props) {
  const name = PART_NAMES[part];
  if (pieces.length + others.length === 0) return null;
  const move = (from: number, to: number) => {
    const piece = pieces[from];
    if (!piece) return;
    const rest = pieces.filter((x) => x !== piece);
    onOrder([...rest.slice(0, to), piece, ...rest.slice(to)]);
  };
  return (
    <section className="shape-part" aria-label={name}>
      <h2>{name}</h2>
      <ol>
        {pieces.map((x, at) => (
          <Piece
            key={x.slot}
            piece={x}
            at={at}
            last={pieces.length - 1}
            onMove={move}
            onTime={onTime}
            onTakeOut={onTakeOut}
          />
        ))}
      </ol>
      {others.length > 0 && (
        <p className="shape-others">
          Put in:{' '}
          {others.map((x) => (
            <Button key={x.slot} size="sm" variant="outline-dark" title={x.how} onClick={() => onPutIn(x)}>
              {x.name}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}

interface PieceProps {
  piece: ShapePieceView;
  at: number;
  last: number;
  onMove: (from: number, to: number) => void;
  onTime: (piece: ShapePieceView, minutes: number | null) => void;
  onTakeOut: (piece: ShapePieceView) => void;
}

function Piece({ piece, at, last, onMove, onTime, onTakeOut }: PieceProps) {
  const minutes = useLimits('pieceMinutes');
  const { element, over, press, move } = useMovable<HTMLLIElement>({
    among: `shape ${piece.part}`,
    at,
    last,
    onMove,
  });
  return (
    <li ref={element} className={over ? 'over' : undefined} onKeyDown={press} data-slot={piece.slot}>
      <span className="shape-piece">
        <b>{piece.name}</b>
        <span className="hint">{piece.how}</span>
      </span>
      {piece.canTime ? (
        <label className="shape-time">
          <Form.Control
            size="sm"
            type="number"
            {...minutes}
            placeholder="as fits"
            aria-label={`Minutes for ${piece.name}`}
            value={piece.minutes ?? ''}
            onChange={(x) => onTime(piece, x.target.value === '' ? null : Number(x.target.value))}
          />
          {piece.minutes !== null && 'min'}
        </label>
      ) : (
        <span className="shape-time hint">as it takes</span>
      )}
      <span className="shape-moves">
        <Button
          size="sm"
          variant="link"
          aria-label={`${piece.name} earlier`}
          disabled={at === 0}
          onClick={() => move(at, at - 1)}
        >
          ↑
        </Button>
        <Button
          size="sm"
          variant="link"
          aria-label={`${piece.name} later`}
          disabled={at === last}
          onClick={() => move(at, at + 1)}
        >
          ↓
        </Button>
        <Button
          size="sm"
          variant="link"
          aria-label={`Take out ${piece.name}`}
          disabled={!piece.canGo}
          title={piece.canGo ? undefined : 'A lesson cannot be without it.'}
          onClick={() => onTakeOut(piece)}
        >
          ×
        </Button>
      </span>
    </li>
  );
}
