import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ConventionsDocument, ConventionsView, WordShape } from '../../api/schema';
import { useAccents } from '../../api/useAccents';
import { LessonWays, ReadingWays } from './TaughtWays';
import { useGroupWays } from './useWays';
import { Way } from './Way';

/** How one group does it where it differs from its school: how it speaks, its pace, its week, how long its words may be. */
export function GroupWays({ schoolId, groupId }: { schoolId: string; groupId: string }) {
  const ways = useGroupWays(schoolId, groupId);
  if (!ways.view) return <p className="waiting">Opening …</p>;
  return <Ways key={ways.view.revision} groupId={groupId} view={ways.view} save={ways.save} />;
}

const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday'] as const;
const SHAPES: { name: string; shape: WordShape }[] = [
  { name: 'three sounds, no consonants together', shape: { boxes: 3, together: 1, syllables: 1 } },
  { name: 'four sounds, two consonants together', shape: { boxes: 4, together: 2, syllables: 1 } },
  { name: 'five sounds, two consonants together', shape: { boxes: 5, together: 2, syllables: 1 } },
  { name: 'six sounds, two syllables', shape: { boxes: 6, together: 3, syllables: 2 } },
];

interface Props {
  groupId: string;
  view: ConventionsView;
  save: ReturnType<typeof useGroupWays>['save'];
}

function Ways({ groupId, view, save }: Props) {
  const accents = useAccents();
  const [own, setOwn] = useState<ConventionsDocument>(view.own);
  const set = (change: ConventionsDocument) => setOwn({ ...own, ...change });
  const { whole } = view;
  const week = own.week ?? whole.week;
  if (!week) return null;
  const parts = { id: groupId, own, whole, set };
  const switched = (own.merges ?? whole.merges ?? '').split(' ').filter((x) => x !== '');
  return (
    <Form
      className="ways group-ways"
      onSubmit={(x) => {
        x.preventDefault();
        save.mutate({ revision: view.revision, conventions: own });
      }}
    >
      <p className="hint">Left alone, each goes as the school does it.</p>
      <Way
        name="How they speak"
        own={own.accent != null}
        back={() => set({ accent: null, merges: null })}
        why="Lists, verdicts and sound-alikes follow the children’s ears."
      >
        <Form.Select
          size="sm"
          aria-label="How they speak"
          value={own.accent ?? ''}
          onChange={(x) => set({ accent: x.target.value === '' ? null : x.target.value, merges: null })}
        >
          <option value="">as the school does</option>
          {accents.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </Way>
      {(own.accent ?? view.accent) === view.accent &&
        view.merges.map((x) => (
          <Way
            key={x.key}
            name={x.example}
            own={switched.includes(x.key)}
            back={() => set({ merges: switched.filter((m) => m !== x.key).join(' ') })}
            why={x.usual ? 'Most who speak so hear them as one.' : 'Most who speak so hear two sounds.'}
          >
            <Form.Check
              type="checkbox"
              id={`${groupId}${x.key}`}
              label="sound the same to them"
              checked={x.usual !== switched.includes(x.key)}
              onChange={() =>
                set({
                  merges: (switched.includes(x.key)
                    ? switched.filter((m) => m !== x.key)
                    : [...switched, x.key]
                  ).join(' '),
                })
              }
            />
          </Way>
        ))}
      <Way
        name="Their week"
        own={own.week != null}
        back={() => set({ week: null })}
        why="Days of new learning; the others go over what was taught."
      >
        {DAYS.map((day) => (
          <Form.Check
            key={day}
            inline
            type="checkbox"
            id={`${groupId}${day}`}
            label={day.slice(0, 3)}
            checked={week[day] === 'new'}
            onChange={(x) => set({ week: { ...week, [day]: x.target.checked ? 'new' : 'review' } })}
          />
        ))}
      </Way>
      <Way
        name="No word longer than"
        own={own.largest != null}
        back={() => set({ largest: null })}
        why="Words, sentences and lists for them stay within it, whatever the section allows."
      >
        <Form.Select
          size="sm"
          aria-label="No word longer than"
          value={SHAPES.findIndex((x) => x.shape.boxes === own.largest?.boxes)}
          onChange={(x) => set({ largest: SHAPES[Number(x.target.value)]?.shape ?? null })}
        >
          <option value={-1}>the section says</option>
          {SHAPES.map((x, at) => (
            <option key={x.name} value={at}>
              {x.name}
            </option>
          ))}
        </Form.Select>
      </Way>
      <LessonWays {...parts} />
      <ReadingWays {...parts} />
      {save.error && (
        <p className="form-problem" role="alert">
          {save.error.message}
        </p>
      )}
      <Button type="submit" size="sm" variant="dark" disabled={save.isPending}>
        Save their ways
      </Button>
    </Form>
  );
}
