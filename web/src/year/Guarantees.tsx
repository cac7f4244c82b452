import { PART_NAMES } from '../api/parts';
import { useState, type ReactNode } from 'react';
import { Alert, Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { GuaranteesView } from '../api/schema';
import { Failure, Waiting } from '../shell/States';
import { shown } from '../word/grapheme';
import { useGuarantees, usePlanning } from './useGuarantees';

/** What can be said of all lessons of the year, for somebody who has to answer for it; each figure opens to its lessons. */
export function Guarantees() {
  const { data, error } = useGuarantees();
  const [opened, setOpened] = useState('');
  if (error && !data) return <Failure sentence={error.message} />;
  if (!data) return <Waiting what="Counting the lessons" />;
  const figure = (key: string) => ({
    open: opened === key,
    onOpen: () => setOpened(opened === key ? '' : key),
  });
  const spell = data.unseen[0];
  return (
    <div className="guarantees">
      <p className="promise">
        {data.lessons} lessons, {data.wordsJudged.toLocaleString('en-GB')} words put before children:{' '}
        {data.notReadable.length === 0
          ? 'each could be read that day.'
          : `on ${days(data.notReadable.length)} one could not be read.`}
      </p>
      <Planning unplanned={data.unplanned} />
      <div className="figures">
        <Figure
          {...figure('readable')}
          value={`${data.notReadable.length}`}
          name="days with a word that was out of reach"
        >
          <Days days={data.notReadable} />
        </Figure>
        <Figure
          {...figure('unseen')}
          value={`${spell?.lessons ?? 0}`}
          name="lessons, the longest that anything taught went unseen"
        >
          <ul>
            {data.unseen.map((x) => (
              <li key={`${x.label} ${x.sound}`}>
                <b>{shown(x.label)}</b> {x.sound && <>as in {x.sound}</>}: {x.lessons} lessons, from{' '}
                <Day day={x.from} /> to <Day day={x.to} />
              </li>
            ))}
          </ul>
        </Figure>
        <Figure
          {...figure('words')}
          value={data.differentWords.toLocaleString('en-GB')}
          name={`words read, sorted or written, ${share(data.everydayWords, data.differentWords)} of them everyday words`}
        >
          <p>{data.usedOnce.toLocaleString('en-GB')} of them stand in one lesson. Used most:</p>
          <ul>
            {data.mostUsed.map((x) => (
              <li key={x.word}>
                <b>{x.word}</b>, {x.days.length} lessons: <Days days={x.days} />
              </li>
            ))}
          </ul>
        </Figure>
        <Figure
          {...figure('apply')}
          value={`${data.littleToApply.length}`}
          name="lessons with too little to apply"
        >
          <Days days={data.littleToApply} />
        </Figure>
        <Figure
          {...figure('time')}
          value={`${data.offTime.length}`}
          name="lessons over or under their time by more than a tenth"
        >
          <Days days={data.offTime} />
        </Figure>
      </div>
      <Minutes data={data} />
      <Weeks data={data} />
    </div>
  );
}

function Planning({ unplanned }: { unplanned: number }) {
  const { plan, left, stop } = usePlanning();
  if (plan.isPending) {
    const done = Math.max(0, unplanned - (left ?? unplanned));
    return (
      <div className="planning" role="status">
        <progress value={done} max={unplanned} aria-label="Lessons planned" />
        <span>
          {done} of {unplanned} planned
        </span>
        <Button size="sm" variant="outline-dark" onClick={stop}>
          Stop
        </Button>
      </div>
    );
  }
  return (
    <>
      {plan.error && <Alert variant="warning">{plan.error.message}</Alert>}
      {unplanned > 0 && (
        <div className="planning">
          <span>{days(unplanned)} to come have no lesson yet.</span>
          <Button size="sm" variant="dark" onClick={() => plan.mutate()}>
            Plan every lesson of the year
          </Button>
        </div>
      )}
    </>
  );
}

interface FigureProps {
  value: string;
  name: string;
  open: boolean;
  onOpen: () => void;
  children: ReactNode;
}

function Figure({ value, name, open, onOpen, children }: FigureProps) {
  return (
    <section className={open ? 'figure open' : 'figure'}>
      <button type="button" aria-expanded={open} onClick={onOpen}>
        <b>{value}</b> <span>{name}</span>
      </button>
      {open && <div className="lessons-of">{children}</div>}
    </section>
  );
}

function Minutes({ data }: { data: GuaranteesView }) {
  const whole = data.minutes.reduce((sum, x) => sum + x.minutes, 0);
  return (
    <section>
      <h2>Minutes of a lesson</h2>
      <div className="minutes-bar">
        {data.minutes
          .filter((x) => x.minutes > 0)
          .map((x) => (
            <div key={x.part} style={{ width: `${(100 * x.minutes) / whole}%` }}>
              {PART_NAMES[x.part]} {x.minutes}
            </div>
          ))}
      </div>
    </section>
  );
}

function Weeks({ data }: { data: GuaranteesView }) {
  return (
    <section>
      <h2>Week by week</h2>
      <table className="weeks-of">
        <thead>
          <tr>
            <th scope="col">Week</th>
            <th scope="col">Points</th>
            <th scope="col">Compared</th>
          </tr>
        </thead>
        <tbody>
          {data.weeks.map((x) => (
            <tr key={x.monday}>
              <th scope="row">{shortDay(x.monday)}</th>
              <td>
                {x.lessons.map((l, at) => (
                  <span key={l.day}>
                    {at > 0 && ' · '}
                    <Day day={l.day}>{shown(l.title)}</Day>
                  </span>
                ))}
              </td>
              <td>
                {[...new Set(x.lessons.map((l) => l.contrast).filter((c) => c !== ''))].map(shown).join('; ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Days({ days: all }: { days: string[] }) {
  return all.length === 0 ? (
    <>none</>
  ) : (
    <>
      {all.map((x, at) => (
        <span key={x}>
          {at > 0 && ', '}
          <Day day={x} />
        </span>
      ))}
    </>
  );
}

function Day({ day, children }: { day: string; children?: ReactNode }) {
  const place = usePlace();
  return <Link to={place.to(`today/${day}`)}>{children ?? shortDay(day)}</Link>;
}

const days = (count: number) => (count === 1 ? '1 school day' : `${count} school days`);

const share = (part: number, whole: number) =>
  whole === 0 ? 'none' : part === whole ? 'all' : `${Math.floor((100 * part) / whole)}%`;
