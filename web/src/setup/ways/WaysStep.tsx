import { useLimits } from '../../api/useLimits';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ConventionsDocument, ConventionsView } from '../../api/schema';
import { Effect, useEffectOf } from './Effect';
import { MarkWays } from './MarkWays';
import { LessonWays, ReadingWays } from './TaughtWays';
import { TermWays } from './TermWays';
import { useSchoolWays } from './useWays';
import { Way } from './Way';

/** Where schools differ: each choice with its default, its reason, and what it would change for a group of their own. */
export function WaysStep({ schoolId, onNext }: { schoolId: string; onNext: () => void }) {
  const ways = useSchoolWays(schoolId);
  if (!ways.view) return <p className="waiting">Opening …</p>;
  return (
    <Ways key={ways.view.revision} schoolId={schoolId} view={ways.view} save={ways.save} onNext={onNext} />
  );
}

interface Props {
  schoolId: string;
  view: ConventionsView;
  save: ReturnType<typeof useSchoolWays>['save'];
  onNext: () => void;
}

function Ways({ schoolId, view, save, onNext }: Props) {
  const apart = useLimits('spellingsApart');
  const [own, setOwn] = useState<ConventionsDocument>(view.own);
  const set = (change: ConventionsDocument) => setOwn({ ...own, ...change });
  const effect = useEffectOf(schoolId, view, own);
  const { whole } = view;
  const terms = own.terms ?? whole.terms;
  if (!terms) return null;
  const changed = JSON.stringify(own) !== JSON.stringify(view.own);
  const group = { id: '', own, whole, set };
  return (
    <Form
      className="ways"
      onSubmit={(x) => {
        x.preventDefault();
        save.mutate({ revision: view.revision, conventions: own }, { onSuccess: onNext });
      }}
    >
      <h1>How we teach</h1>
      <ReadingWays {...group} />
      <Effect effect={effect} />
      <LessonWays {...group} />
      <Way
        name="Two spellings of a sound"
        own={own.spellingsApart != null}
        back={() => set({ spellingsApart: null })}
        why="Apart until the first is firm, then met together on a contrast rung. What stands closer is told on the ladder."
      >
        <Form.Control
          size="sm"
          type="number"
          {...apart}
          aria-label="Rungs between two spellings of a sound"
          value={own.spellingsApart ?? whole.spellingsApart ?? 0}
          onChange={(x) => set({ spellingsApart: Number(x.target.value) })}
        />
        <span>rungs apart</span>
      </Way>
      <h2>Marks under words</h2>
      <MarkWays own={own} whole={whole} words={effect?.marked ?? []} set={set} />
      <h2>What we call things</h2>
      <TermWays own={own} terms={terms} set={set} />
      {save.error && (
        <p className="form-problem" role="alert">
          {save.error.message}
        </p>
      )}
      <Button type="submit" variant="dark" disabled={save.isPending}>
        {changed ? 'Save our ways' : 'These are our ways'}
      </Button>
    </Form>
  );
}
