import { useState } from 'react';
import type { LessonPart, LessonShapeView, ShapePieceDocument, ShapePieceView } from '../../api/schema';

export const PARTS: LessonPart[] = ['revisit', 'teach', 'practise', 'apply'];

/** The pieces of a shape while somebody moves them about; nothing is kept by it. */
export function usePieces(shape: LessonShapeView) {
  const [pieces, setPieces] = useState(shape.pieces);
  const [others, setOthers] = useState(shape.others);
  return {
    pieces,
    others,
    changed: JSON.stringify(documentOf(pieces)) !== JSON.stringify(documentOf(shape.pieces)),
    asItWas: () => {
      setPieces(shape.pieces);
      setOthers(shape.others);
    },
    order: (part: LessonPart, inPart: ShapePieceView[]) =>
      setPieces(PARTS.flatMap((x) => (x === part ? inPart : pieces.filter((p) => p.part === x)))),
    time: (piece: ShapePieceView, minutes: number | null) =>
      setPieces(pieces.map((x) => (x === piece ? { ...x, minutes } : x))),
    takeOut: (piece: ShapePieceView) => {
      setPieces(pieces.filter((x) => x !== piece));
      setOthers([...others, { ...piece, minutes: null }]);
    },
    putIn: (piece: ShapePieceView) => {
      setPieces(PARTS.flatMap((part) => [...pieces, piece].filter((x) => x.part === part)));
      setOthers(others.filter((x) => x !== piece));
    },
  };
}

export const documentOf = (pieces: ShapePieceView[]): ShapePieceDocument[] =>
  pieces.map((x) => ({ part: x.part, slot: x.slot, minutes: x.minutes }));
