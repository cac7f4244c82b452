import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { WordView } from '../api/schema';
import { SplitField } from './SplitField';
import { useOwnWord } from './useOwnWords';

/** Puts a word that is in no list among the school's own, from its likeliest split. */
export function AddWord({ word }: { word: WordView }) {
  const [open, setOpen] = useState(false);
  const [split, setSplit] = useState(word.split);
  const [familiarity, setFamiliarity] = useState('4-5');
  const [spoken, setSpoken] = useState('');
  const save = useOwnWord(word.spelling, word.accent);
  if (word.status === 'known') return null;
  if (!open) {
    return (
      <Button size="sm" variant="outline-dark" onClick={() => setOpen(true)}>
        Add it to our words
      </Button>
    );
  }
  const problem = save.error as { field?: string; message?: string } | null;
  return (
    <Form
      className="split-form"
      onSubmit={(x) => {
        x.preventDefault();
        save.mutate({ split, familiarity, spoken });
      }}
    >
      <SplitField
        id="own-split"
        value={split}
        problem={problem?.field === 'split' ? problem.message : undefined}
        onChange={setSplit}
      />
      <Form.Group controlId="own-familiarity">
        <Form.Label>Children know it</Form.Label>
        <Form.Select size="sm" value={familiarity} onChange={(x) => setFamiliarity(x.target.value)}>
          <option value="4-5">at four or five</option>
          <option value="6-7">at six or seven</option>
          <option value="later">later: never offered</option>
        </Form.Select>
      </Form.Group>
      <Form.Group controlId="own-spoken">
        <Form.Label>A sentence that gives it its meaning (may be left empty)</Form.Label>
        <Form.Control
          size="sm"
          value={spoken}
          maxLength={120}
          autoComplete="off"
          onChange={(x) => setSpoken(x.target.value)}
        />
      </Form.Group>
      {problem && problem.field !== 'split' && <p className="form-problem">{problem.message}</p>}
      <Button type="submit" size="sm" variant="dark" disabled={save.isPending}>
        Add the word
      </Button>{' '}
      <Button variant="link" size="sm" onClick={() => setOpen(false)}>
        Leave it
      </Button>
    </Form>
  );
}
