import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import type { LadderSummary } from '../api/schema';
import { shown } from '../word/grapheme';
import { LadderChoice } from './LadderChoice';
import type { SetUp } from './useSetUp';

/** How far a sheet that was brought in just now says that a group has come. */
export interface Dated {
  ladderId: string;
  rungId: string;
  /** Days that the rung after it has had. */
  daysOfNext: number;
}

interface NewProps {
  schoolId: string;
  ladders: LadderSummary[];
  setUp: SetUp;
  first: boolean;
  dated?: Dated;
}

/** A new group: its name, its ladder, and how far it has come. */
export function NewGroup({ schoolId, ladders, setUp, first, dated }: NewProps) {
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState('');
  const [said, setSaid] = useState<string>();
  const [ticked, setTicked] = useState<string[]>();
  const ladderId = ladders.some((x) => x.id === chosen) ? chosen : (ladders.at(-1)?.id ?? '');
  const ladder = useQuery({
    queryKey: ['ladder-of', schoolId, ladderId],
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/ladders/{ladderId}', { params: { path: { schoolId, ladderId } } }),
      ),
  });
  const sections = ladder.data?.sections ?? [];
  const byDates = dated?.ladderId === ladderId ? dated.rungId : undefined;
  const rungs = sections.flatMap((x) => x.rungs);
  const begun =
    dated && dated.daysOfNext > 0 ? rungs[rungs.findIndex((x) => x.rung.id === byDates) + 1] : undefined;
  const startsAfter = ladder.data?.startsAfter ?? undefined;
  const upTo = said ?? byDates ?? startsAfter ?? '';
  const daysOfNext = upTo === byDates && begun ? dated?.daysOfNext : undefined;
  const taught = ticked ? { rungs: ticked } : upTo === '' ? undefined : { upTo, daysOfNext };
  const add = () =>
    setUp.addGroup.mutate(
      { name, ladderId, taught },
      {
        onSuccess: () => {
          setName('');
          setSaid(undefined);
          setTicked(undefined);
        },
      },
    );
  return (
    <Form
      className="new-group"
      onSubmit={(x) => {
        x.preventDefault();
        add();
      }}
    >
      <h2>{first ? 'Your first group' : 'Another group'}</h2>
      <Form.Group controlId="groupName">
        <Form.Label>What it is called</Form.Label>
        <Form.Control
          value={name}
          maxLength={100}
          autoComplete="off"
          onChange={(x) => setName(x.target.value)}
        />
      </Form.Group>
      {ladders.length > 1 && (
        <Form.Group>
          <Form.Label>Its ladder</Form.Label>
          <LadderChoice
            ladders={ladders}
            value={ladderId}
            onChange={(x) => {
              setChosen(x);
              setSaid(undefined);
              setTicked(undefined);
            }}
          />
        </Form.Group>
      )}
      {!ticked && (
        <Form.Group controlId="upTo">
          <Form.Label>Taught so far</Form.Label>
          <Form.Select value={upTo} onChange={(x) => setSaid(x.target.value)}>
            <option value="">nothing yet</option>
            {sections.map((s) => (
              <optgroup key={s.id} label={s.name}>
                {s.rungs.map((x) => (
                  <option key={x.rung.id} value={x.rung.id}>
                    up to {x.number}: {shown(x.label)}
                  </option>
                ))}
              </optgroup>
            ))}
          </Form.Select>
          {upTo !== '' && upTo === byDates && (
            <span className="hint">
              by the dates in your sheet, up to yesterday
              {begun && `; begun: ${shown(begun.label)} (${dated?.daysOfNext} of ${begun.rung.days} days)`}
            </span>
          )}
          {upTo !== '' && upTo === startsAfter && (
            <span className="hint">what children know before your order begins</span>
          )}
          <Button
            size="sm"
            variant="link"
            onClick={() => {
              const all = rungs.map((x) => x.rung.id);
              setTicked(upTo === '' ? [] : all.slice(0, all.indexOf(upTo) + 1));
            }}
          >
            It was taught in another order: tick rung by rung
          </Button>
        </Form.Group>
      )}
      {ticked && (
        <fieldset className="ticks">
          <legend>Taught so far: {ticked.length} rungs</legend>
          {sections.map((s) => (
            <div key={s.id}>
              <h3>{s.name}</h3>
              {s.rungs.map((x) => (
                <Form.Check
                  key={x.rung.id}
                  inline
                  id={`taught-${x.rung.id}`}
                  label={shown(x.label)}
                  checked={ticked.includes(x.rung.id)}
                  onChange={(e) =>
                    setTicked(
                      e.target.checked ? [...ticked, x.rung.id] : ticked.filter((id) => id !== x.rung.id),
                    )
                  }
                />
              ))}
            </div>
          ))}
          <Button size="sm" variant="link" onClick={() => setTicked(undefined)}>
            Say up to which rung instead
          </Button>
        </fieldset>
      )}
      {setUp.addGroup.error && (
        <p className="form-problem" role="alert">
          {setUp.addGroup.error.message}
        </p>
      )}
      <Button
        type="submit"
        variant={first ? 'dark' : 'outline-dark'}
        disabled={setUp.addGroup.isPending || name.trim() === ''}
      >
        {setUp.addGroup.isPending ? 'Adding …' : 'Add the group'}
      </Button>
    </Form>
  );
}
