import type { TriedShapeView } from '../../api/schema';
import { longDay } from '../../api/dates';
import { PART_NAMES, minutes } from '../../api/parts';
import { shown } from '../../word/grapheme';

interface Props {
  trial: TriedShapeView | undefined;
  error: Error | null;
  waiting: boolean;
}

const SLACK_SECONDS = 150;

/** The next lesson of the kind, as the shape would make it: what is in it, and whether it fits. */
export function Trial({ trial, error, waiting }: Props) {
  if (error) return <aside className="shape-trial hint">{error.message}</aside>;
  if (!trial) return <aside className="shape-trial waiting">Trying it …</aside>;
  const { lesson } = trial;
  if (!lesson) return <aside className="shape-trial hint">{trial.whyNot}</aside>;
  const over = lesson.seconds - lesson.minutes * 60;
  return (
    <aside className="shape-trial" aria-label="Tried on a lesson" aria-busy={waiting}>
      <h2>
        {lesson.group}, <span className="letters">{shown(lesson.title)}</span>
      </h2>
      <p className="hint">
        {lesson.isAhead ? longDay(lesson.day) : 'No such day lies ahead: as if they stood there.'}
      </p>
      <p className={over > SLACK_SECONDS ? 'shape-total too-long' : 'shape-total'}>
        <b>{Math.round(lesson.seconds / 60)}</b> of {lesson.minutes} minutes
        {over > SLACK_SECONDS && ': too long. Ask for less, or take something out.'}
      </p>
      <ol>
        {lesson.blocks.map((x, at) => (
          <li key={at}>
            {lesson.blocks[at - 1]?.part !== x.part && <h3>{PART_NAMES[x.part]}</h3>}
            <b>{x.name}</b> <span className="time">{minutes(x.seconds)}</span>
            <span className="letters">{x.items.map(shown).join(', ')}</span>
          </li>
        ))}
      </ol>
    </aside>
  );
}
