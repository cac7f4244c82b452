import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { api, need } from '../api/client';
import { fullDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { LadderView, RungChangeView } from '../api/schema';
import { shown } from '../word/grapheme';
import type { useLadder } from './useLadder';

interface Props {
  ladder: LadderView;
  publish: ReturnType<typeof useLadder>['publish'];
  goBack: ReturnType<typeof useLadder>['goBack'];
  onDone: () => void;
}

/** What letting lessons follow the draft would change, before it is done; and what was followed before. */
export function PublishColumn({ ladder, publish, goBack, onDone }: Props) {
  const { schoolId } = usePlace();
  const path = { schoolId, ladderId: ladder.id };
  const changes = useQuery({
    queryKey: ['changes', schoolId, ladder.id, ladder.revision],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/ladders/{ladderId}/changes', { params: { path } })),
  });
  const history = useQuery({
    queryKey: ['revisions', schoolId, ladder.id, ladder.revision],
    queryFn: () =>
      need(api.GET('/api/schools/{schoolId}/ladders/{ladderId}/revisions', { params: { path } })),
  });
  return (
    <div className="publish-column">
      <h2>{ladder.unpublished > 0 ? 'What lessons would follow' : 'Lessons follow this ladder'}</h2>
      {changes.data && ladder.unpublished > 0 && (
        <>
          <ul>
            {changes.data.rungs.map((x) => (
              <li key={`${x.kind} ${x.label} ${x.from ?? ''}`}>{changed(x)}</li>
            ))}
            {changes.data.sections > 0 && (
              <li>{changes.data.sections} sections renamed or shaped otherwise</li>
            )}
            {changes.data.renamed && <li>another name</li>}
          </ul>
          {changes.data.groups.map((x) => (
            <p key={x.group}>
              <b>{x.group}</b>: {x.left === x.leftThen ? x.left : `${x.left}, then ${x.leftThen}`} rungs still
              to learn; next{' '}
              {x.next === x.nextThen ? (
                <b className="letters">{shown(x.next ?? 'nothing')}</b>
              ) : (
                <>
                  <b className="letters">{shown(x.nextThen ?? 'nothing')}</b> in place of{' '}
                  <b className="letters">{shown(x.next ?? 'nothing')}</b>
                </>
              )}
              {x.ends !== x.endsThen && (
                <>
                  ; the top {x.endsThen ? `on ${fullDay(x.endsThen)}` : 'not this year'}
                  {x.ends ? `, not on ${fullDay(x.ends)}` : ''}
                </>
              )}
              .
            </p>
          ))}
          <p className="hint">What a group was taught stays as it is.</p>
          <Button variant="dark" disabled={publish.isPending} onClick={() => publish.mutate(onDone)}>
            Let lessons follow
          </Button>{' '}
        </>
      )}
      <Button variant="link" size="sm" onClick={onDone}>
        Not now
      </Button>
      {history.data && (
        <>
          <h2>Before</h2>
          <ul className="history">
            {history.data.map((x) => (
              <li key={x.number}>
                {x.on ? fullDay(x.on) : 'earlier'}: {x.rungs} rungs
                {x.changes > 0 && `, ${x.changes} ${x.changes === 1 ? 'change' : 'changes'}`}
                {x.followed ? (
                  ' · followed now'
                ) : (
                  <Button
                    variant="link"
                    size="sm"
                    disabled={goBack.isPending}
                    onClick={() => goBack.mutate(x.number)}
                  >
                    Go back to it
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function changed(x: RungChangeView) {
  const name = <b className="letters">{shown(x.label)}</b>;
  switch (x.kind) {
    case 'added':
      return (
        <>
          {name} comes in at rung {x.to}
        </>
      );
    case 'removed':
      return (
        <>
          {name} goes, rung {x.from} till now
        </>
      );
    case 'moved':
      return (
        <>
          {name} from rung {x.from} to {x.to}
        </>
      );
    default:
      return (
        <>
          {name} says something else, rung {x.to}
        </>
      );
  }
}
