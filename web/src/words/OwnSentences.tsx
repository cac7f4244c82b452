import { useState, type SyntheticEvent } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { OwnSentenceView } from '../api/schema';
import { useForgetSentence, useKeepSentence } from './useSentences';

/** The school's own sentences: written here, or taken from those made, and taken out again. */
export function OwnSentences({ own }: { own: OwnSentenceView[] }) {
  const [text, setText] = useState('');
  const keep = useKeepSentence();
  const forget = useForgetSentence();
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    keep.mutate(text, { onSuccess: () => setText('') });
  };
  return (
    <div className="own-sentences">
      <h2>Our own sentences</h2>
      <Form onSubmit={send}>
        <Form.Group controlId="own-sentence">
          <Form.Label>Write one</Form.Label>
          <Form.Control
            as="textarea"
            rows={2}
            size="sm"
            maxLength={200}
            value={text}
            isInvalid={keep.error !== null}
            onChange={(x) => setText(x.target.value)}
          />
        </Form.Group>
        {keep.error && (
          <p className="form-problem" role="alert">
            {keep.error.message}
          </p>
        )}
        <Button type="submit" size="sm" variant="dark" disabled={text.trim() === '' || keep.isPending}>
          Keep it
        </Button>
      </Form>
      {own.length === 0 ? (
        <p className="hint">None yet. Each is chosen for lessons from the day all of it can be read.</p>
      ) : (
        <ul>
          {own.map((x) => (
            <li key={x.id}>
              {x.text}{' '}
              <Button
                variant="link"
                size="sm"
                aria-label={`take out: ${x.text}`}
                disabled={forget.isPending}
                onClick={() => forget.mutate(x.id)}
              >
                take out
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
