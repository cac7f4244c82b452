import { useTerms } from '../api/useTerms';
import { Button, Form } from 'react-bootstrap';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { PartPicker } from '../word/PartPicker';
import { Problem } from '../api/client';
import type { RungDocument, RungKind, TeachableDocument, TeachableKind } from '../api/schema';
import type { useLadder } from './useLadder';

/** A rung as it is typed. */
export interface Draft {
  /** Where to add it; none when a rung is edited. */
  add?: { sectionId: string; at: number };
  id: string;
  kind: RungKind;
  parts: TeachableDocument[];
  trickyWords: string;
  structures: string[];
  rimeUnits: string;
  clusters: string;
  keyword: string;
  sayIt: string;
  writeIt: string;
  notes: string;
  days: number;
}

const STRUCTURES: [string, string][] = [
  ['pairAtEnd', 'two consonants at the end'],
  ['pairAtStart', 'two consonants at the start'],
  ['threeTogether', 'three consonants together'],
  ['twoSyllables', 'two syllables'],
  ['threeSyllables', 'three syllables'],
];

/** Runs of correspondences, one after another with commas between. */
const runs = (text: string) =>
  text
    .split(',')
    .map((x) => x.trim())
    .filter((x) => x !== '');

const words = (text: string) => text.split(/[\s,]+/).filter((x) => x !== '');

const keysOf = (x: RungDocument, kind: TeachableKind) =>
  x.adds.filter((a) => a.kind === kind).map((a) => a.key);

const things = (kind: TeachableKind, keys: string[]): TeachableDocument[] =>
  keys.map((key) => ({ kind, key }));

export const draftOf = (x: RungDocument): Draft => ({
  ...x,
  parts: x.adds.filter((a) => a.kind === 'correspondence' || a.kind === 'ending'),
  trickyWords: x.trickyWords.join(' '),
  structures: keysOf(x, 'structure'),
  rimeUnits: keysOf(x, 'rimeUnit').join(', '),
  clusters: keysOf(x, 'cluster').join(', '),
});

export const emptyDraft = (): Draft => ({
  id: `rung-${crypto.randomUUID()}`,
  kind: 'teach',
  parts: [],
  trickyWords: '',
  structures: [],
  rimeUnits: '',
  clusters: '',
  keyword: '',
  sayIt: '',
  writeIt: '',
  notes: '',
  days: 1,
});

interface Props {
  draft: Draft;
  edit: ReturnType<typeof useLadder>['edit'];
  onDone: () => void;
}

/** Adds or changes a rung. */
export function RungForm({ draft, edit, onDone }: Props) {
  const terms = useTerms();
  const form = useForm<Draft>({ defaultValues: draft });
  const [parts, setParts] = useState(draft.parts);
  const problem = edit.error instanceof Problem ? edit.error : undefined;
  const save = form.handleSubmit((x) => {
    const rung: RungDocument = {
      id: draft.id,
      kind: x.kind,
      adds: [
        ...parts,
        ...things('rimeUnit', runs(x.rimeUnits)),
        ...things('cluster', runs(x.clusters)),
        ...things('structure', x.structures),
      ],
      trickyWords: words(x.trickyWords),
      keyword: x.keyword.trim(),
      sayIt: x.sayIt.trim(),
      writeIt: x.writeIt.trim(),
      notes: x.notes.trim(),
      days: x.days,
    };
    edit.mutate(draft.add ? { kind: 'add', rung, ...draft.add } : { kind: 'replace', rung }, {
      onSuccess: onDone,
    });
  });
  return (
    <Form onSubmit={(x) => void save(x)} className="rung-form">
      <h2>{draft.add ? 'A new rung' : 'Edit the rung'}</h2>
      {problem && (
        <p className="form-problem" role="alert">
          {problem.message}
        </p>
      )}
      <PartPicker
        label="Spellings with their sounds, and endings"
        chosen={parts}
        onChange={setParts}
        invalid={problem?.field === 'adds'}
      />
      <Form.Group controlId="trickyWords">
        <Form.Label>{terms.TrickyWords}</Form.Label>
        <Form.Control
          size="sm"
          {...form.register('trickyWords')}
          placeholder="was you"
          isInvalid={problem?.field === 'trickyWords'}
        />
      </Form.Group>
      <fieldset>
        <legend>Shapes of word</legend>
        {STRUCTURES.map(([value, name]) => (
          <Form.Check
            key={value}
            type="checkbox"
            id={value}
            label={name}
            value={value}
            {...form.register('structures')}
          />
        ))}
      </fieldset>
      <Form.Group controlId="rimeUnits">
        <Form.Label>Rime units, where the school teaches them</Form.Label>
        <Form.Control
          size="sm"
          {...form.register('rimeUnits')}
          placeholder="a:aw ll:l, igh:igh t:t"
          isInvalid={problem?.field === 'adds'}
        />
      </Form.Group>
      <Form.Group controlId="clusters">
        <Form.Label>Clusters, where the school teaches them as one</Form.Label>
        <Form.Control
          size="sm"
          {...form.register('clusters')}
          placeholder="s:s t:t"
          isInvalid={problem?.field === 'adds'}
        />
      </Form.Group>
      <Form.Group controlId="keyword">
        <Form.Label>Keyword</Form.Label>
        <Form.Control size="sm" maxLength={40} {...form.register('keyword')} />
      </Form.Group>
      <Form.Group controlId="sayIt">
        <Form.Label>Say it like this</Form.Label>
        <Form.Control size="sm" as="textarea" rows={2} maxLength={400} {...form.register('sayIt')} />
      </Form.Group>
      <Form.Group controlId="writeIt">
        <Form.Label>Write it like this</Form.Label>
        <Form.Control size="sm" as="textarea" rows={2} maxLength={400} {...form.register('writeIt')} />
      </Form.Group>
      <Form.Group controlId="kind">
        <Form.Label>What it is for</Form.Label>
        <Form.Select size="sm" {...form.register('kind')}>
          <option value="teach">teaches something new</option>
          <option value="contrast">contrasts spellings of one sound</option>
          <option value="consolidation">makes firm what was taught</option>
          <option value="check">checks what was taught</option>
        </Form.Select>
      </Form.Group>
      <Form.Group controlId="days">
        <Form.Label>Days it takes</Form.Label>
        <Form.Control
          size="sm"
          type="number"
          min={1}
          max={20}
          {...form.register('days', { valueAsNumber: true })}
          isInvalid={problem?.field === 'days'}
        />
      </Form.Group>
      <Button size="sm" type="submit" variant="dark" disabled={edit.isPending}>
        {draft.add ? 'Add the rung' : 'Save the rung'}
      </Button>{' '}
      <Button size="sm" variant="link" onClick={onDone}>
        Leave it
      </Button>
    </Form>
  );
}
