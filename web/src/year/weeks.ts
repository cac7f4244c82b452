import type { GroupYearView, TermView, YearDayView } from '../api/schema';

/** A weekday of the calendar: a school day, or one without lessons and why. */
export interface Cell {
  day: string;
  plan?: YearDayView;
  closed?: string;
}

export interface Week {
  monday: string;
  cells: Cell[];
}

const DAY = 86_400_000;
const dateOf = (day: string) => new Date(`${day}T00:00:00Z`);
const textOf = (date: Date) => date.toISOString().slice(0, 10);
const plus = (day: string, days: number) => textOf(new Date(dateOf(day).getTime() + days * DAY));

/** The Monday on or before a day. */
export const mondayOf = (day: string) => plus(day, -((dateOf(day).getUTCDay() + 6) % 7));

/** The weeks of a stretch of days, Monday to Friday. */
export function weeksOf(year: GroupYearView, first: string, last: string): Week[] {
  const plans = new Map(year.days.map((x) => [x.day, x]));
  const closures = [...year.closures, ...year.ownClosures];
  const weeks: Week[] = [];
  for (let monday = mondayOf(first); monday <= last; monday = plus(monday, 7)) {
    const cells = [0, 1, 2, 3, 4].map((at) => {
      const day = plus(monday, at);
      const plan = plans.get(day);
      const closed =
        plan || day < first || day > last
          ? undefined
          : closures.find((x) => x.first <= day && day <= x.last)?.reason;
      return { day, plan, closed };
    });
    weeks.push({ monday, cells });
  }
  return weeks;
}

const hasLessons = (year: GroupYearView, term: TermView) =>
  year.days.some((x) => x.day >= term.first && x.day <= term.last && (x.rung ?? x.outcome));

const termOf = (terms: TermView[], day: string) =>
  Math.max(
    0,
    terms.findIndex((x) => x.last >= day),
  );

/** The terms to look at: the one that today lies in, the one before and the one after, as far as they have lessons. */
export function termsShown(year: GroupYearView): TermView[] {
  const terms = withLessons(year, year.terms);
  const from = Math.max(0, Math.min(termOf(terms, year.today) - 1, terms.length - 3));
  return terms.slice(from, from + 3);
}

/** Of some terms those with lessons; all where none has. */
export function withLessons(year: GroupYearView, terms: TermView[]): TermView[] {
  const busy = terms.filter((x) => hasLessons(year, x));
  return busy.length > 0 ? busy : terms;
}

/** The months that a year's school days lie in, as 2026-11. */
export const monthsOf = (year: GroupYearView) => [...new Set(year.days.map((x) => x.day.slice(0, 7)))];

export const lastOfMonth = (month: string) => {
  const [y = 0, m = 0] = month.split('-').map(Number);
  return textOf(new Date(Date.UTC(y, m, 0)));
};
