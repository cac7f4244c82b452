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

export const longDay = (day: string) => long.format(parse(day)).replace(',', '');
export const shortDay = (day: string) => short.format(parse(day));
export const fullDay = (day: string) => withYear.format(parse(day));
