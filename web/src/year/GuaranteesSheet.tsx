import { createPortal } from 'react-dom';
import { shortDay } from '../api/dates';
import { minutes, PART_NAMES } from '../api/parts';
import { usePlace } from '../api/place';
import type { GuaranteesView } from '../api/schema';
import { useSchool } from '../api/useSchool';
import { Sheet } from '../shell/Sheet';
import { shown } from '../word/grapheme';
import { figuresOf, promise } from './figures';

/** What can be said of all lessons, on a page for somebody who has to answer for it. Seen in print only. */
export function GuaranteesSheet({ data }: { data: GuaranteesView }) {
  const { schoolId } = usePlace();
  const school = useSchool(schoolId).data;
  return createPortal(
    <Sheet>
      <div className="year-sheet">
        <header>
          <h1>{data.group}: what can be said of their lessons</h1>
          <p>{school?.name}</p>
        </header>
        <p className="sheet-promise">{promise(data)}</p>
        <ul className="sheet-figures">
          {figuresOf(data).map((x) => (
            <li key={x.name}>
              <b>{x.value}</b> {x.name}
            </li>
          ))}
        </ul>
        <p>
          Minutes of a lesson:{' '}
          {data.minutes
            .filter((x) => x.minutes > 0)
            .map((x) => `${PART_NAMES[x.part]} ${minutes(x.minutes * 60)}`)
            .join(', ')}
          .
        </p>
        <table>
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
                <td>{x.lessons.map((l) => shown(l.title)).join(' · ')}</td>
                <td>
                  {[...new Set(x.lessons.map((l) => l.contrast).filter((c) => c !== ''))]
                    .map(shown)
                    .join('; ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Sheet>,
    document.body,
  );
}
