import { PART_NAMES } from '../api/parts';
import { useState, type ReactNode } from 'react';
import { Alert, Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { GuaranteesView } from '../api/schema';
import { Failure, Waiting } from '../shell/States';
import { shown } from '../word/grapheme';
import { days, figuresOf, promise, type FigureKey } from './figures';
import { GuaranteesSheet } from './GuaranteesSheet';
import { useGuarantees, usePlanning } from './useGuarantees';

/** What can be said of all lessons of the year, for somebody who has to answer for it; each figure opens to its lessons. */
export function Guarantees() {
  const { data, error } = useGuarantees();
  const [opened, setOpened] = useState('');
  if (error && !data) return <Failure sentence={error.message} />;
  if (!data) return <Waiting what="Counting the lessons" />;
  return (
    <div className="guarantees">
      <p className="promise">{promise(data)}</p>
      <Planning unplanned={data.unplanned} />
      <div className="guarantee-figures">
        {figuresOf(data).map((x) => (
          <Figure
            key={x.key}
            value={x.value}
            name={x.name}
            open={opened === x.key}
            onOpen={() => setOpened(opened === x.key ? '' : x.key)}
          >
            <LessonsOf figure={x.key} data={data} />
          </Figure>
        ))}
      </div>
      <Minutes data={data} />
      <Weeks data={data} />
      <GuaranteesSheet data={data} />
    </div>
  );
}

/** The lessons that a figure is made of. */
function LessonsOf({ figure, data }: { figure: FigureKey; data: GuaranteesView }) {
  switch (figure) {
    case 'readable':
      return <Days days={data.notReadable} />;
    case 'unseen':
      return (
        <ul>
          {data.unseen.map((x) => (
            <li key={`${x.label} ${x.sound}`}>
              <b>{shown(x.label)}</b> {x.sound && <>as in {x.sound}</>}: {x.lessons} lessons, from{' '}
              <Day day={x.from} /> to <Day day={x.to} />
            </li>
          ))}
        </ul>
      );
    case 'words':
      return (
        <>
          <p>{data.usedOnce.toLocaleString('en-GB')} of them stand in one lesson. Used most:</p>
          <ul>
            {data.mostUsed.map((x) => (
              <li key={x.word}>
                <b>{x.word}</b>, {x.days.length} lessons: <Days days={x.days} />
              </li>
            ))}
          </ul>
        </>
      );
    case 'apply':
      return <Days days={data.littleToApply} />;
    case 'time':
      return <Days days={data.offTime} />;
  }
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
