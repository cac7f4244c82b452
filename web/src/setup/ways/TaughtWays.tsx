import { useLimits } from '../../api/useLimits';
import { Form } from 'react-bootstrap';
import type { BlendAloud, ConventionsDocument, SpellAloud, TrickyLearning } from '../../api/schema';
import { useTerms } from '../../api/useTerms';
import { Choices, Way } from './Way';

interface Props {
  /** Tells one form's fields from another's. */
  id: string;
  own: ConventionsDocument;
  whole: ConventionsDocument;
  set: (change: ConventionsDocument) => void;
}

/** What counts as readable: choices whose effect on a group can be counted. */
export function ReadingWays({ id, own, whole, set }: Props) {
  const terms = useTerms();
  return (
    <>
      <Way
        name="Weak vowels"
        own={own.weakVowels != null}
        back={() => set({ weakVowels: null })}
        why="In longer words a taught vowel letter that is said weakly still counts, for reading: the a of sofa."
      >
        <Choices
          name={`${id}weak`}
          value={own.weakVowels ?? whole.weakVowels ?? ''}
          options={[
            ['lenient', 'count in longer words'],
            ['strict', 'are taught one by one'],
          ]}
          onChange={(x) => set({ weakVowels: x as ConventionsDocument['weakVowels'] })}
        />
      </Way>
      <Way
        name="The -s of dogs"
        own={own.plurals != null}
        back={() => set({ plurals: null })}
        why="Where the ladder has a rung for -s, it adds the words in which it buzzes."
      >
        <Choices
          name={`${id}plurals`}
          value={own.plurals ?? whole.plurals ?? ''}
          options={[
            ['ownRung', 'waits for its rung'],
            ['early', 'is read from the first s'],
          ]}
          onChange={(x) => set({ plurals: x as ConventionsDocument['plurals'] })}
        />
      </Way>
      <Way
        name="The word a"
        own={own.shortA != null}
        back={() => set({ shortA: null })}
        why="Read by its letter it can be used from the first sentence on."
      >
        <Choices
          name={`${id}shortA`}
          value={String(own.shortA ?? whole.shortA)}
          options={[
            ['true', 'is read by its letter'],
            ['false', `is a ${terms.trickyWord}`],
          ]}
          onChange={(x) => set({ shortA: x === 'true' })}
        />
      </Way>
    </>
  );
}

/** How lessons go. */
export function LessonWays({ id, own, whole, set }: Props) {
  const terms = useTerms();
  const [minutes, days] = [useLimits('lessonMinutes'), useLimits('daysARung')];
  return (
    <>
      <Way
        name="Blending aloud"
        own={own.blendAloud != null}
        back={() => set({ blendAloud: null })}
        why="One way, kept to by everybody who teaches the class. It stands over the words to read."
      >
        <Choices
          name={`${id}blend`}
          value={own.blendAloud ?? whole.blendAloud ?? ''}
          options={[
            ['soundBySound', 'sound by sound'],
            ['buildingUp', 'building up'],
            ['withoutStopping', 'without stopping'],
            ['silently', 'in the head'],
          ]}
          onChange={(x) => set({ blendAloud: x as BlendAloud })}
        />
      </Way>
      <Way
        name="Spelling aloud"
        own={own.spellAloud != null}
        back={() => set({ spellAloud: null })}
        why="The sounds tell what to write; the names say what was written. It stands over the words to spell, on screen and on paper."
      >
        <Choices
          name={`${id}spell`}
          value={own.spellAloud ?? whole.spellAloud ?? ''}
          options={[
            ['soundsThenNames', 'sounds, then letter names'],
            ['sounds', 'sounds'],
            ['names', 'letter names'],
          ]}
          onChange={(x) => set({ spellAloud: x as SpellAloud })}
        />
      </Way>
      <Way
        name={`${terms.TrickyWords} are learnt`}
        own={own.trickyLearning != null}
        back={() => set({ trickyLearning: null })}
        why="Only a part of such a word is ever tricky: in said it is the ai."
      >
        <Choices
          name={`${id}tricky`}
          value={own.trickyLearning ?? whole.trickyLearning ?? ''}
          options={[
            ['thePart', 'by its tricky part'],
            ['whole', 'whole, naming its letters'],
          ]}
          onChange={(x) => set({ trickyLearning: x as TrickyLearning })}
        />
      </Way>
      <Way
        name="A lesson takes"
        own={own.lessonMinutes != null}
        back={() => set({ lessonMinutes: null })}
        why="In a short lesson what can wait is left out, never what is due; a long one goes deeper into the same point."
      >
        <Form.Control
          size="sm"
          type="number"
          {...minutes}
          aria-label="Minutes a lesson takes"
          value={own.lessonMinutes ?? whole.lessonMinutes ?? 25}
          onChange={(x) => set({ lessonMinutes: Number(x.target.value) })}
        />
        <span>minutes</span>
      </Way>
      <Way
        name="A new rung takes"
        own={own.daysARung != null}
        back={() => set({ daysARung: null })}
        why="A rung that says its own number of days keeps it. Slower is surer, and the year gets less far."
      >
        <Form.Select
          size="sm"
          aria-label="Days a new rung takes"
          value={own.daysARung ?? whole.daysARung ?? 1}
          onChange={(x) => set({ daysARung: Number(x.target.value) })}
        >
          {Array.from({ length: days.max ?? 1 }, (_, i) => i + 1).map((x) => (
            <option key={x} value={x}>
              {x === 1 ? 'one day' : `${x} days`}
            </option>
          ))}
        </Form.Select>
      </Way>
      <Way
        name={terms.MadeUpWords}
        own={own.madeUpFromSection != null}
        back={() => set({ madeUpFromSection: null })}
        why="Children who know no word by heart have to use the sounds; the first sections have too few letters."
      >
        <Form.Select
          size="sm"
          aria-label={terms.MadeUpWords}
          value={own.madeUpFromSection ?? whole.madeUpFromSection ?? 0}
          onChange={(x) => set({ madeUpFromSection: Number(x.target.value) })}
        >
          <option value={0}>never</option>
          <option value={-1}>only in checks</option>
          {[1, 2, 3, 4, 5, 6].map((x) => (
            <option key={x} value={x}>
              in practice, from section {x} of the ladder on
            </option>
          ))}
        </Form.Select>
      </Way>
    </>
  );
}
