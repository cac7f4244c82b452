import { Button, Form } from 'react-bootstrap';
import type { PartChoiceView } from '../api/schema';
import { nameOf, turned } from './listed';

interface Props {
  listed: PartChoiceView[];
  chosen: string[];
  onChange: (chosen: string[]) => void;
}

/** Capitals and punctuation marks, for a school that teaches them on rungs of their own. */
export function PrintFields({ listed, chosen, onChange }: Props) {
  const capitals = listed.filter((x) => x.kind === 'capital').map(nameOf);
  const marks = listed.filter((x) => x.kind === 'mark');
  const turn = (name: string) => onChange(turned(chosen, name));
  const all = capitals.every((x) => chosen.includes(x));
  const some = [...capitals, ...marks.map(nameOf)].some((x) => chosen.includes(x));
  return (
    <details className="print-fields" open={some}>
      <summary>Capitals and punctuation marks</summary>
      <p className="hint">
        Sentences wait for those that have a rung; before, children read captions without them.
      </p>
      <div>
        {marks.map((x) => (
          <Form.Check
            key={x.key}
            type="checkbox"
            id={x.key}
            label={
              <>
                <b>{x.example}</b> {x.label}
              </>
            }
            checked={chosen.includes(nameOf(x))}
            onChange={() => turn(nameOf(x))}
          />
        ))}
      </div>
      <div className="print-capitals" role="group" aria-label="Capitals">
        {capitals.map((x) => (
          <button
            key={x}
            type="button"
            aria-pressed={chosen.includes(x)}
            aria-label={`Capital ${x.slice(-1)}`}
            onClick={() => turn(x)}
          >
            {x.slice(-1)}
          </button>
        ))}
      </div>
      <Button
        size="sm"
        variant="link"
        onClick={() =>
          onChange(all ? chosen.filter((x) => !capitals.includes(x)) : [...new Set([...chosen, ...capitals])])
        }
      >
        {all ? 'None of the capitals' : 'All the capitals'}
      </Button>
    </details>
  );
}
