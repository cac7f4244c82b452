import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import { api, need } from '../api/client';
import type { GroupView, LadderSummary } from '../api/schema';
import { shown } from '../word/grapheme';
import { LadderChoice } from './LadderChoice';
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
              key={`${x.id} ${x.revision}`}
              schoolId={schoolId}
              group={x}
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

const ofGroup = (x: GroupView) => ({
  id: x.id,
  revision: x.revision,
  name: x.name,
  ladderId: x.ladderId,
  archived: x.archived,
});

interface RowProps {
  schoolId: string;
  group: GroupView;
  ladders: LadderSummary[];
  setUp: SetUp;
}

function GroupRow({ schoolId, group, ladders, setUp }: RowProps) {
  const [open, setOpen] = useState(false);
  const [ways, setWays] = useState(false);
  const [name, setName] = useState(group.name);
  const [ladderId, setLadderId] = useState(group.ladderId);
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
        <Form
          className="group-change"
          onSubmit={(x) => {
            x.preventDefault();
            setUp.saveGroup.mutate({ ...ofGroup(group), name, ladderId });
          }}
        >
          <Form.Control
            size="sm"
            aria-label="The group’s name"
            value={name}
            maxLength={100}
            onChange={(x) => setName(x.target.value)}
          />
          <LadderChoice ladders={ladders} value={ladderId} onChange={setLadderId} />
          <Button size="sm" type="submit" variant="dark" disabled={setUp.saveGroup.isPending}>
            Save
          </Button>
          {ladderId !== group.ladderId && <Moved schoolId={schoolId} group={group} ladderId={ladderId} />}
          {setUp.saveGroup.error && <p role="alert">{setUp.saveGroup.error.message}</p>}
        </Form>
      )}
      {ways && <GroupWays schoolId={schoolId} groupId={group.id} />}
    </li>
  );
}

/** Where the group would stand on the other ladder: what it was taught stays as it is. */
function Moved({ schoolId, group, ladderId }: { schoolId: string; group: GroupView; ladderId: string }) {
  const query = useQuery({
    queryKey: ['moved', schoolId, group.id, ladderId],
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/moved', {
          params: { path: { schoolId, groupId: group.id }, query: { ladderId } },
        }),
      ),
  });
  if (!query.data) return null;
  const { after } = query.data;
  return (
    <p className="moved" role="status">
      Now {group.taught} of {group.rungs} rungs of {group.ladderName}. Then {after.taught} of {after.rungs}{' '}
      rungs of {after.ladderName}
      {after.next && (
        <>
          , due <b className="letters">{shown(after.next)}</b>
        </>
      )}
      . What it was taught stays in its log.
    </p>
  );
}
