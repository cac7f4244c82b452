import { shortDay } from '../api/dates';
import { useAllYears } from './useYear';

const WIDTH = 860;
const HEIGHT = 440;
const LEFT = 34;
const FOOT = 26;
const RIGHT = 16;
const MOST_LETTERS = 24;
const MONTH = 24;

/** All groups of the school on one picture: how far up each is on every day, what was taught drawn heavy. */
export function AllGroups() {
  const years = useAllYears();
  const days = [...new Set(years.flatMap((x) => x.days.map((d) => d.day)))].sort();
  const first = days[0];
  const last = days.at(-1);
  if (!first || !last) return null;
  const top = Math.max(...years.map((x) => x.strip.sections.reduce((sum, s) => sum + s.rungs.length, 0)));
  const time = (day: string) => new Date(`${day}T00:00:00Z`).getTime();
  const x = (day: string) =>
    LEFT + ((WIDTH - LEFT - RIGHT) * (time(day) - time(first))) / Math.max(1, time(last) - time(first));
  const y = (rungs: number) => HEIGHT - FOOT - ((HEIGHT - FOOT - 12) * rungs) / top;
  const today = years[0]?.today ?? first;
  const months = days
    .filter((d, at) => at === 0 || d.slice(0, 7) !== days[at - 1]?.slice(0, 7))
    .filter((d, at, all) => at === all.length - 1 || x(all[at + 1] ?? d) - x(d) > MONTH);
  const lines = years.map((year) => ({
    year,
    points: year.days.map((x) => ({ day: x.day, rungs: x.reached })),
  }));
  return (
    <svg
      className="all-groups"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`How far each group is: ${lines.map((l) => `${l.year.group} ${rungsOn(l.points, today)} rungs today`).join(', ')}`}
    >
      {[0, 0.25, 0.5, 0.75, 1].map((part) => (
        <g key={part} className="grid">
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(top * part)} y2={y(top * part)} />
          <text x={LEFT - 6} y={y(top * part) + 4} textAnchor="end">
            {Math.round(top * part)}
          </text>
        </g>
      ))}
      {months.map((d) => (
        <text key={d} className="month" x={x(d)} y={HEIGHT - 6}>
          {shortDay(d).split(' ')[1]}
        </text>
      ))}
      <line className="today" x1={x(today)} x2={x(today)} y1={8} y2={HEIGHT - FOOT} />
      {lines.map(({ year, points }, at) => (
        <g key={year.groupId} className="climb">
          <polyline
            className="planned"
            points={points.map((p) => `${x(p.day)},${y(p.rungs)}`).join(' ')}
            strokeDasharray={['none', '7 4', '2 4'][at % 3]}
          />
          <polyline
            className="given"
            points={points
              .filter((p) => p.day <= today)
              .map((p) => `${x(p.day)},${y(p.rungs)}`)
              .join(' ')}
          />
          <text x={x(today) - 8} y={y(rungsOn(points, today)) - 6} textAnchor="end">
            {year.group.slice(0, MOST_LETTERS)}
          </text>
        </g>
      ))}
    </svg>
  );
}

interface Point {
  day: string;
  rungs: number;
}

const rungsOn = (points: Point[], day: string) => points.filter((x) => x.day <= day).at(-1)?.rungs ?? 0;
