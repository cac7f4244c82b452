import type { LessonView } from '../api/schema';
import { shown } from '../word/grapheme';

/** What the adult needs to teach what is new: how it is said and written, the slip to expect, where it stands. */
export function TeachingLines({ lesson }: { lesson: LessonView }) {
  // Where it stands on its card with its picture it is not said again.
  const pictured = lesson.parts
    .flatMap((x) => x.blocks)
    .some((x) => x.form === 'meet' && x.items[0]?.picture?.word === lesson.teaching.keyword);
  return (
    <div className="teachings">
      {lesson.teach.map((x, at) => (
        <dl className="teaching" key={x.label} aria-label={`Teaching ${shown(x.label)}`}>
          {lesson.teach.length > 1 && <Line name="" text={shown(x.label)} letters />}
          <Line name="Say it" text={x.say} />
          <Line name="Slip" text={x.slip && `${x.slip}. ${x.mend}`} />
          <Line name="Tell apart" text={x.tellApart} />
          <Line name="Write it" text={x.write} />
          <Line name="Together" text={x.together} />
          <Line
            name={x.label.startsWith('-') ? 'Joining' : 'Where'}
            text={[x.place, x.facts].filter((t) => t !== '').join(' ')}
          />
          <Line name="Keyword" text={at === 0 && !pictured ? lesson.teaching.keyword : ''} />
        </dl>
      ))}
    </div>
  );
}

/** What the adult needs to teach each tricky word: the part to remember, and the part that is fair. */
export function TrickyLines({ lesson }: { lesson: LessonView }) {
  return (
    <div className="teachings tricky-teachings">
      {lesson.trickyTeach.map((x) => (
        <dl className="teaching" key={x.word} aria-label={`Teaching ${x.word}`}>
          <Line name={x.word} text={x.tricky} />
          <Line name="Fair" text={x.fair} />
          <Line name="Say" text={x.spoken} />
        </dl>
      ))}
    </div>
  );
}

function Line({ name, text, letters }: { name: string; text: string; letters?: boolean }) {
  return text === '' ? null : (
    <div className={letters ? 'letters' : undefined}>
      <dt>{name}</dt>
      <dd>{text}</dd>
    </div>
  );
}
