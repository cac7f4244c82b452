import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ClosureView, DayUse, TermView, WeeklyPattern, YearView } from '../api/schema';
import type { SetUp } from './useSetUp';

const DAYS: [keyof WeeklyPattern, string][] = [
  ['monday', 'Monday'],
  ['tuesday', 'Tuesday'],
  ['wednesday', 'Wednesday'],
  ['thursday', 'Thursday'],
  ['friday', 'Friday'],
];

interface Draft {
  terms: TermView[];
  closures: ClosureView[];
  pattern: WeeklyPattern;
}

/** The school's days: terms, days off and the use of each weekday. */
export function YearStep({ year, setUp, onNext }: { year: YearView; setUp: SetUp; onNext: () => void }) {
  const [draft, setDraft] = useState<Draft>({
    terms: year.terms,
    closures: year.closures,
    pattern: year.pattern,
  });
  const save = () => setUp.saveYear.mutate({ ...draft, revision: year.revision }, { onSuccess: onNext });
  const term = (at: number, change: Partial<TermView>) =>
    setDraft({ ...draft, terms: draft.terms.map((x, i) => (i === at ? { ...x, ...change } : x)) });
  const closure = (at: number, change: Partial<ClosureView>) =>
    setDraft({ ...draft, closures: draft.closures.map((x, i) => (i === at ? { ...x, ...change } : x)) });
  return (
    <Form
      className="year-form"
      onSubmit={(x) => {
        x.preventDefault();
        save();
      }}
    >
      <h1>The year</h1>
      <p className="total">
        {year.schoolDays} school days, {year.newDays} of them for something new
        {year.usual && '. These are the terms of most schools of the country: put yours in their place.'}
      </p>
      <div className="year-columns">
        <fieldset>
          <legend>Terms</legend>
          {draft.terms.map((x, at) => (
            <Span
              key={at}
              what={`Term ${at + 1}`}
              name={x.name}
              first={x.first}
              last={x.last}
              onName={(name) => term(at, { name })}
              onFirst={(first) => term(at, { first })}
              onLast={(last) => term(at, { last })}
              onDrop={
                draft.terms.length > 1
                  ? () => setDraft({ ...draft, terms: draft.terms.filter((_, i) => i !== at) })
                  : undefined
              }
            />
          ))}
          <Button
            size="sm"
            variant="link"
            onClick={() => setDraft({ ...draft, terms: [...draft.terms, after(draft.terms)] })}
          >
            Another term
          </Button>
        </fieldset>
        <fieldset>
          <legend>Days off inside the terms</legend>
          {draft.closures.map((x, at) => (
            <Span
              key={at}
              what={`Days off ${at + 1}`}
              name={x.reason}
              first={x.first}
              last={x.last}
              onName={(reason) => closure(at, { reason })}
              onFirst={(first) => closure(at, { first, last: x.last < first ? first : x.last })}
              onLast={(last) => closure(at, { last })}
              onDrop={() => setDraft({ ...draft, closures: draft.closures.filter((_, i) => i !== at) })}
            />
          ))}
          <Button
            size="sm"
            variant="link"
            onClick={() => {
              const first = draft.terms[0]?.first ?? '';
              setDraft({ ...draft, closures: [...draft.closures, { first, last: first, reason: 'Closed' }] });
            }}
          >
            Another day off
          </Button>
        </fieldset>
      </div>
      <fieldset className="week">
        <legend>The week</legend>
        {DAYS.map(([day, name]) => (
          <Form.Group key={day} controlId={`use-${day}`}>
            <Form.Label>{name}</Form.Label>
            <Form.Select
              size="sm"
              value={draft.pattern[day]}
              onChange={(x) =>
                setDraft({ ...draft, pattern: { ...draft.pattern, [day]: x.target.value as DayUse } })
              }
            >
              <option value="new">something new</option>
              <option value="review">review</option>
            </Form.Select>
          </Form.Group>
        ))}
      </fieldset>
      {setUp.saveYear.error && (
        <p className="form-problem" role="alert">
          {setUp.saveYear.error.message}
        </p>
      )}
      <Button type="submit" variant="dark" disabled={setUp.saveYear.isPending}>
        {year.usual ? 'These are our terms' : 'Save the year'}
      </Button>
    </Form>
  );
}

/** A term to follow the last one. */
function after(terms: TermView[]): TermView {
  const last = terms.at(-1)?.last ?? '';
  return { name: `Term ${terms.length + 1}`, first: last, last };
}

interface SpanProps {
  what: string;
  name: string;
  first: string;
  last: string;
  onName: (x: string) => void;
  onFirst: (x: string) => void;
  onLast: (x: string) => void;
  onDrop?: () => void;
}

function Span({ what, name, first, last, onName, onFirst, onLast, onDrop }: SpanProps) {
  return (
    <div className="span-row">
      <Form.Control
        size="sm"
        aria-label={`${what}: name`}
        value={name}
        maxLength={100}
        onChange={(x) => onName(x.target.value)}
      />
      <Form.Control
        size="sm"
        type="date"
        aria-label={`${what}: first day`}
        value={first}
        onChange={(x) => onFirst(x.target.value)}
        required
      />
      <Form.Control
        size="sm"
        type="date"
        aria-label={`${what}: last day`}
        value={last}
        onChange={(x) => onLast(x.target.value)}
        required
      />
      {onDrop && (
        <Button size="sm" variant="link" aria-label={`${what}: take out`} onClick={onDrop}>
          Take out
        </Button>
      )}
    </div>
  );
}
