import { ShapePart } from './ShapePart';
import { PARTS, type usePieces } from './usePieces';

/** The parts of a lesson with their pieces: dragged into order, timed, taken out and put in. */
export function ShapeParts({ desk }: { desk: ReturnType<typeof usePieces> }) {
  return PARTS.map((part) => (
    <ShapePart
      key={part}
      part={part}
      pieces={desk.pieces.filter((x) => x.part === part)}
      others={desk.others.filter((x) => x.part === part)}
      onOrder={(inPart) => desk.order(part, inPart)}
      onTime={desk.time}
      onTakeOut={desk.takeOut}
      onPutIn={desk.putIn}
    />
  ));
}
