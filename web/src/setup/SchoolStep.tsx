import { Button, Form } from 'react-bootstrap';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useAccents } from '../api/useAccents';
import type { SchoolView } from '../api/schema';
import type { SetUp } from './useSetUp';

interface Fields {
  name: string;
  accent: string;
}

interface FieldsProps {
  school: Fields;
  busy: boolean;
  problem: Error | null;
  button: string;
  onSave: (x: Fields) => void;
}

/** A school's name and accent. */
export function SchoolFields({ school, busy, problem, button, onSave }: FieldsProps) {
  const accents = useAccents();
  const form = useForm<Fields>({ defaultValues: { ...school, accent: school.accent || 'gb-south' } });
  const field = problem instanceof Problem ? problem.field : undefined;
  return (
    <Form className="school-fields" onSubmit={(x) => void form.handleSubmit(onSave)(x)}>
      <Form.Group controlId="schoolName">
        <Form.Label>The school’s name</Form.Label>
        <Form.Control
          {...form.register('name')}
          maxLength={100}
          autoComplete="off"
          autoFocus={school.name === ''}
          isInvalid={field === 'name'}
        />
      </Form.Group>
      <fieldset>
        <legend>How its children speak</legend>
        {accents.map(({ id, name, heard }) => (
          <Form.Check
            key={id}
            type="radio"
            id={`accent-${id}`}
            value={id}
            {...form.register('accent')}
            label={
              <>
                <b>{name}</b> <span className="hint">{heard}</span>
              </>
            }
          />
        ))}
      </fieldset>
      {problem && (
        <p className="form-problem" role="alert">
          {problem.message}
        </p>
      )}
      <Button type="submit" variant="dark" disabled={busy}>
        {button}
      </Button>
    </Form>
  );
}

/** The school itself: what it is called, how its children speak, and its end. */
export function SchoolStep({
  school,
  setUp,
  onNext,
}: {
  school: SchoolView;
  setUp: SetUp;
  onNext: () => void;
}) {
  return (
    <>
      <h1>The school</h1>
      <SchoolFields
        key={school.revision}
        school={school}
        busy={setUp.saveSchool.isPending}
        problem={setUp.saveSchool.error}
        button="Save the school"
        onSave={(x) => setUp.saveSchool.mutate({ ...x, revision: school.revision }, { onSuccess: onNext })}
      />
      <Erase school={school} setUp={setUp} />
    </>
  );
}

function Erase({ school, setUp }: { school: SchoolView; setUp: SetUp }) {
  const go = useNavigate();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  if (!open) {
    return (
      <p className="erase">
        <Button variant="link" size="sm" onClick={() => setOpen(true)}>
          Erase this school …
        </Button>
      </p>
    );
  }
  return (
    <section className="erase">
      <h2>Erase {school.name}</h2>
      <p>Its ladders, groups, lessons and log go with it, for good. Write its name to do that.</p>
      <Form.Control
        size="sm"
        aria-label="The school’s name, to erase it"
        value={name}
        onChange={(x) => setName(x.target.value)}
        autoComplete="off"
      />
      {setUp.eraseSchool.error && <p role="alert">{setUp.eraseSchool.error.message}</p>}
      <Button
        size="sm"
        variant="outline-dark"
        disabled={setUp.eraseSchool.isPending}
        onClick={() => setUp.eraseSchool.mutate(name, { onSuccess: () => void go('/start') })}
      >
        Erase it for good
      </Button>{' '}
      <Button size="sm" variant="link" onClick={() => setOpen(false)}>
        Keep it
      </Button>
    </section>
  );
}
