import { Link } from 'react-router';
import type { BlockerView } from '../api/schema';
import { shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import { shown } from './grapheme';

/** Each part that stands against a word, with the rung that brings it and the day. */
export function Blockers({ blockers }: { blockers: BlockerView[] }) {
  const place = usePlace();
  return (
    <ul className="blockers">
      {blockers.map((x) => (
        <li key={x.part}>
          <b>{shown(x.part)}</b>{' '}
          {x.rungId ? (
            <>
              comes on <Link to={place.to(`ladder/${x.rungId}`)}>rung {x.rung}</Link>
              {x.date ? `, ${shortDay(x.date)}` : ', after this year'}
            </>
          ) : (
            'is on no rung of this ladder'
          )}
        </li>
      ))}
    </ul>
  );
}
