import { Form } from 'react-bootstrap';
import type { LadderSummary } from '../api/schema';

interface ChoiceProps {
  ladders: LadderSummary[];
  value: string;
  onChange: (id: string) => void;
}

/** Which of the school’s ladders a group is taught by. */
export function LadderChoice({ ladders, value, onChange }: ChoiceProps) {
  return (
    <Form.Select
      size="sm"
      aria-label="The ladder it is taught by"
      value={value}
      onChange={(x) => onChange(x.target.value)}
    >
      {ladders.map((x) => (
        <option key={x.id} value={x.id}>
          {x.name}
        </option>
      ))}
    </Form.Select>
  );
}
