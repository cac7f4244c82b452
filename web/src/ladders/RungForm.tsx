import { useLimits } from '../api/useLimits';
import { useTerms } from '../api/useTerms';
import { Button, Form } from 'react-bootstrap';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { PrintFields } from './PrintFields';
import { nameOf, turned } from './listed';
import { newRung } from './newRung';
import { useListed } from './useListed';
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
  listed: string[];
  listeningWords: string;
  units: TeachableDocument[];
  keyword: string;
  point: string;
  sayIt: string;
  writeIt: string;
  notes: string;
  days: number;
}

const words = (text: string) => text.split(/[\s,]+/).filter((x) => x !== '');

const LISTED: TeachableKind[] = ['structure', 'mark', 'capital'];

export const draftOf = (x: RungDocument): Draft => ({
  ...x,
  parts: x.adds.filter((a) => a.kind === 'correspondence' || a.kind === 'ending'),
  trickyWords: x.trickyWords.join(' '),
  listed: x.adds.filter((a) => LISTED.includes(a.kind)).map(nameOf),
  listeningWords: (x.listeningWords ?? []).join(' '),
  units: x.adds.filter((a) => a.kind === 'rimeUnit' || a.kind === 'cluster'),
});

export const emptyDraft = (): Draft => draftOf(newRung());

interface Props {
  draft: Draft;
  edit: ReturnType<typeof useLadder>['edit'];
  onDone: () => void;
}

/** Adds or changes a rung. */
export function RungForm({ draft, edit, onDone }: Props) {
  const terms = useTerms();
  const limits = useLimits('rungDays');
  const form = useForm<Draft>({ defaultValues: draft });
  const listed = useListed();
  const [chosen, setChosen] = useState(draft.listed);
  const [parts, setParts] = useState(draft.parts);
  const [units, setUnits] = useState(draft.units);
  const problem = edit.error instanceof Problem ? edit.error : undefined;
  const save = form.handleSubmit((x) => {
    const rung: RungDocument = {
      id: draft.id,
      kind: x.kind,
      adds: [
        ...parts,
        ...units,
        ...listed.filter((a) => chosen.includes(nameOf(a))).map(({ kind, key }) => ({ kind, key })),
      ],
      trickyWords: words(x.trickyWords),
      listeningWords: words(x.listeningWords),
      keyword: x.keyword.trim(),
      point: x.point.trim(),
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
        {listed
          .filter((x) => x.kind === 'structure')
          .map((x) => (
            <Form.Check
              key={x.key}
              type="checkbox"
              id={x.key}
              label={x.label}
              checked={chosen.includes(nameOf(x))}
              onChange={() => setChosen(turned(chosen, nameOf(x)))}
            />
          ))}
      </fieldset>
      <PrintFields listed={listed} chosen={chosen} onChange={setChosen} />
      <PartPicker
        label="Rime units, ends of longer words (tion) and clusters, taught as one"
        chosen={units}
        onChange={setUnits}
        invalid={problem?.field === 'adds'}
        units
      />
      <Form.Group controlId="keyword">
        <Form.Label>Keyword</Form.Label>
        <Form.Control size="sm" maxLength={40} {...form.register('keyword')} />
      </Form.Group>
      <Form.Group controlId="listeningWords">
        <Form.Label>Words to listen to, chosen by sound: nobody reads them</Form.Label>
        <Form.Control
          size="sm"
          maxLength={400}
          placeholder="left empty, ours"
          {...form.register('listeningWords')}
          isInvalid={problem?.field === 'listeningWords'}
        />
      </Form.Group>
      <Form.Group controlId="point">
        <Form.Label>The point, in a sentence a child could be told</Form.Label>
        <Form.Control
          size="sm"
          maxLength={160}
          placeholder="left empty, ours"
          {...form.register('point')}
          isInvalid={problem?.field === 'point'}
        />
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
          {...limits}
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
