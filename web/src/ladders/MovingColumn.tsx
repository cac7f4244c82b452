import { Button } from 'react-bootstrap';
import type { ClashKind, DestinationView, LadderView, RungName } from '../api/schema';
import { useTerms } from '../api/useTerms';
import { shown } from '../word/grapheme';
import { destinationOf, setMoving, useMovingLater } from './moving';
import type { useMove } from './useMove';

/** What would change if the rungs that move were put down where they are held: beside them, while they move. */
export function MovingColumn({ ladder, move }: { ladder: LadderView; move: ReturnType<typeof useMove> }) {
  const moving = useMovingLater();
  const to = destinationOf(moving);
  const rungs = moving?.all?.moving ?? [];
  const targetsNow = ladder.sections.flatMap((x) => x.rungs).find((x) => x.rung.id === rungs[0]?.id)?.targets;
  return (
    <div className="moving-column" role="status" aria-live="polite">
      <h2 className="dock-text">{rungs.map((x) => shown(x.label)).join(', ')}</h2>
      {to && rungs[0] ? (
        <>
          <p className="facts">
            {rungs.length === 1 ? `Rung ${rungs[0].number}` : `${rungs.length} rungs`}, put at{' '}
            <b>rung {to.number}</b>
          </p>
          <Changes to={to} now={rungs.length === 1 ? targetsNow : undefined} />
          {moving?.all && moving.all.groups.length > 0 && (
            <p className="facts">Still to be taught to {moving.all.groups.join(', ')}.</p>
          )}
        </>
      ) : (
        <p className="waiting">Counting …</p>
      )}
      {moving?.by === 'keys' && (
        <div className="acts">
          <Button size="sm" variant="dark" onClick={move.put}>
            Put it here <kbd>Enter</kbd>
          </Button>
          <Button size="sm" variant="outline-dark" onClick={() => move.step(1)}>
            ↑ later
          </Button>
          <Button size="sm" variant="outline-dark" onClick={() => move.step(-1)}>
            ↓ earlier
          </Button>
          <Button size="sm" variant="link" onClick={() => setMoving(undefined)}>
            Leave it <kbd>Esc</kbd>
          </Button>
        </div>
      )}
    </div>
  );
}

export const CLASH: Record<ClashKind, string> = {
  byLook: 'look alike',
  bySound: 'sound alike',
  sameSound: 'spell one sound',
  words: 'look alike',
};

function Changes({ to, now }: { to: DestinationView; now: number | undefined }) {
  const terms = useTerms();
  const nothing =
    to.sooner + to.later + to.newlyThin.length + to.noLongerThin.length + to.clashes.length === 0 &&
    to.clashesGone.length +
      to.needless.length +
      to.trickyAgain.length +
      to.unmet.length +
      to.needsMet.length ===
      0;
  return (
    <dl className="changes">
      {now !== undefined && (
        <Change
          name={now === to.targets[0] ? 'words can carry it' : `words can carry it, ${now} now`}
          count={to.targets[0] ?? 0}
        >
          {null}
        </Change>
      )}
      {nothing && (
        <Change name="nothing else changes" count={undefined}>
          {null}
        </Change>
      )}
      {to.later > 0 && (
        <Change name="everyday words later" count={to.later}>
          <span className="letters">{to.laterWords.join(' ')}</span>
        </Change>
      )}
      {to.sooner > 0 && (
        <Change name="everyday words sooner" count={to.sooner}>
          <span className="letters">{to.soonerWords.join(' ')}</span>
        </Change>
      )}
      {to.newlyThin.length > 0 && (
        <Change name="newly thin by place" count={to.newlyThin.length}>
          {names(to.newlyThin)}
        </Change>
      )}
      {to.noLongerThin.length > 0 && (
        <Change name="no longer thin" count={to.noLongerThin.length}>
          {names(to.noLongerThin)}
        </Change>
      )}
      {to.unmet.length > 0 && (
        <Change name="before what it needs" count={to.unmet.length}>
          {to.unmet.map((x) => `${shown(x.label)} needs ${x.needs}`).join('; ')}
        </Change>
      )}
      {to.needsMet.length > 0 && (
        <Change name="no longer before what it needs" count={to.needsMet.length}>
          {to.needsMet.map((x) => shown(x.label)).join(', ')}
        </Change>
      )}
      {to.clashes.length > 0 && (
        <Change name="too close" count={to.clashes.length}>
          {to.clashes.map((x) => `${shown(x.one)} and ${shown(x.other)} ${CLASH[x.kind]}`).join('; ')}
        </Change>
      )}
      {to.clashesGone.length > 0 && (
        <Change name="no longer too close" count={to.clashesGone.length}>
          {to.clashesGone.map((x) => `${shown(x.one)} and ${shown(x.other)}`).join('; ')}
        </Change>
      )}
      {to.needless.length > 0 && (
        <Change name={`${terms.trickyWords} that could simply be read`} count={to.needless.length}>
          {to.needless.join(', ')}
        </Change>
      )}
      {to.trickyAgain.length > 0 && (
        <Change name={`${terms.trickyWords} again`} count={to.trickyAgain.length}>
          {to.trickyAgain.join(', ')}
        </Change>
      )}
      {to.dueNow.length > 0 && (
        <Change name="due at once" count={undefined}>
          for {to.dueNow.join(', ')}: it would lie below the line
        </Change>
      )}
    </dl>
  );
}

function Change({
  name,
  count,
  children,
}: {
  name: string;
  count: number | undefined;
  children: React.ReactNode;
}) {
  return (
    <div>
      <dt>
        {count !== undefined && <b>{count}</b>} {name}
      </dt>
      {children !== null && <dd>{children}</dd>}
    </div>
  );
}

const names = (rungs: RungName[]) => rungs.map((x) => `${x.number} ${shown(x.label)}`).join(', ');
