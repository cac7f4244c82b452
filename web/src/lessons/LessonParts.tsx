import type { BlockView, ItemView, LessonView, PartView, Release } from '../api/schema';
import { shown } from '../word/grapheme';
import { Item } from './Item';
import { termsOf } from '../api/useTerms';
import { activities, BY_EAR, minutes, PARTS } from './wording';

interface Props {
  lesson: LessonView;
  chosen?: string;
  shaky: ReadonlySet<string>;
  onChoose: (id: string) => void;
}

/** The four parts of a lesson, each with its timed blocks. */
export function LessonParts({ lesson, chosen, shaky, onChoose }: Props) {
  const stale = new Set(lesson.stale.map((x) => x.itemId));
  const item = (activity: BlockView['activity']) =>
    function LessonItem(x: ItemView) {
      return (
        <Item
          key={x.id}
          item={x}
          activity={activity}
          chosen={x.id === chosen}
          shaky={shaky.has(x.id)}
          stale={stale.has(x.id)}
          onChoose={onChoose}
        />
      );
    };
  return (
    <>
      {lesson.parts.map((part) => (
        <section className={`part ${part.part}`} key={part.part} aria-label={PARTS[part.part].name}>
          <header>
            <h2>{PARTS[part.part].name}</h2>
            <p>
              {lesson.kind === 'listening'
                ? BY_EAR[part.part]
                : part.part === 'teach'
                  ? `meet ${shown(lesson.title)}`
                  : PARTS[part.part].what}
            </p>
            <p className="time">{minutes(part.seconds)}</p>
          </header>
          <div className="blocks">
            {part.blocks.map((x, at) => (
              <Block key={at} block={x} part={part} lesson={lesson} item={item(x.activity)} />
            ))}
          </div>
        </section>
      ))}
    </>
  );
}

const RELEASES: [Release, string][] = [
  ['adultShows', 'Adult shows'],
  ['together', 'Together'],
  ['alone', 'Alone'],
];

interface BlockProps {
  block: BlockView;
  part: PartView;
  lesson: LessonView;
  item: (x: ItemView) => React.ReactNode;
}

function Block({ block, part, lesson, item }: BlockProps) {
  const time = block.seconds >= 45 && part.blocks.length > 1 ? minutes(block.seconds) : '';
  const title = (
    <h3>
      {activities(termsOf(lesson.terms), lesson.spellAloud)[block.activity]}{' '}
      {time && <span className="time">{time}</span>}
    </h3>
  );
  if (block.activity === 'read') {
    return (
      <div className="block read">
        {RELEASES.map(([release, name]) => {
          const items = block.items.filter((x) => x.release === release);
          return items.length === 0 ? null : (
            <div className="release" key={release}>
              <h3>
                {name} {release === 'adultShows' && time && <span className="time">{time}</span>}
              </h3>
              <div className="items">{items.map(item)}</div>
            </div>
          );
        })}
      </div>
    );
  }
  if (block.activity === 'meet') {
    return (
      <div className="block meet">
        <div className="items">{block.items.map(item)}</div>
        <dl className="teaching">
          {lesson.teaching.sayIt && <Line name="Say it" text={lesson.teaching.sayIt} />}
          {lesson.teaching.writeIt && <Line name="Write it" text={lesson.teaching.writeIt} />}
          {lesson.teaching.keyword && <Line name="Keyword" text={lesson.teaching.keyword} />}
        </dl>
      </div>
    );
  }
  return (
    <div className={`block ${block.activity}`}>
      {title}
      <div className="items">{block.items.map(item)}</div>
    </div>
  );
}

function Line({ name, text }: { name: string; text: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{text}</dd>
    </div>
  );
}
