import { Form } from 'react-bootstrap';

/** One of several, by a name above it. */
export function Choice({
  name,
  value,
  options,
  onChange,
}: {
  name: string;
  value: string;
  options: { key: string; name: string }[];
  onChange: (x: string) => void;
}) {
  return (
    <Form.Group controlId={`list-${name.toLowerCase().replaceAll(' ', '-')}`}>
      <Form.Label>{name}</Form.Label>
      <Form.Select size="sm" value={value} onChange={(x) => onChange(x.target.value)}>
        {options.map((x) => (
          <option key={x.key} value={x.key}>
            {x.name}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
