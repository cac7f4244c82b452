import { useQuery } from '@tanstack/react-query';
import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import type { PartChoiceView, TeachableDocument } from '../api/schema';
import { usePlace } from '../api/place';
import { shown } from './grapheme';

interface Props {
  label: string;
  chosen: TeachableDocument[];
  onChange: (chosen: TeachableDocument[]) => void;
  invalid?: boolean;
  /** Picks rime units, ends of longer words and clusters instead. */
  units?: boolean;
}

/**
 * Picks spellings with their sounds: letters typed offer their sounds, each with a word; a word typed offers its parts.
 * Keys alone suffice: down and up, Enter to take one, Backspace in an empty field to take the last one back.
 */
export function PartPicker({ label, chosen, onChange, invalid = false, units = false }: Props) {
  const id = useId();
  const { schoolId } = usePlace();
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const field = useRef<HTMLInputElement>(null);
  // Letters from which nothing was picked are not lost in silence: the form waits for them.
  useEffect(() => {
    field.current?.setCustomValidity(
      text.trim() === '' ? '' : 'Pick what you mean from the list, or clear the letters.',
    );
  }, [text]);
  const asked = text.trim();
  const query = useQuery({
    queryKey: ['parts', schoolId, asked, units],
    enabled: asked !== '',
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/parts', {
          params: { path: { schoolId }, query: { text: asked, units } },
        }),
      ),
  });
  const offered = (asked === '' ? [] : (query.data ?? [])).filter(
    (x) => !chosen.some((c) => c.kind === x.kind && c.key === x.key),
  );
  const take = (x: PartChoiceView | undefined) => {
    if (!x) return;
    onChange([...chosen, { kind: x.kind, key: x.key }]);
    setText('');
    setAt(0);
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by !== undefined) {
      event.preventDefault();
      setAt(Math.max(0, Math.min(offered.length - 1, at + by)));
    } else if (event.key === 'Enter' && asked !== '') {
      event.preventDefault();
      take(offered[at]);
    } else if (event.key === 'Escape' && text !== '') {
      event.stopPropagation();
      setText('');
    } else if (event.key === 'Backspace' && text === '') {
      onChange(chosen.slice(0, -1));
    }
  };
  return (
    <div className="part-picker">
      <label htmlFor={id}>{label}</label>
      {chosen.length > 0 && (
        <ul className="picked" aria-label={`${label}: chosen`}>
          {chosen.map((x) => (
            <li key={`${x.kind} ${x.key}`}>
              <Picked part={x} />
              <Button
                size="sm"
                variant="link"
                aria-label={`Take out ${shown(lettersOf(x))}`}
                onClick={() => onChange(chosen.filter((c) => c !== x))}
              >
                ×
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Form.Control
        id={id}
        ref={field}
        size="sm"
        value={text}
        role="combobox"
        aria-expanded={offered.length > 0}
        aria-controls={`${id}-list`}
        aria-activedescendant={offered[at] ? `${id}-${at}` : undefined}
        aria-autocomplete="list"
        autoComplete="off"
        placeholder="letters, or a word"
        isInvalid={invalid}
        onChange={(x) => {
          setText(x.target.value);
          setAt(0);
        }}
        onKeyDown={press}
      />
      <ul id={`${id}-list`} role="listbox" aria-label={`${label}: what may be meant`} className="offered">
        {offered.map((x, i) => (
          <li
            key={`${x.kind} ${x.key}`}
            id={`${id}-${i}`}
            role="option"
            aria-selected={i === at}
            onMouseDown={(event) => event.preventDefault()}
            onClick={() => take(x)}
          >
            <b className="letters">{shown(x.label)}</b>
            {x.kind === 'cluster' && ' together'}
            {x.example !== '' && <> as in {x.example}</>}
            <span className="hint">
              {x.words === 1
                ? 'one everyday word'
                : x.words > 0
                  ? `${x.words} everyday words`
                  : 'no everyday word'}
            </span>
          </li>
        ))}
      </ul>
      {asked !== '' && query.data?.length === 0 && (
        <p className="hint">No part is spelt so. Type its letters, or a word that has it.</p>
      )}
    </div>
  );
}

/** The letters of a part, or its ending. */
const lettersOf = (part: TeachableDocument) =>
  part.kind === 'ending'
    ? `-${part.key}`
    : part.key
        .split(' ')
        .map((x) => x.split(':')[0] ?? '')
        .join('');

/** A part that was picked, with the word that shows it. */
export function Picked({ part }: { part: TeachableDocument }) {
  const { schoolId } = usePlace();
  const letters = lettersOf(part);
  const units = part.kind === 'rimeUnit' || part.kind === 'cluster';
  const query = useQuery({
    queryKey: ['parts', schoolId, letters, units],
    staleTime: Infinity,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/parts', {
          params: { path: { schoolId }, query: { text: letters, units } },
        }),
      ),
  });
  const example = query.data?.find((x) => x.kind === part.kind && x.key === part.key)?.example;
  return (
    <>
      <b className="letters">{shown(letters)}</b>{' '}
      {example ? <span className="hint">as in {example}</span> : ''}
    </>
  );
}
