import { Button } from 'react-bootstrap';
import { fullDay, shortDay } from '../api/dates';
import type { RecoveryView, RecoveryWay } from '../api/schema';
import { shown } from '../word/grapheme';
import { useRecovery, type useYear } from './useYear';

interface Props {
  days: number;
  revision: number;
  step: ReturnType<typeof useYear>['step'];
  onDone: () => void;
}

const NAMES: Record<NonNullable<RecoveryWay>, string> = {
  pushOn: 'Push everything on',
  absorb: 'Use review days',
  shorten: 'Leave out consolidations',
};

/** The three ways to make up for lost days, side by side with what each would lead to. */
export function Recovery({ days, revision, step, onDone }: Props) {
  const ways = useRecovery(days, revision).data;
  return (
    <section className="recovery" aria-label="Ways to make up for it">
      <h2>{days === 1 ? 'A day is lost' : `${days} days are lost`}. Three ways to go on:</h2>
      <div className="recovery-ways">
        {ways?.map((x) => (
          <div key={x.way} className="recovery-way">
            <h3>{NAMES[x.way ?? 'pushOn']}</h3>
            <p className="ends">
              {x.ends ? (
                <>
                  top on <b>{fullDay(x.ends)}</b>
                </>
              ) : (
                <b>the top is not reached this year</b>
              )}
            </p>
            <p>{costOf(x)}</p>
            {x.fallsOff.length > 0 && (
              <p>
                Not reached: {x.fallsOff.length} rungs, from{' '}
                <b className="letters">{shown(x.fallsOff[0]?.label ?? '')}</b>
              </p>
            )}
            {x.milestones.map((m) => (
              <p key={m.name}>
                {m.name}: {track(m.daysLate, m.reached)}
              </p>
            ))}
            <Button
              size="sm"
              variant={x.way === 'pushOn' ? 'outline-dark' : 'dark'}
              disabled={
                step.isPending || (x.way !== 'pushOn' && x.reviewDays.length + x.leftOut.length === 0)
              }
              onClick={() => step.mutate({ kind: 'recovered', way: x.way, days }, { onSuccess: onDone })}
            >
              Take this way
            </Button>
          </div>
        ))}
      </div>
    </section>
  );
}

function costOf(x: RecoveryView) {
  switch (x.way) {
    case 'pushOn':
      return 'Nothing is left out; all that follows comes later.';
    case 'absorb':
      return x.reviewDays.length === 0
        ? 'There is no review day left before the top.'
        : `Something new on ${x.reviewDays.map(shortDay).join(', ')} in place of review.`;
    default:
      return x.leftOut.length === 0
        ? 'There is no consolidation left on the ladder.'
        : `Without the consolidation on rung ${x.leftOut.map((r) => r.number).join(', ')}.`;
  }
}

export function track(daysLate: number, reached: string | null) {
  if (!reached) return 'not reached this year';
  if (daysLate <= 0) return daysLate === 0 ? 'on its day' : `${-daysLate} school days early`;
  return `${daysLate} school ${daysLate === 1 ? 'day' : 'days'} late, ${fullDay(reached)}`;
}
