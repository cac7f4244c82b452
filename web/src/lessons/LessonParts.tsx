import { Link } from 'react-router';
import type { BlockView, ItemView, LessonView, PartView } from '../api/schema';
import { minutes, PART_NAMES } from '../api/parts';
import { usePlace } from '../api/place';
import { shown } from '../word/grapheme';
import { Block } from './Block';
import { Item } from './Item';
import { MovablePiece } from './MovablePiece';
import { BY_EAR, FOR } from './wording';

interface Props {
  lesson: LessonView;
  /** Say at each piece how it is done, for somebody who never has. */
  guided: boolean;
  chosen?: string;
  shaky: ReadonlySet<string>;
  onChoose: (id: string) => void;
  /** Put a piece at another place of its part; none while nothing can be changed. */
  onMove?: (block: BlockView, to: number) => void;
}

/** The four parts of a lesson, each with its timed blocks. */
export function LessonParts({ lesson, guided, chosen, shaky, onChoose, onMove }: Props) {
  const { schoolId } = usePlace();
  const stale = new Map(lesson.stale.map((x) => [x.itemId, x.kind]));
  const item = (form: BlockView['form']) =>
    function LessonItem(x: ItemView) {
      return (
        <Item
          key={x.id}
          item={x}
          form={form}
          chosen={x.id === chosen}
          shaky={shaky.has(x.id)}
          stale={stale.get(x.id)}
          onChoose={onChoose}
        />
      );
    };
  return (
    <>
      {lesson.parts.map((part) => (
        <section className={`part ${part.part}`} key={part.part} aria-label={PART_NAMES[part.part]}>
          <header>
            <h2>{PART_NAMES[part.part]}</h2>
            <p>
              {lesson.kind === 'listening'
                ? BY_EAR[part.part]
                : part.part === 'teach'
                  ? `meet ${shown(lesson.title)}`
                  : FOR[part.part]}
            </p>
            {part.part === 'revisit' && lesson.with && (
              <p className="with">
                with <Link to={`/${schoolId}/${lesson.with.id}/today/${lesson.day}`}>{lesson.with.name}</Link>
              </p>
            )}
            <p className="time">{minutes(part.seconds)}</p>
          </header>
          <div className="blocks">
            <Pieces part={part} onMove={onMove}>
              {(x, at) => (
                <Block key={at} block={x} part={part} lesson={lesson} guided={guided} item={item(x.form)} />
              )}
            </Pieces>
          </div>
        </section>
      ))}
    </>
  );
}

interface PiecesProps {
  part: PartView;
  onMove?: (block: BlockView, to: number) => void;
  children: (block: BlockView, at: number) => React.ReactNode;
}

// Where there are several that can be moved, each has a handle.
function Pieces({ part, onMove, children }: PiecesProps) {
  const movable = part.blocks.filter((x) => x.canMove);
  return part.blocks.map((x, at) =>
    onMove && x.canMove && movable.length > 1 ? (
      <MovablePiece
        key={x.items[0]?.id ?? at}
        block={x}
        part={part.part}
        at={movable.indexOf(x)}
        last={movable.length - 1}
        onMove={(from, to) => movable[from] && onMove(movable[from], to)}
      >
        {children(x, at)}
      </MovablePiece>
    ) : (
      children(x, at)
    ),
  );
}
