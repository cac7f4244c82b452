import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';

/** What must come before what on the school's ladders: the shipped list, and the school's own when it changes it. */
export function NeedsForm() {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  const [text, setText] = useState<string>();
  const needs = useQuery({
    queryKey: ['needs', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/needs', { params: { path: { schoolId } } })),
  });
  const save = useMutation({
    mutationFn: (x: string) =>
      need(
        api.PUT('/api/schools/{schoolId}/needs', {
          params: { path: { schoolId } },
          body: { text: x, revision: needs.data?.revision ?? 0 },
        }),
      ),
    onSuccess: () => {
      setText(undefined);
      return queries.invalidateQueries();
    },
  });
  if (text === undefined) {
    return (
      <p className="split-note">
        {needs.data?.own ? 'What needs what is your school’s own list. ' : ''}
        <Button
          variant="link"
          size="sm"
          disabled={!needs.data}
          onClick={() => setText(needs.data?.text ?? '')}
        >
          Change what needs what
        </Button>
        {needs.data?.own && (
          <Button variant="link" size="sm" onClick={() => save.mutate('')}>
            Go back to the common list
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
        save.mutate(text);
      }}
    >
      <Form.Group controlId="needs">
        <Form.Label>What needs what, a line each</Form.Label>
        <Form.Control
          as="textarea"
          size="sm"
          rows={9}
          value={text}
          maxLength={8000}
          spellCheck={false}
          isInvalid={save.isError}
          onChange={(x) => setText(x.target.value)}
        />
        <Form.Control.Feedback type="invalid">{save.error?.message}</Form.Control.Feedback>
        <Form.Text>Told on the ladder, never forbidden.</Form.Text>
      </Form.Group>
      <Button type="submit" size="sm" variant="dark" disabled={save.isPending}>
        Save the list
      </Button>{' '}
      <Button variant="link" size="sm" onClick={() => (save.reset(), setText(undefined))}>
        Leave it
      </Button>
    </Form>
  );
}
