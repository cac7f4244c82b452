import type { ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';

interface WayProps {
  name: string;
  /** Done otherwise here than what stands below. */
  own: boolean;
  back?: () => void;
  why: string;
  children: ReactNode;
}

/** A choice with its one-line reason, and one press back to what stands below. */
export function Way({ name, own, back, why, children }: WayProps) {
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

export function Choices({ name, value, options, onChange }: ChoicesProps) {
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
