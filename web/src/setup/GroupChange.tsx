import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import type { GroupView, LadderSummary } from '../api/schema';
import { shown } from '../word/grapheme';
import { LadderChoice } from './LadderChoice';
import type { SetUp } from './useSetUp';

interface Props {
  schoolId: string;
  group: GroupView;
  others: GroupView[];
  ladders: LadderSummary[];
  setUp: SetUp;
  onSaved: () => void;
}

/** A group's name, ladder and room. */
export function GroupChange({ schoolId, group, others, ladders, setUp, onSaved }: Props) {
  const [name, setName] = useState(group.name);
  const [ladderId, setLadderId] = useState(group.ladderId);
  const [roomWith, setRoomWith] = useState(group.roomWith);
  return (
    <Form
      className="group-change"
      onSubmit={(x) => {
        x.preventDefault();
        setUp.saveGroup.mutate({ ...ofGroup(group), name, ladderId, roomWith }, { onSuccess: onSaved });
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
      {others.length > 0 && (
        <Form.Select
          size="sm"
          aria-label="Taught in one room with"
          title="One adult, two groups: they go over the same cards together, and each goes on by itself."
          value={roomWith ?? ''}
          onChange={(x) => setRoomWith(x.target.value === '' ? null : x.target.value)}
        >
          <option value="">in a room alone</option>
          {others.map((x) => (
            <option key={x.id} value={x.id}>
              in one room with {x.name}
            </option>
          ))}
        </Form.Select>
      )}
      <Button size="sm" type="submit" variant="dark" disabled={setUp.saveGroup.isPending}>
        Save
      </Button>
      {ladderId !== group.ladderId && <Moved schoolId={schoolId} group={group} ladderId={ladderId} />}
      {setUp.saveGroup.error && <p role="alert">{setUp.saveGroup.error.message}</p>}
    </Form>
  );
}

/** What a change of a group says of all that stays. */
export const ofGroup = (x: GroupView) => ({
  id: x.id,
  revision: x.revision,
  name: x.name,
  ladderId: x.ladderId,
  archived: x.archived,
  roomWith: x.roomWith,
});

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
