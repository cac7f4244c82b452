import { useState, type ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { DayUse, EventUse, TermView, WeeklyPattern, YearView } from '../api/schema';
import { CalendarFile } from './CalendarFile';
import type { SetUp } from './useSetUp';

const DAYS: [keyof WeeklyPattern, string][] = [
  ['monday', 'Monday'],
  ['tuesday', 'Tuesday'],
  ['wednesday', 'Wednesday'],
  ['thursday', 'Thursday'],
  ['friday', 'Friday'],
];

/** Days that are not as usual: the school is shut, or something happens. */
interface Special {
  first: string;
  last: string;
  name: string;
  use: EventUse | 'shut';
}

const USES: [Special['use'], string][] = [
  ['shut', 'shut'],
  ['shortLesson', 'a short lesson'],
  ['review', 'review only'],
  ['noted', 'only noted'],
];

interface Draft {
  terms: TermView[];
  specials: Special[];
  pattern: WeeklyPattern;
}

interface Props {
  schoolId: string;
  year: YearView;
  setUp: SetUp;
  onNext: () => void;
}

/** The school's days: terms, days off and the use of each weekday. */
export function YearStep({ schoolId, year, setUp, onNext }: Props) {
  const [draft, setDraft] = useState<Draft>({
    terms: year.terms,
    specials: [
      ...year.closures.map((x) => ({ first: x.first, last: x.last, name: x.reason, use: 'shut' as const })),
      ...year.events,
    ].sort((a, b) => a.first.localeCompare(b.first)),
    pattern: year.pattern,
  });
  const save = () =>
    setUp.saveYear.mutate(
      {
        revision: year.revision,
        terms: draft.terms,
        pattern: draft.pattern,
        closures: draft.specials
          .filter((x) => x.use === 'shut')
          .map(({ first, last, name }) => ({ first, last, reason: name })),
        events: draft.specials.flatMap(({ use, ...x }) => (use === 'shut' ? [] : [{ ...x, use }])),
      },
      { onSuccess: onNext },
    );
  const term = (at: number, change: Partial<TermView>) =>
    setDraft({ ...draft, terms: draft.terms.map((x, i) => (i === at ? { ...x, ...change } : x)) });
  const special = (at: number, change: Partial<Special>) =>
    setDraft({ ...draft, specials: draft.specials.map((x, i) => (i === at ? { ...x, ...change } : x)) });
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
          <legend>Days off and other days inside the terms</legend>
          {draft.specials.map((x, at) => (
            <Span
              key={at}
              what={`Day ${at + 1}`}
              name={x.name}
              first={x.first}
              last={x.last}
              onName={(name) => special(at, { name })}
              onFirst={(first) => special(at, { first, last: x.last < first ? first : x.last })}
              onLast={(last) => special(at, { last })}
              onDrop={() => setDraft({ ...draft, specials: draft.specials.filter((_, i) => i !== at) })}
            >
              <Form.Select
                size="sm"
                aria-label={`Day ${at + 1}: what it means`}
                value={x.use}
                onChange={(e) => special(at, { use: e.target.value as Special['use'] })}
              >
                {USES.map(([use, name]) => (
                  <option key={use} value={use}>
                    {name}
                  </option>
                ))}
              </Form.Select>
            </Span>
          ))}
          <Button
            size="sm"
            variant="link"
            onClick={() => {
              const first = draft.terms[0]?.first ?? '';
              setDraft({
                ...draft,
                specials: [...draft.specials, { first, last: first, name: 'Closed', use: 'shut' }],
              });
            }}
          >
            Another day
          </Button>
          <CalendarFile
            schoolId={schoolId}
            known={draft.specials.map((x) => ({ ...x, use: x.use === 'shut' ? null : x.use }))}
            onRead={(read) =>
              setDraft({
                ...draft,
                specials: [
                  ...draft.specials,
                  ...read.map((x) => ({ ...x, use: x.use ?? ('shut' as const) })),
                ].sort((a, b) => a.first.localeCompare(b.first)),
              })
            }
          />
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
  children?: ReactNode;
}

function Span({ what, name, first, last, onName, onFirst, onLast, onDrop, children }: SpanProps) {
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
      {children}
      {onDrop && (
        <Button size="sm" variant="link" aria-label={`${what}: take out`} onClick={onDrop}>
          Take out
        </Button>
      )}
    </div>
  );
}
