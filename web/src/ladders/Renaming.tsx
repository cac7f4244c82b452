import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { LadderView } from '../api/schema';
import type { useLadder } from './useLadder';

/** The ladder's own name, to be changed. */
export function Renaming({
  ladder,
  edit,
}: {
  ladder: LadderView;
  edit: ReturnType<typeof useLadder>['edit'];
}) {
  const [name, setName] = useState(ladder.name);
  return (
    <Form
      className="renaming"
      onSubmit={(x) => {
        x.preventDefault();
        edit.mutate({ kind: 'rename', name });
      }}
    >
      <h2>Its name</h2>
      <Form.Control
        size="sm"
        aria-label="The ladder’s name"
        value={name}
        maxLength={100}
        required
        onChange={(x) => setName(x.target.value)}
      />
      {name !== ladder.name && (
        <Button size="sm" type="submit" variant="dark" disabled={edit.isPending}>
          Rename it
        </Button>
      )}
    </Form>
  );
}
