import { useLimits } from '../api/useLimits';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { LadderView, WishDocument } from '../api/schema';
import { shown } from '../word/grapheme';

interface Props {
  ladder: LadderView;
  wishes: WishDocument[];
  onChange: (wishes: WishDocument[]) => void;
}

type Kind = NonNullable<WishDocument['kind']>;

const KINDS: [Kind, string][] = [
  ['before', 'One before another'],
  ['apart', 'Two kept apart'],
  ['pinned', 'One stays where it is'],
  ['section', 'Only one section'],
  ['weekly', 'At most so many a week'],
];

/** What a lead asks of an order: each thing a sentence, added with a choice and taken out again. */
export function Wishes({ ladder, wishes, onChange }: Props) {
  const [apart, weekly] = [useLimits('rungsApart'), useLimits('newAWeek')];
  const [kind, setKind] = useState<Kind>();
  const rungs = ladder.sections.flatMap((x) => x.rungs);
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const [count, setCount] = useState(6);
  const made = kind && wishOf(kind, one, other, count);
  const rungChoice = (name: string, value: string, set: (id: string) => void) => (
    <Form.Select size="sm" aria-label={name} value={value} onChange={(x) => set(x.target.value)}>
      <option value="">{name} …</option>
      {rungs.map((x) => (
        <option key={x.rung.id} value={x.rung.id}>
          {x.number} {shown(x.label)}
        </option>
      ))}
    </Form.Select>
  );
  const numberChoice = (name: string) => (
    <label className="number-wish">
      {name}
      <Form.Control
        size="sm"
        type="number"
        {...(kind === 'weekly' ? weekly : apart)}
        value={count}
        onChange={(x) => setCount(Number(x.target.value))}
      />
    </label>
  );
  return (
    <div className="wishes">
      {wishes.length > 0 && (
        <ul>
          {wishes.map((x) => (
            <li key={JSON.stringify(x)}>
              {wishText(x, ladder)}{' '}
              <Button
                size="sm"
                variant="link"
                aria-label={`Take out: ${wishText(x, ladder)}`}
                onClick={() => onChange(wishes.filter((w) => w !== x))}
              >
                ×
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Form.Select
        size="sm"
        aria-label="Ask something of the order"
        value={kind ?? ''}
        onChange={(x) => {
          const next = KINDS.find(([id]) => id === x.target.value)?.[0];
          setKind(next);
          setOne('');
          setOther('');
          setCount(next === 'weekly' ? 4 : 6);
        }}
      >
        <option value="">Ask something of it …</option>
        {KINDS.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Form.Select>
      {kind && (
        <Form
          onSubmit={(x) => {
            x.preventDefault();
            if (!made) return;
            onChange([...wishes, made]);
            setKind(undefined);
          }}
        >
          {kind === 'section' ? (
            <Form.Select size="sm" aria-label="Section" value={one} onChange={(x) => setOne(x.target.value)}>
              <option value="">Section …</option>
              {ladder.sections.map((x) => (
                <option key={x.id} value={x.id}>
                  {x.name}
                </option>
              ))}
            </Form.Select>
          ) : (
            kind !== 'weekly' &&
            rungChoice(kind === 'pinned' ? 'Rung' : kind === 'before' ? 'First' : 'One', one, setOne)
          )}
          {kind === 'before' && rungChoice('Then', other, setOther)}
          {kind === 'apart' && rungChoice('The other', other, setOther)}
          {kind === 'apart' && numberChoice('Rungs between them, at least')}
          {kind === 'weekly' && numberChoice('New spellings a week, at most')}
          <Button size="sm" type="submit" variant="outline-dark" disabled={!made}>
            Add
          </Button>
        </Form>
      )}
    </div>
  );
}

function wishOf(kind: Kind, one: string, other: string, count: number): WishDocument | undefined {
  switch (kind) {
    case 'before':
      return one && other && one !== other ? { kind, first: one, then: other } : undefined;
    case 'apart':
      return one && other && one !== other && count >= 2 ? { kind, one, other, rungs: count } : undefined;
    case 'pinned':
      return one ? { kind, rungId: one } : undefined;
    case 'section':
      return one ? { kind, sectionId: one } : undefined;
    default:
      return count >= 1 ? { kind, most: count } : undefined;
  }
}

/** A wish as a lead would say it. */
export function wishText(wish: WishDocument, ladder: LadderView): string {
  const name = (id: string) =>
    shown(ladder.sections.flatMap((x) => x.rungs).find((x) => x.rung.id === id)?.label ?? id);
  switch (wish.kind) {
    case 'before':
      return `${name(wish.first)} before ${name(wish.then)}`;
    case 'apart':
      return `${name(wish.one)} and ${name(wish.other)} at least ${wish.rungs} rungs apart`;
    case 'pinned':
      return `${name(wish.rungId)} stays where it is`;
    case 'section':
      return `only ${ladder.sections.find((x) => x.id === wish.sectionId)?.name ?? 'a section'} is put in order`;
    case 'weekly':
      return `at most ${wish.most} new spellings a week`;
    default:
      return '';
  }
}
