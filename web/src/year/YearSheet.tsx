import { createPortal } from 'react-dom';
import { fullDay, shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { GroupYearView, YearDayView } from '../api/schema';
import { useSchool } from '../api/useSchool';
import { Sheet } from '../shell/Sheet';
import { shown } from '../word/grapheme';
import { weeksOf, withLessons, type Cell } from './weeks';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri'];

/** The year on a page: week by week what is taught on which day. Seen in print only. */
export function YearSheet({ year }: { year: GroupYearView }) {
  const { schoolId } = usePlace();
  const school = useSchool(schoolId).data;
  const terms = withLessons(year, year.thisYear);
  return createPortal(
    <Sheet>
      <div className="year-sheet">
        <header>
          <h1>{year.group}: the year on a page</h1>
          <p>
            {school?.name} · as it stands on {fullDay(year.today)} ·{' '}
            {year.ends
              ? `the top on ${fullDay(year.ends)}`
              : `${year.fallsOff.length} rungs fall off the year`}
          </p>
        </header>
        {terms.map((term) => (
          <table key={term.first}>
            <thead>
              <tr>
                <th scope="col">{term.name}</th>
                {WEEKDAYS.map((x) => (
                  <th scope="col" key={x}>
                    {x}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {weeksOf(year, term.first, term.last).map((week) => (
                <tr key={week.monday}>
                  <th scope="row">{shortDay(week.monday)}</th>
                  {week.cells.map((x) => (
                    <td key={x.day} className={classOf(x, year)}>
                      {textOf(x)}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        ))}
        {year.milestones.length > 0 && (
          <p>
            {year.milestones.map((x) => `By ${shortDay(x.by)}: ${x.name}, ${shown(x.label)}`).join(' · ')}
          </p>
        )}
        <footer>
          Grey: taught. Framed: today. An empty day goes over what was taught before. ½: a short lesson.
          Hatched: no school.
        </footer>
      </div>
    </Sheet>,
    document.body,
  );
}

function classOf({ plan, closed, day }: Cell, year: GroupYearView) {
  if (!plan) return closed ? 'shut' : 'none';
  return [plan.outcome ?? '', day === year.today ? 'today' : ''].join(' ');
}

function textOf({ plan, closed }: Cell) {
  if (!plan) return closed ?? '';
  return [plan.short ? '½' : '', labelOf(plan), ...plan.events].filter((x) => x !== '').join(' ');
}

const labelOf = (x: YearDayView) => (x.rung ? shown(x.rung.label) : '');
