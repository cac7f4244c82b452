import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import { longDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { GroupYearView, YearDayView } from '../api/schema';
import { shown } from '../word/grapheme';
import { useSchoolClosure, type useYear } from './useYear';

interface Props {
  year: GroupYearView;
  day: YearDayView;
  step: ReturnType<typeof useYear>['step'];
  onLost: () => void;
}

/** A day that was chosen: what it is for, and what can befall it. */
export function DayColumn({ year, day, step, onLost }: Props) {
  const place = usePlace();
  const [reason, setReason] = useState('');
  const closeSchool = useSchoolClosure(onLost);
  const said = reason.trim() === '' ? 'No lesson' : reason.trim();
  const failed = step.error ?? closeSchool.error;
  return (
    <div>
      <h2 className="dock-text">{day.rung ? shown(day.rung.label) : 'review'}</h2>
      <p className="facts">
        {longDay(day.day)}
        {day.rung && ` · rung ${day.rung.number}`}
        {day.outcome && ` · ${day.outcome}`}
        {day.extra && ' · in place of review'}
        {day.short && ' · a short lesson'}
      </p>
      {day.events.length > 0 && <p className="facts">{day.events.join(' · ')}</p>}
      <p>
        <Link to={place.to(`today/${day.day}`)}>Open the lesson</Link>
      </p>
      {!day.outcome && (
        <>
          <h2>No lesson that day?</h2>
          <Form.Control
            size="sm"
            aria-label="Why"
            placeholder="why: snow, a trip …"
            value={reason}
            maxLength={100}
            onChange={(x) => setReason(x.target.value)}
          />
          <div className="acts">
            <Button
              size="sm"
              variant="dark"
              disabled={step.isPending}
              onClick={() =>
                step.mutate(
                  { kind: 'closed', first: day.day, last: day.day, reason: said, days: 1 },
                  { onSuccess: onLost },
                )
              }
            >
              For {year.group}
            </Button>
            <Button
              size="sm"
              variant="outline-dark"
              disabled={closeSchool.isPending}
              onClick={() => closeSchool.mutate({ first: day.day, last: day.day, reason: said })}
            >
              For the whole school
            </Button>
          </div>
          {!day.short && (
            <p>
              <Button
                size="sm"
                variant="link"
                disabled={step.isPending}
                onClick={() =>
                  step.mutate({
                    kind: 'event',
                    use: 'shortLesson',
                    first: day.day,
                    last: day.day,
                    reason: reason.trim() === '' ? 'Half a day' : reason.trim(),
                    days: 1,
                  })
                }
              >
                Or half a day: a short lesson
              </Button>
            </p>
          )}
        </>
      )}
      {day.rung && (
        <>
          <h2>Not yet firm?</h2>
          <Button
            size="sm"
            variant="outline-dark"
            disabled={step.isPending}
            onClick={() =>
              step.mutate({ kind: 'anotherDay', rungId: day.rung?.id, days: 1 }, { onSuccess: onLost })
            }
          >
            <b className="letters">{shown(day.rung.label)}</b> needs another day
          </Button>
        </>
      )}
      {failed && <p role="alert">{failed.message}</p>}
    </div>
  );
}
