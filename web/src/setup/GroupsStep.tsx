import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { GroupView, LadderSummary } from '../api/schema';
import { shown } from '../word/grapheme';
import { GroupChange, ofGroup } from './GroupChange';
import { NewGroup, type Dated } from './NewGroup';
import { GroupWays } from './ways/GroupWays';
import type { SetUp } from './useSetUp';

interface Props {
  schoolId: string;
  setUp: SetUp;
  dated?: Dated;
  onNext: () => void;
}

/** Who the groups are, and what they were taught before they came here. */
export function GroupsStep({ schoolId, setUp, dated, onNext }: Props) {
  const groups = setUp.groups.data ?? [];
  const ladders = setUp.ladders.data ?? [];
  const here = groups.filter((x) => !x.archived);
  const away = groups.filter((x) => x.archived);
  return (
    <>
      <h1>The groups</h1>
      {here.length > 0 && (
        <ul className="groups">
          {here.map((x) => (
            <GroupRow
              key={x.id}
              schoolId={schoolId}
              group={x}
              others={here.filter((o) => o.id !== x.id)}
              ladders={ladders}
              setUp={setUp}
            />
          ))}
        </ul>
      )}
      {ladders.length === 0 ? (
        <p>
          A group is taught by a ladder. <Link to={`/${schoolId}/set-up/ladder`}>Bring in the ladder</Link>{' '}
          first.
        </p>
      ) : (
        <NewGroup
          schoolId={schoolId}
          ladders={ladders}
          setUp={setUp}
          first={here.length === 0}
          dated={dated}
        />
      )}
      {here.length > 0 && (
        <p>
          <Button variant="dark" onClick={onNext}>
            Go on to the year
          </Button>
        </p>
      )}
      {away.length > 0 && (
        <section>
          <h2>Put away</h2>
          <ul className="groups">
            {away.map((x) => (
              <li key={x.id}>
                <b>{x.name}</b> <span className="hint">{x.taught} rungs taught</span>{' '}
                <Button
                  size="sm"
                  variant="link"
                  onClick={() => setUp.saveGroup.mutate({ ...ofGroup(x), archived: false })}
                >
                  Bring it back
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

interface RowProps {
  schoolId: string;
  group: GroupView;
  others: GroupView[];
  ladders: LadderSummary[];
  setUp: SetUp;
}

function GroupRow({ schoolId, group, others, ladders, setUp }: RowProps) {
  const [open, setOpen] = useState(false);
  const [ways, setWays] = useState(false);
  const mate = others.find((x) => x.id === group.roomWith);
  return (
    <li>
      <div className="group-line">
        <b>{group.name}</b>
        <span>
          {group.taught} of {group.rungs} rungs of {group.ladderName}
          {group.next && (
            <>
              , then <b className="letters">{shown(group.next)}</b>
            </>
          )}
          {mate && <>, in one room with {mate.name}</>}
        </span>
        <Link to={`/${schoolId}/${group.id}/today`}>Today</Link>
        <Button size="sm" variant="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          Change
        </Button>
        <Button size="sm" variant="link" aria-expanded={ways} onClick={() => setWays(!ways)}>
          Their ways
        </Button>
        <Button
          size="sm"
          variant="link"
          aria-label={`Put ${group.name} away`}
          onClick={() => setUp.saveGroup.mutate({ ...ofGroup(group), archived: true })}
        >
          Put away
        </Button>
      </div>
      {open && (
        <GroupChange
          key={group.revision}
          schoolId={schoolId}
          group={group}
          others={others}
          ladders={ladders}
          setUp={setUp}
          onSaved={() => setOpen(false)}
        />
      )}
      {ways && <GroupWays schoolId={schoolId} groupId={group.id} />}
    </li>
  );
}
