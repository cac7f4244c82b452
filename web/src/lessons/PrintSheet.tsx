import type { BlockView, ItemView, LessonView, Release } from '../api/schema';
import { fullDay } from '../api/dates';
import { Sheet } from '../shell/Sheet';
import { shown } from '../word/grapheme';
import { Word } from '../word/Word';
import { SentenceText } from './Item';
import { termsOf } from '../api/useTerms';
import { activities, how, minutes, PARTS } from './wording';

const RELEASE: Record<Release, string> = {
  none: '',
  adultShows: 'you:',
  together: 'together:',
  alone: 'alone:',
};

/** The lesson as one page for the adult: it can be followed with no training. Seen in print only. */
export function PrintSheet({ lesson }: { lesson: LessonView }) {
  const terms = termsOf(lesson.terms);
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
      {lesson.parts.map((part) => (
        <section key={part.part}>
          <h2>
            {PARTS[part.part].name} <span>{minutes(part.seconds)}</span>
          </h2>
          <div>
            {part.part === 'teach' && (
              <p className="sheet-teaching">
                {lesson.teaching.sayIt && <>Say it: {lesson.teaching.sayIt} </>}
                {lesson.teaching.writeIt && <>Write it: {lesson.teaching.writeIt} </>}
                {lesson.teaching.keyword && <>Keyword: {lesson.teaching.keyword}.</>}
              </p>
            )}
            {part.blocks.map((x, at) => (
              <div className={`sheet-block sheet-${x.activity}`} key={at}>
                <h3>
                  <b>{ended(activities(terms, lesson.spellAloud)[x.activity])}</b>{' '}
                  {how(terms, lesson.spellAloud, lesson.trickyLearning)[x.activity]}
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
  if (block.activity === 'spell') {
    return (
      <ol>
        {block.items.map((x) => (
          <li key={x.id}>
            <Word text={x.text} pieces={x.pieces} /> {x.pieces.length} sounds{' '}
            {x.spoken && <i>“{x.spoken}”</i>}
          </li>
        ))}
      </ol>
    );
  }
  if (block.activity === 'read') {
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
  return (
    <p>
      {block.items.map((x) => (
        <span className="sheet-item" key={x.id}>
          <Shown item={x} />
        </span>
      ))}
    </p>
  );
}

function Shown({ item }: { item: ItemView }) {
  if (item.kind === 'sentence') return <SentenceText text={item.text} tricky={item.tricky} />;
  if (item.kind === 'sound') {
    return (
      <>
        /{item.ipa}/ {item.spellings.join(', ')}
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
