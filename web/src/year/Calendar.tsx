import { longDay, shortDay } from '../api/dates';
import type { GroupYearView, YearDayView } from '../api/schema';
import { shown } from '../word/grapheme';
import type { Cell, Week } from './weeks';

interface Props {
  year: GroupYearView;
  weeks: Week[];
  chosen: string | undefined;
  onChoose: (day: string) => void;
  large?: boolean;
}

/** Weeks one under the other, a cell a day: filled when taught, with the taught line across today. */
export function Calendar({ year, weeks, chosen, onChoose, large = false }: Props) {
  return (
    <div className={large ? 'weeks large' : 'weeks'}>
      {weeks.map((week) => (
        <div className="week" key={week.monday}>
          <span className="week-name">{shortDay(week.monday)}</span>
          {week.cells.map((x) => (
            <DayCell
              key={x.day}
              cell={x}
              isToday={x.day === year.today}
              chosen={x.day === chosen}
              onChoose={onChoose}
              large={large}
            />
          ))}
        </div>
      ))}
    </div>
  );
}

interface DayProps {
  cell: Cell;
  isToday: boolean;
  chosen: boolean;
  onChoose: (day: string) => void;
  large: boolean;
}

function DayCell({ cell, isToday, chosen, onChoose, large }: DayProps) {
  const { day, plan, closed } = cell;
  if (!plan) {
    return (
      <span className={closed ? 'day shut' : 'day none'} title={closed}>
        {large && closed ? <small>{closed}</small> : ''}
      </span>
    );
  }
  const label = plan.rung ? shown(plan.rung.label) : '';
  return (
    <button
      type="button"
      className={`day ${kindOf(plan)} ${isToday ? 'today' : ''} ${chosen ? 'chosen' : ''} ${plan.extra ? 'extra' : ''} ${plan.short ? 'short' : ''}`}
      aria-pressed={chosen}
      aria-label={`${longDay(day)}: ${sayOf(plan)}`}
      onClick={() => onChoose(day)}
    >
      {large && <small>{Number(day.slice(8))}</small>}
      <span>{label}</span>
      {plan.events.length > 0 && <small className="event">{large ? plan.events.join(', ') : '•'}</small>}
    </button>
  );
}

const kindOf = (x: YearDayView) => x.outcome ?? (x.rung ? 'new' : 'review');

const sayOf = (x: YearDayView) => {
  const what = x.rung ? `rung ${x.rung.number}, ${shown(x.rung.label)}` : 'review';
  const also = [x.outcome, x.short ? 'a short lesson' : null, ...x.events].filter((y) => y !== null);
  return [what, ...also].join(', ');
};
