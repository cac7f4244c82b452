import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import type { ConventionsDocument, ConventionsView, SpellAloud, TermsDocument } from '../api/schema';

/** Where schools differ: each choice with its default, its reason, and what it would change for a group of their own. */
export function WaysStep({ schoolId, onNext }: { schoolId: string; onNext: () => void }) {
  const ways = useWays(schoolId);
  if (!ways.view) return <p className="waiting">Opening …</p>;
  return (
    <Ways key={ways.view.revision} schoolId={schoolId} view={ways.view} save={ways.save} onNext={onNext} />
  );
}

export function useWays(schoolId: string) {
  const queries = useQueryClient();
  const params = { path: { schoolId } };
  const query = useQuery({
    queryKey: ['ways', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/conventions', { params })),
  });
  const save = useMutation({
    mutationFn: (body: { revision: number; conventions: ConventionsDocument }) =>
      need(api.PUT('/api/schools/{schoolId}/conventions', { params, body })),
    onSuccess: () => queries.invalidateQueries(),
  });
  return { view: query.data, save };
}

interface WaysProps {
  schoolId: string;
  view: ConventionsView;
  save: ReturnType<typeof useWays>['save'];
  onNext: () => void;
}

function Ways({ schoolId, view, save, onNext }: WaysProps) {
  const [own, setOwn] = useState<ConventionsDocument>(view.own);
  const set = (change: ConventionsDocument) => setOwn({ ...own, ...change });
  const whole = view.whole;
  const changed = JSON.stringify(own) !== JSON.stringify(view.own);
  const term = (key: keyof TermsDocument, value: string) =>
    set({ terms: { ...(own.terms ?? whole.terms), [key]: value } });
  const terms = own.terms ?? whole.terms;
  return (
    <Form
      className="ways"
      onSubmit={(x) => {
        x.preventDefault();
        save.mutate({ revision: view.revision, conventions: own }, { onSuccess: onNext });
      }}
    >
      <h1>How we teach</h1>
      <Way
        name="Weak vowels"
        own={own.weakVowels != null}
        back={() => set({ weakVowels: null })}
        why="In longer words a taught vowel letter that is said weakly still counts, for reading: the a of sofa."
      >
        <Choices
          name="weak"
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
          name="plurals"
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
          name="shortA"
          value={String(own.shortA ?? whole.shortA)}
          options={[
            ['true', 'is read by its letter'],
            ['false', `is a ${terms.trickyWord}`],
          ]}
          onChange={(x) => set({ shortA: x === 'true' })}
        />
      </Way>
      <Effect schoolId={schoolId} view={view} own={own} />
      <Way
        name="Spelling aloud"
        own={own.spellAloud != null}
        back={() => set({ spellAloud: null })}
        why="The sounds tell what to write; the names say what was written. It stands over the words to spell, on screen and on paper."
      >
        <Choices
          name="spell"
          value={own.spellAloud ?? whole.spellAloud}
          options={[
            ['soundsThenNames', 'sounds, then letter names'],
            ['sounds', 'sounds'],
            ['names', 'letter names'],
          ]}
          onChange={(x) => set({ spellAloud: x as SpellAloud })}
        />
      </Way>
      <Way
        name="A lesson takes"
        own={own.lessonMinutes != null}
        back={() => set({ lessonMinutes: null })}
        why="Revisiting, practice and sentences are cut to fit; sentences keep their time longest."
      >
        <Form.Control
          size="sm"
          type="number"
          min={10}
          max={90}
          aria-label="Minutes a lesson takes"
          value={own.lessonMinutes ?? whole.lessonMinutes}
          onChange={(x) => set({ lessonMinutes: Number(x.target.value) })}
        />
        <span>minutes</span>
      </Way>
      <Way
        name={`${capital(terms.madeUpWord)}s in practice`}
        own={own.madeUpFromSection != null}
        back={() => set({ madeUpFromSection: null })}
        why="Children who know no word by heart have to use the sounds; the first sections have too few letters."
      >
        <Form.Select
          size="sm"
          aria-label={`${capital(terms.madeUpWord)}s in practice`}
          value={own.madeUpFromSection ?? whole.madeUpFromSection}
          onChange={(x) => set({ madeUpFromSection: Number(x.target.value) })}
        >
          <option value={0}>never</option>
          {[1, 2, 3, 4, 5, 6].map((x) => (
            <option key={x} value={x}>
              from section {x} of the ladder on
            </option>
          ))}
        </Form.Select>
      </Way>
      <h2>What we call things</h2>
      <Way
        name="A word taught before its parts are"
        own={own.terms != null}
        back={() => set({ terms: null })}
        why="Your words stand on every screen and page."
      >
        <Form.Control
          size="sm"
          aria-label="A word taught before its parts are"
          maxLength={40}
          value={terms.trickyWord}
          onChange={(x) => term('trickyWord', x.target.value)}
        />
      </Way>
      <Way name="A word that is none, to be read by its sounds" own={false} why="">
        <Form.Control
          size="sm"
          aria-label="A word that is none, to be read by its sounds"
          maxLength={40}
          value={terms.madeUpWord}
          onChange={(x) => term('madeUpWord', x.target.value)}
        />
      </Way>
      <Way
        name="Saying the sounds of a word in turn"
        own={false}
        why={`On the adult’s page: “Children ${terms.soundOut} each word, then say it.”`}
      >
        <Form.Control
          size="sm"
          aria-label="Saying the sounds of a word in turn"
          maxLength={40}
          value={terms.soundOut}
          onChange={(x) => term('soundOut', x.target.value)}
        />
      </Way>
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

interface WayProps {
  name: string;
  /** The school does otherwise than what ships. */
  own: boolean;
  back?: () => void;
  why: string;
  children: ReactNode;
}

function Way({ name, own, back, why, children }: WayProps) {
  return (
    <div className="way">
      <b>{name}</b>
      <div className="way-choice">{children}</div>
      <p className="hint">
        {why}{' '}
        {own && back && (
          <Button size="sm" variant="link" onClick={back}>
            Back to the usual
          </Button>
        )}
      </p>
    </div>
  );
}

interface ChoicesProps {
  name: string;
  value: string;
  options: [string, string][];
  onChange: (x: string) => void;
}

function Choices({ name, value, options, onChange }: ChoicesProps) {
  return options.map(([key, label]) => (
    <Form.Check
      key={key}
      inline
      type="radio"
      id={`${name}-${key}`}
      name={name}
      label={label}
      checked={value === key}
      onChange={() => onChange(key)}
    />
  ));
}

/** What the choices above would change in what the first group can read today. */
function Effect({
  schoolId,
  view,
  own,
}: {
  schoolId: string;
  view: ConventionsView;
  own: ConventionsDocument;
}) {
  const asked = useSettled(own);
  const query = useQuery({
    queryKey: ['ways-effect', schoolId, view.revision, asked.weakVowels, asked.plurals, asked.shortA],
    queryFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/conventions/effect', {
          params: { path: { schoolId } },
          body: {
            revision: view.revision,
            conventions: {
              ...view.own,
              weakVowels: asked.weakVowels,
              plurals: asked.plurals,
              shortA: asked.shortA,
            },
          },
        }),
      ),
  });
  const effect = query.data;
  if (!effect?.group) return null;
  return (
    <p className="way-effect" role="status">
      {effect.gained + effect.lost === 0 ? (
        <>For {effect.group} that changes no everyday word today.</>
      ) : (
        <>
          For {effect.group} today:{' '}
          {effect.gained > 0 && (
            <>
              {effect.gained} more everyday {effect.gained === 1 ? 'word' : 'words'}, such as{' '}
              <span className="letters">{effect.gainedWords.join(', ')}</span>
            </>
          )}
          {effect.gained > 0 && effect.lost > 0 && '; '}
          {effect.lost > 0 && (
            <>
              {effect.lost} fewer, such as <span className="letters">{effect.lostWords.join(', ')}</span>
            </>
          )}
          .
        </>
      )}
    </p>
  );
}

/** What was chosen, once it has stood for a moment. */
function useSettled(own: ConventionsDocument) {
  const [settled, setSettled] = useState(own);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(own), 300);
    return () => window.clearTimeout(timer);
  }, [own]);
  return settled;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
