import { Link } from 'react-router';
import { shown } from '../word/grapheme';
import type { SetUp } from './useSetUp';

/** Where the path ends: the lesson of each group. */
export function LessonStep({ schoolId, setUp }: { schoolId: string; setUp: SetUp }) {
  const groups = (setUp.groups.data ?? []).filter((x) => !x.archived);
  if (groups.length === 0) {
    return (
      <>
        <h1>The first lesson</h1>
        <p>
          A lesson is made for a group. <Link to={`/${schoolId}/set-up/groups`}>Add a group</Link> first.
        </p>
      </>
    );
  }
  return (
    <>
      <h1>The first lesson</h1>
      <ul className="first-lessons">
        {groups.map((x) => (
          <li key={x.id}>
            <Link className="btn btn-dark" to={`/${schoolId}/${x.id}/today`}>
              Open the lesson of {x.name}
            </Link>{' '}
            {x.next ? (
              <>
                Due is rung {x.taught + 1}, <b className="letters">{shown(x.next)}</b>
              </>
            ) : (
              'The whole ladder is taught.'
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
