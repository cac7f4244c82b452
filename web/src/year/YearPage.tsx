import { useState } from 'react';
import { Alert, Button, ButtonGroup } from 'react-bootstrap';
import { useSearchParams } from 'react-router';
import { fullDay, shortDay } from '../api/dates';
import type { GroupYearView, PlanStepView } from '../api/schema';
import { Saved } from '../shell/Saved';
import { Shell } from '../shell/Shell';
import { Failure, Waiting } from '../shell/States';
import { shown } from '../word/grapheme';
import { AllGroups } from './AllGroups';
import { Calendar } from './Calendar';
import { DayColumn } from './DayColumn';
import { Guarantees } from './Guarantees';
import { Recovery } from './Recovery';
import { useYear } from './useYear';
import { lastOfMonth, monthsOf, termsShown, weeksOf } from './weeks';
import { YearNotes } from './YearNotes';
import { YearSheet } from './YearSheet';

type View = 'terms' | 'month' | 'groups' | 'guarantees';

/** The year of a group: what was taught, what will be, and what a lost day does to it. */
export function YearPage() {
  const { query, year, step, undo, milestones, feed } = useYear();
  const [search, setSearch] = useSearchParams();
  const [day, setDay] = useState<string>();
  const [month, setMonth] = useState<string>();
  const lost = Number(search.get('lost') ?? 0);
  const view = (search.get('view') ?? 'terms') as View;
  const set = (key: string, value: string | undefined) =>
    setSearch((x) => {
      if (value === undefined) x.delete(key);
      else x.set(key, value);
      return x;
    });
  if (query.error && !year) return <Failure sentence={query.error.message} />;
  if (!year) return <Waiting what="Opening the year" />;
  const chosen = year.days.find((x) => x.day === day);
  const failed = step.error ?? undo.error ?? milestones.error ?? feed.error;
  const shownMonth =
    month ?? (monthsOf(year).find((x) => x >= year.today.slice(0, 7)) || monthsOf(year)[0] || '');
  const choose = (x: string) => setDay(x === day ? undefined : x);
  return (
    <Shell
      strip={year.strip}
      dockName={chosen ? 'The chosen day' : 'The year in figures'}
      dock={
        chosen ? (
          <DayColumn
            key={chosen.day}
            year={year}
            day={chosen}
            step={step}
            onLost={() => {
              setDay(undefined);
              set('lost', String(lost + 1));
            }}
          />
        ) : (
          <YearNotes year={year} milestones={milestones} feed={feed} step={step} />
        )
      }
      foot={
        <>
          {year.undo && (
            <Button
              variant="link"
              disabled={undo.isPending}
              onClick={() => undo.mutate(undefined, { onSuccess: () => set('lost', undefined) })}
            >
              Undo: {nameOf(year.undo)}
            </Button>
          )}
          <Button variant="outline-dark" onClick={() => window.print()}>
            Print
          </Button>
          <Saved changes={[step, undo, milestones, feed]} failed={failed !== null} />
        </>
      }
    >
      <div className="heading year-heading">
        <h1>{year.group}: the year</h1>
        <p className="total">{headline(year)}</p>
        <ButtonGroup size="sm" aria-label="How to see it">
          {(
            [
              ['terms', 'Terms'],
              ['month', 'Month'],
              ['groups', 'All groups'],
              ['guarantees', 'Guarantees'],
            ] as const
          ).map(([key, name]) => (
            <Button
              key={key}
              variant={view === key ? 'dark' : 'outline-dark'}
              aria-pressed={view === key}
              onClick={() => set('view', key === 'terms' ? undefined : key)}
            >
              {name}
            </Button>
          ))}
        </ButtonGroup>
      </div>
      {failed && <Alert variant="warning">{failed.message}</Alert>}
      {lost > 0 && (
        <Recovery days={lost} revision={year.revision} step={step} onDone={() => set('lost', undefined)} />
      )}
      {view === 'guarantees' ? (
        <Guarantees />
      ) : view === 'groups' ? (
        <AllGroups />
      ) : view === 'month' ? (
        <>
          <div className="months">
            {monthsOf(year).map((x) => (
              <Button
                key={x}
                size="sm"
                variant="link"
                className={x === shownMonth ? 'here' : ''}
                aria-pressed={x === shownMonth}
                onClick={() => setMonth(x)}
              >
                {shortDay(`${x}-01`).split(' ')[1]}
              </Button>
            ))}
          </div>
          <Calendar
            year={year}
            weeks={weeksOf(year, `${shownMonth}-01`, lastOfMonth(shownMonth))}
            chosen={day}
            onChoose={choose}
            large
          />
        </>
      ) : (
        <div className="terms">
          {termsShown(year).map((x) => (
            <section key={x.first} aria-label={x.name}>
              <h2>{x.name}</h2>
              <Calendar year={year} weeks={weeksOf(year, x.first, x.last)} chosen={day} onChoose={choose} />
            </section>
          ))}
        </div>
      )}
      {view !== 'guarantees' && <YearSheet year={year} />}
    </Shell>
  );
}

const headline = (x: GroupYearView) => {
  const taught = x.strip.sections.flatMap((s) => s.rungs).filter((r) => r.filled).length;
  const ends = x.ends ? `the top on ${fullDay(x.ends)}` : `${x.fallsOff.length} rungs fall off the year`;
  return `${taught} rungs taught · ${ends}`;
};

function nameOf(x: PlanStepView) {
  switch (x.kind) {
    case 'closed':
      return x.day ? `no lesson on ${shortDay(x.day)}` : 'closed days';
    case 'event':
      return x.day ? `${x.label ?? 'what happens'} on ${shortDay(x.day)}` : 'what happens';
    case 'anotherDay':
      return `another day for ${shown(x.label ?? 'a rung')}`;
    default:
      return {
        pushOn: 'pushed everything on',
        absorb: 'review days used',
        shorten: 'consolidation left out',
      }[x.way ?? 'pushOn'];
  }
}
