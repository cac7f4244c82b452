import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { WordView } from '../api/schema';
import { SplitField } from './SplitField';
import { useSplit } from './useWord';

/** Corrects a split for the school; its own split wins over the common one. */
export function SplitForm({ word }: { word: WordView }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState(word.split);
  const save = useSplit(word.spelling, word.accent);
  if (word.status !== 'known') return null;
  if (!open) {
    return (
      <p className="split-note">
        {word.own ? 'This is your school’s own. ' : ''}
        <Button variant="link" size="sm" onClick={() => (setText(word.split), setOpen(true))}>
          Correct the split
        </Button>
        {word.own && (
          <Button variant="link" size="sm" onClick={() => save.mutate(undefined)}>
            Go back to the common one
          </Button>
        )}
      </p>
    );
  }
  return (
    <Form
      className="split-form"
      onSubmit={(x) => {
        x.preventDefault();
        save.mutate(text, { onSuccess: () => setOpen(false) });
      }}
    >
      <SplitField id="split" value={text} problem={save.error?.message} onChange={setText} />
      <Form.Text>
        For groups of this school that speak as this one does. Lessons and verdicts follow it.
      </Form.Text>
      <Button type="submit" size="sm" variant="dark" disabled={save.isPending}>
        Save the split
      </Button>{' '}
      <Button variant="link" size="sm" onClick={() => setOpen(false)}>
        Leave it
      </Button>
    </Form>
  );
}
