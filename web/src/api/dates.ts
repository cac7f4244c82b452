const long = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
});
const short = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
const withYear = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

const parse = (day: string) => new Date(`${day}T00:00:00Z`);

const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

/** A day as people type it (14 March, March 14, 14/3), as the next such day from another on; none when it is no day. */
export function typedDay(text: string, from: string): string | undefined {
  const [a = '', b = '', ...more] = text
    .toLowerCase()
    .split(/[\s/.,]+/)
    .filter((x) => x !== '');
  if (more.length > 1) return undefined;
  const named = (x: string) => (x.length < 3 ? -1 : MONTHS.findIndex((m) => m.startsWith(x)));
  const [day, month] = /^\d/.test(a)
    ? [parseInt(a, 10), named(b) >= 0 ? named(b) : /^\d+$/.test(b) ? Number(b) - 1 : -1]
    : [parseInt(b, 10), named(a)];
  if (!(day >= 1 && day <= 31) || month < 0 || month > 11) return undefined;
  const year = /^\d{4}$/.test(more[0] ?? '') ? Number(more[0]) : Number(from.slice(0, 4));
  const at = (y: number) => new Date(Date.UTC(y, month, day)).toISOString().slice(0, 10);
  return more.length === 0 && at(year) < from ? at(year + 1) : at(year);
}

export const longDay = (day: string) => long.format(parse(day)).replace(',', '');
export const shortDay = (day: string) => short.format(parse(day));
export const fullDay = (day: string) => withYear.format(parse(day));
