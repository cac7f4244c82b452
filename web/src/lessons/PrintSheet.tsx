import type { BlockView, ItemView, LessonView, Release } from '../api/schema';
import { fullDay } from '../api/dates';
import { Sheet } from '../shell/Sheet';
import { shown } from '../word/grapheme';
import { Word } from '../word/Word';
import { Gap, SentenceText } from './Item';
import { inTheirOrder, Picture, PicturesNamed } from './Pictures';
import { TeachingLines, TrickyLines } from './TeachingLines';
import { minutes, PART_NAMES } from '../api/parts';
import { columns, pairs } from './wording';

const RELEASE: Record<Release, string> = {
  none: '',
  adultShows: 'you:',
  together: 'together:',
  alone: 'alone:',
};

/** The lesson as one page for the adult: it can be followed with no training. Seen in print only. */
export function PrintSheet({ lesson }: { lesson: LessonView }) {
  return (
    <Sheet>
      <header>
        <h1>
          {lesson.group}: {shown(lesson.title)}
        </h1>
        <p>
          {fullDay(lesson.day)} · {lesson.school}
          {lesson.rungNumber ? ` · rung ${lesson.rungNumber}` : ''} · {minutes(lesson.seconds)}
          {lesson.shaky.length > 0 && ` · shaky last time: ${lesson.shaky.join(', ')}`}
        </p>
      </header>
      <p className="sheet-point">{lesson.point.join(' ')}</p>
      {lesson.parts.map((part) => (
        <section key={part.part}>
          <h2>
            {PART_NAMES[part.part]}
            {part.part === 'revisit' && lesson.with && ` with ${lesson.with.name}`}{' '}
            <span>{minutes(part.seconds)}</span>
          </h2>
          <div>
            {part.part === 'teach' && <TeachingLines lesson={lesson} />}
            {part.part === 'teach' && <TrickyLines lesson={lesson} />}
            {part.blocks.map((x, at) => (
              <div className={`sheet-block sheet-${x.form}`} key={at}>
                <h3>
                  <b>{ended(x.name)}</b> {x.how} {x.ask && <b>{x.ask}</b>}
                </h3>
                <SheetItems block={x} />
              </div>
            ))}
          </div>
        </section>
      ))}
      <footer>Have ready: {lesson.ready.join(', ')}. Say sounds pure and short.</footer>
    </Sheet>
  );
}

function SheetItems({ block }: { block: BlockView }) {
  if (block.form === 'boxes') {
    return (
      <ol>
        {block.items.map((x) => (
          <li key={x.id}>
            <Word text={x.text} pieces={x.pieces} /> {x.pieces.length} sounds{' '}
            {x.tell && <>(tell them: {shown(x.tell)}) </>}
            {x.spoken && <i>“{x.spoken}”</i>}
          </li>
        ))}
      </ol>
    );
  }
  if (block.form === 'sort') {
    return (
      <div className="sheet-columns">
        {columns(block.items).map(([heading, items]) => (
          <p key={heading}>
            <b className="plain-word">{shown(heading)}</b>{' '}
            {items.map((x) => (
              <span className="sheet-item" key={x.id}>
                <Shown item={x} />
              </span>
            ))}
          </p>
        ))}
      </div>
    );
  }
  if (block.form === 'pairs') {
    return (
      <p>
        {pairs(block.items).map((two) => (
          <span className="sheet-item" key={two[0]?.id}>
            {two.map((x) => (
              <span className="sheet-of-pair" key={x.id}>
                <Shown item={x} /> {block.activity === 'sameSound' && <i>“{x.spoken}”</i>}{' '}
              </span>
            ))}
          </span>
        ))}
      </p>
    );
  }
  if (block.form === 'released') {
    return (
      <p>
        {block.items.map((x, at) => (
          <span className="sheet-item" key={x.id}>
            {block.items[at - 1]?.release !== x.release && <small>{RELEASE[x.release]} </small>}
            <Shown item={x} />
          </span>
        ))}
      </p>
    );
  }
  if (block.form === 'picturesAlone') {
    return <PicturesNamed items={block.items} name={(x) => <Shown item={x} />} />;
  }
  return (
    <p>
      {block.items.map((x) => (
        <span className="sheet-item" key={x.id}>
          <Shown item={x} riddle={block.form === 'riddles'} />
          {block.form === 'meet' && x.picture && (
            <small>
              {' '}
              <Picture picture={x.picture} beside /> {x.picture.word}
            </small>
          )}
        </span>
      ))}
      {block.form === 'pictures' &&
        inTheirOrder(block.items).map((x) => <Picture key={x.id} picture={x.picture} />)}
    </p>
  );
}

function Shown({ item, riddle }: { item: ItemView; riddle?: boolean }) {
  if (item.kind === 'story' || item.kind === 'told') {
    return (
      <>
        <b className="plain-word">{item.heading}.</b> <SentenceText text={item.text} tricky={item.tricky} />{' '}
        {item.questions.length > 0 && (
          <i>
            Find it: {item.questions[0]} Talk: {item.questions[1]}
          </i>
        )}
      </>
    );
  }
  if (item.gap !== '') {
    return <Gap item={item} />;
  }
  if (riddle) {
    return (
      <>
        {item.spoken} <small>{item.text}</small>
      </>
    );
  }
  if (item.kind === 'listening') {
    return (
      <>
        <span className="plain-word">{item.text}</span> {item.heading && <small>{shown(item.heading)}</small>}
      </>
    );
  }
  if (item.kind === 'sentence') return <SentenceText text={item.text} tricky={item.tricky} />;
  if (item.kind === 'sound') {
    return (
      <>
        /{item.ipa}/ {item.spellings.map(shown).join(', ')}
      </>
    );
  }
  return ['word', 'tricky', 'madeUp'].includes(item.kind) ? (
    <Word text={item.text} pieces={item.pieces} />
  ) : (
    <span className="plain-word">{shown(item.text)}</span>
  );
}

function ended(heading: string) {
  return /[.?!]$/.test(heading) ? heading : `${heading}.`;
}
