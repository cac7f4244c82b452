import { Form } from 'react-bootstrap';

interface Props {
  id: string;
  value: string;
  /** What is wrong with it, said beneath it. */
  problem?: string;
  onChange: (x: string) => void;
}

/** Where a person types how a word is split: each spelling with its sound. */
export function SplitField({ id, value, problem, onChange }: Props) {
  return (
    <Form.Group controlId={id}>
      <Form.Label>Each spelling with its sound, in order</Form.Label>
      <Form.Control
        size="sm"
        value={value}
        maxLength={400}
        autoComplete="off"
        spellCheck={false}
        isInvalid={problem !== undefined}
        onChange={(x) => onChange(x.target.value)}
      />
      <Form.Control.Feedback type="invalid">{problem}</Form.Control.Feedback>
    </Form.Group>
  );
}
