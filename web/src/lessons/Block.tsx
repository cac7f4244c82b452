import { Fragment } from 'react';
import type { BlockView, ItemView, LessonView, PartView, Release } from '../api/schema';
import { minutes } from '../api/parts';
import { shown } from '../word/grapheme';
import { Pictures, PicturesNamed } from './Pictures';
import { TeachingLines, TrickyLines } from './TeachingLines';
import { columns, pairs } from './wording';

const RELEASES: [Release, string][] = [
  ['adultShows', 'Adult shows'],
  ['together', 'Together'],
  ['alone', 'Alone'],
];

interface Props {
  block: BlockView;
  part: PartView;
  lesson: LessonView;
  guided: boolean;
  item: (x: ItemView) => React.ReactNode;
}

/** A word with the sentence that tells which one is meant. */
function Told({ item, word }: { item: ItemView; word: React.ReactNode }) {
  return (
    <span className="told">
      {word}
      <small>{item.spoken}</small>
    </span>
  );
}

/** One piece of a lesson, drawn by its form: what to do, what is asked, and the material itself. */
export function Block({ block, part, lesson, guided, item }: Props) {
  const time = block.seconds >= 45 && part.blocks.length > 1 ? minutes(block.seconds) : '';
  const title = (
    <h3 title={block.how}>
      {block.name} {time && <span className="time">{time}</span>}
    </h3>
  );
  const kind = `block ${block.form} ${block.activity}`;
  const how = guided && <p className="how">{block.how}</p>;
  const ask = (
    <>
      {how}
      {block.ask && <p className="ask">{block.ask}</p>}
    </>
  );
  switch (block.form) {
    case 'released':
      return (
        <div className={kind}>
          {how}
          {RELEASES.map(([release, name]) => {
            const items = block.items.filter((x) => x.release === release);
            return items.length === 0 ? null : (
              <div className="release" key={release}>
                <h3 title={block.how}>
                  {name} {release === 'adultShows' && time && <span className="time">{time}</span>}
                </h3>
                <div className="items">{items.map(item)}</div>
              </div>
            );
          })}
        </div>
      );
    case 'meet':
      return (
        <div className={kind}>
          <div className="items">{block.items.map(item)}</div>
          <div className="meet-lines">
            {how}
            <TeachingLines lesson={lesson} />
          </div>
        </div>
      );
    case 'pairs':
      return (
        <div className={kind}>
          {title}
          {ask}
          <div className="items">
            {pairs(block.items).map((x) => (
              <span className="pair" key={x[0]?.id}>
                {block.activity === 'sameSound'
                  ? x.map((one) => <Told key={one.id} item={one} word={item(one)} />)
                  : x.map(item)}
              </span>
            ))}
          </div>
        </div>
      );
    case 'sort':
      return (
        <div className={kind}>
          {title}
          {ask}
          <div className="columns">
            {columns(block.items).map(([heading, items]) => (
              <div className="column" key={heading}>
                <h4>{shown(heading)}</h4>
                <div className="items">{items.map(item)}</div>
              </div>
            ))}
          </div>
        </div>
      );
    case 'chain':
      return (
        <div className={kind}>
          {title}
          {how}
          <div className="items">
            {block.items.map((x, at) => (
              <Fragment key={x.id}>
                {at > 0 && <span aria-hidden="true">→</span>}
                {item(x)}
              </Fragment>
            ))}
          </div>
        </div>
      );
    case 'pictures':
      return (
        <div className={kind}>
          {title}
          {ask}
          <div className="items">{block.items.map(item)}</div>
          <Pictures items={block.items} />
        </div>
      );
    case 'picturesAlone':
      return (
        <div className={kind}>
          {title}
          {ask}
          <PicturesNamed items={block.items} name={item} />
        </div>
      );
    default:
      return (
        <div className={kind}>
          {title}
          {ask}
          <div className="items">{block.items.map(item)}</div>
          {block.activity === 'meetTricky' && <TrickyLines lesson={lesson} />}
        </div>
      );
  }
}
