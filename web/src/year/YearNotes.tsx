import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { fullDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { GroupYearView } from '../api/schema';
import { Forecast } from '../strip/Forecast';
import { shown } from '../word/grapheme';
import { ForFamilies } from './ForFamilies';
import { track } from './Recovery';
import type { useYear } from './useYear';

interface Props {
  year: GroupYearView;
  milestones: ReturnType<typeof useYear>['milestones'];
  feed: ReturnType<typeof useYear>['feed'];
  step: ReturnType<typeof useYear>['step'];
}

/** What a lead wants to know of the year, when no day is chosen. */
export function YearNotes({ year, milestones, feed, step }: Props) {
  const { schoolId, groupId } = usePlace();
  const [day, setDay] = useState('');
  const [weeks, setWeeks] = useState(3);
  const file = (format: string) => `/api/schools/${schoolId}/groups/${groupId}/year/file?format=${format}`;
  return (
    <div className="notes">
      <h2>The top</h2>
      {year.ends ? (
        <p>
          On <b>{fullDay(year.ends)}</b>, if all goes to plan.
        </p>
      ) : (
        <>
          <p>
            <b>Not this year</b>: {year.fallsOff.length} rungs fall off its end.
          </p>
          <p className="word-list">{year.fallsOff.map((x) => `${x.number} ${shown(x.label)}`).join(' · ')}</p>
        </>
      )}
      {year.strip.sections.every((x) => x.rungs.every((r) => !r.filled)) && (
        <>
          <h2>Before the first rung</h2>
          <div className="for-families">
            <Form.Select
              size="sm"
              aria-label="Weeks of listening"
              value={weeks}
              onChange={(x) => setWeeks(Number(x.target.value))}
            >
              {[1, 2, 3, 4, 5, 6].map((x) => (
                <option key={x} value={x}>
                  {x === 1 ? 'a week' : `${x} weeks`} of listening
                </option>
              ))}
            </Form.Select>
            <Button
              size="sm"
              variant="outline-dark"
              disabled={step.isPending}
              onClick={() => step.mutate({ kind: 'event', weeks, use: 'review', days: 1 })}
            >
              Begin with them
            </Button>
          </div>
        </>
      )}
      <h2>Where will we be?</h2>
      <Form.Control
        size="sm"
        type="date"
        aria-label="Where will we be on"
        value={day}
        min={year.today}
        onChange={(x) => setDay(x.target.value)}
      />
      <Forecast day={day} />
      <Milestones year={year} save={milestones} />
      <ForFamilies year={year} />
      <h2>For other programs</h2>
      <p className="files">
        <a href={file('ics')} download>
          Calendar file
        </a>
        <a href={file('csv')} download>
          Table (.csv)
        </a>
      </p>
      {year.feed && (
        <Form.Control
          size="sm"
          readOnly
          aria-label="The calendar’s address"
          value={`${window.location.origin}${year.feed}`}
          onFocus={(x) => x.target.select()}
        />
      )}
      <Button size="sm" variant="link" disabled={feed.isPending} onClick={() => feed.mutate()}>
        {year.feed ? 'Another address: the old one stops' : 'An address that calendars can follow'}
      </Button>
    </div>
  );
}

function Milestones({ year, save }: { year: GroupYearView; save: Props['milestones'] }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [by, setBy] = useState('');
  const [rungId, setRungId] = useState('');
  const [isCheck, setIsCheck] = useState(false);
  const now = year.milestones.map((x) => ({ name: x.name, by: x.by, rungId: x.rungId, isCheck: x.isCheck }));
  return (
    <>
      <h2>Where we should be</h2>
      {year.milestones.length === 0 && <p>No milestone yet.</p>}
      <ul className="milestones">
        {year.milestones.map((x, at) => (
          <li key={x.name + x.by}>
            <b>{x.name}</b>, {x.isCheck ? 'a check on' : 'by'} {fullDay(x.by)}: rungs to{' '}
            <b className="letters">{shown(x.label)}</b>. {capital(track(x.daysLate, x.reached))}.
            <Button
              size="sm"
              variant="link"
              aria-label={`Take out ${x.name}`}
              onClick={() => save.mutate(now.filter((_, i) => i !== at))}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      {open ? (
        <Form
          className="milestone-form"
          onSubmit={(x) => {
            x.preventDefault();
            save.mutate([...now, { name, by, rungId, isCheck }], {
              onSuccess: () => {
                setOpen(false);
                setName('');
              },
            });
          }}
        >
          <Form.Control
            size="sm"
            aria-label="Its name"
            placeholder="name: spring half-term"
            value={name}
            maxLength={100}
            required
            onChange={(x) => setName(x.target.value)}
          />
          <Form.Control
            size="sm"
            type="date"
            aria-label="By which day"
            value={by}
            required
            onChange={(x) => setBy(x.target.value)}
          />
          <Form.Select
            size="sm"
            aria-label="Rungs up to"
            value={rungId}
            required
            onChange={(x) => setRungId(x.target.value)}
          >
            <option value="">rungs up to …</option>
            {year.strip.sections
              .flatMap((x) => x.rungs)
              .map((x) => (
                <option key={x.id} value={x.id}>
                  {x.number} {shown(x.label)}
                </option>
              ))}
          </Form.Select>
          <Form.Check
            type="checkbox"
            id="milestone-check"
            label="an official check"
            checked={isCheck}
            onChange={(x) => setIsCheck(x.target.checked)}
          />
          {save.error && <p role="alert">{save.error.message}</p>}
          <Button size="sm" type="submit" variant="dark" disabled={save.isPending}>
            Add it
          </Button>
        </Form>
      ) : (
        <Button size="sm" variant="link" onClick={() => setOpen(true)}>
          Add a milestone
        </Button>
      )}
    </>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
