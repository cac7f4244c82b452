import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { LadderView, SectionView } from '../api/schema';
import type { useLadder } from './useLadder';

interface Props {
  ladder: LadderView;
  section: SectionView;
  edit: ReturnType<typeof useLadder>['edit'];
  onMove: () => void;
  onGone: () => void;
}

const SHAPES: { key: keyof SectionView['shape']; name: string; choices: number[] }[] = [
  { key: 'boxes', name: 'Most sounds in a word', choices: [2, 3, 4, 5, 6, 7, 8, 10, 12] },
  { key: 'together', name: 'Most consonants together', choices: [1, 2, 3, 4] },
  { key: 'syllables', name: 'Most syllables', choices: [1, 2, 3, 4, 5] },
];

/** A section opened: its name, the largest words that are chosen along it, and its place among the others. */
export function SectionColumn({ ladder, section, edit, onMove, onGone }: Props) {
  const [name, setName] = useState(section.name);
  const [shape, setShape] = useState(section.shape);
  const at = ladder.sections.findIndex((x) => x.id === section.id);
  const before = ladder.sections[at - 1];
  const go = (to: number) => edit.mutate({ kind: 'moveSection', sectionId: section.id, at: to });
  return (
    <div className="rung-column">
      <h2>{section.name}</h2>
      <p className="facts">
        Section {at + 1} of {ladder.sections.length}, {section.rungs.length} rungs
      </p>
      <div className="acts">
        <Button size="sm" variant="dark" disabled={section.rungs.length === 0} onClick={onMove}>
          move … <kbd>m</kbd>
        </Button>
        <Button
          size="sm"
          variant="outline-dark"
          disabled={at === ladder.sections.length - 1}
          onClick={() => go(at + 1)}
        >
          ↑ later
        </Button>
        <Button size="sm" variant="outline-dark" disabled={at === 0} onClick={() => go(at - 1)}>
          ↓ earlier
        </Button>
      </div>
      <Form
        className="section-form"
        onSubmit={(x) => {
          x.preventDefault();
          edit.mutate({ kind: 'section', sectionId: section.id, name, shape });
        }}
      >
        <Form.Group controlId="section-name">
          <Form.Label>Name</Form.Label>
          <Form.Control
            size="sm"
            value={name}
            maxLength={100}
            required
            onChange={(x) => setName(x.target.value)}
          />
        </Form.Group>
        {SHAPES.map((x) => (
          <Form.Group key={x.key} controlId={`section-${x.key}`}>
            <Form.Label>{x.name}</Form.Label>
            <Form.Select
              size="sm"
              value={shape[x.key]}
              onChange={(e) => setShape({ ...shape, [x.key]: Number(e.target.value) })}
            >
              {[...new Set([...x.choices, section.shape[x.key]])]
                .sort((a, b) => a - b)
                .map((n) => (
                  <option key={n}>{n}</option>
                ))}
            </Form.Select>
          </Form.Group>
        ))}
        <Button size="sm" type="submit" variant="dark" disabled={edit.isPending}>
          Save the section
        </Button>
      </Form>
      {before && (
        <Button
          size="sm"
          variant="link"
          onClick={() => edit.mutate({ kind: 'joinSection', sectionId: section.id }, { onSuccess: onGone })}
        >
          Join it to {before.name}
        </Button>
      )}
      <p className="hint">
        Longer words can still be read when their graphemes are taught; these are the largest that lessons
        choose. To begin another section, choose the rung that it begins with.
      </p>
    </div>
  );
}
