import type { Mark, MarkingCode, PieceView } from '../api/schema';
import { useMarks } from './useMarks';

interface Props {
  text: string;
  pieces: PieceView[];
  /** Marks under the letters. */
  marked?: boolean;
  /** A code to look at before it is the school's. */
  code?: { marks: MarkingCode; silentE: boolean };
}

/**
 * A word in the children's letters with the school's marks: by default the cut rail, one line cut into a piece for each
 * sound, heavier under today's part and wavy under the part that is tricky. The piece of a split digraph steps down
 * beneath the letters between.
 */
export function Word({ text, pieces, marked = true, code }: Props) {
  const school = useMarks();
  if (!marked || pieces.length === 0) return <span className="word">{text}</span>;
  const { marks, silentE } = code ?? school;
  return (
    <span className="word marked">
      <span aria-hidden="true">
        {runsOf(text, pieces).map(({ from, to, piece }) => (
          <span className={classes(from, pieces, piece, marks, silentE)} key={from}>
            {text.slice(from, to)}
          </span>
        ))}
      </span>
      <span className="visually-hidden">{text}</span>
    </span>
  );
}

interface Run {
  from: number;
  to: number;
  piece: PieceView | undefined;
}

/** Letters that stand together under one mark: a piece, half of a split one, or an ending or rime unit marked as one. */
function runsOf(text: string, pieces: PieceView[]): Run[] {
  const runs: Run[] = [];
  text.split('').forEach((_, at) => {
    const piece = pieces.find((x) => x.letters.includes(at));
    const last = runs.at(-1);
    const same =
      last?.piece &&
      piece &&
      (last.piece === piece || (last.piece.kind === piece.kind && AS_ONE.has(piece.kind)));
    if (last && same) last.to = at + 1;
    else runs.push({ from: at, to: at + 1, piece });
  });
  return runs;
}

const AS_ONE = new Set<PieceView['kind']>(['ending', 'rimeUnit']);

function classes(
  at: number,
  pieces: PieceView[],
  piece: PieceView | undefined,
  marks: MarkingCode,
  silentE: boolean,
) {
  if (!piece) return 'piece';
  const found = ['piece'];
  const isSilent = silentE && piece.kind === 'split' && piece.letters[0] !== at;
  const mark = markOf(piece, marks, silentE);
  found.push(isSilent ? 'silent' : `mark-${mark}`);
  if (piece.today) found.push('today');
  const around = silentE
    ? undefined
    : pieces.find(
        (x) =>
          x.kind === 'split' && x !== piece && (x.letters[0] ?? at) < at && (x.letters.at(-1) ?? at) > at,
      );
  if (around) {
    const link = markOf(around, marks, silentE);
    if (link !== 'none') found.push(link === 'bracket' ? 'over' : 'under');
    if (around.today) found.push('today-link');
  }
  return found.join(' ');
}

function markOf(piece: PieceView, marks: MarkingCode, silentE: boolean): Mark {
  if (piece.tricky && !piece.today) return marks.tricky;
  switch (piece.kind) {
    case 'split':
      return silentE ? marks.oneLetter : marks.split;
    case 'ending':
      return marks.ending ?? marks.oneLetter;
    case 'rimeUnit':
      return marks.rimeUnit ?? marks.oneLetter;
    default:
      return marks[piece.kind];
  }
}
