import { Form } from 'react-bootstrap';
import type { GroupListView } from '../api/schema';
import { shown } from '../word/grapheme';
import { useTerms } from '../api/useTerms';
import { Choice } from './Choice';
import { kindOf, KINDS, nameOf, LIMITS, PLACES, type Kind } from './kinds';
import type { Asked } from './useList';

interface Props {
  asked: Asked;
  kind: Kind;
  list: GroupListView;
  onChange: (x: Partial<Asked>) => void;
}

/** What the list is of: a row of choices above it, each of which changes it at once. */
export function ListForm({ asked, kind, list, onChange }: Props) {
  const terms = useTerms();
  const taught = list.sounds.filter((x) => x.spellings.length > 0);
  const others = list.sounds.filter((x) => x.spellings.length === 0);
  const to = (key: string) => {
    const sound =
      kindOf(key).sound === 'needed' && asked.sound === '' ? (taught.at(-1)?.key ?? '') : asked.sound;
    onChange({ kind: key, sound });
  };
  return (
    <Form className="list-form" onSubmit={(x) => x.preventDefault()}>
      <Choice
        name="List"
        value={asked.kind}
        onChange={to}
        options={KINDS.map((x) => ({ ...x, name: nameOf(x, terms) }))}
      />
      {kind.sound !== 'none' && (
        <Form.Group controlId="list-sound">
          <Form.Label>Sound</Form.Label>
          <Form.Select size="sm" value={asked.sound} onChange={(x) => onChange({ sound: x.target.value })}>
            {kind.sound === 'asked' && <option value="">any</option>}
            <optgroup label="taught">
              {taught.map((x) => (
                <option key={x.key} value={x.key}>
                  {shown(x.spellings.join(', '))} as in {x.example}
                </option>
              ))}
            </optgroup>
            <optgroup label="not yet taught: by ear">
              {others.map((x) => (
                <option key={x.key} value={x.key}>
                  /{x.ipa}/ as in {x.example}
                </option>
              ))}
            </optgroup>
          </Form.Select>
        </Form.Group>
      )}
      {kind.sound !== 'none' && kind.shape === 'list' && asked.kind !== 'made-up' && asked.sound !== '' && (
        <Choice name="Place" value={asked.place} onChange={(place) => onChange({ place })} options={PLACES} />
      )}
      {asked.kind === 'by-ending-sound' && (
        <Choice
          name="Ending"
          value={asked.ending}
          onChange={(ending) => onChange({ ending })}
          options={list.endings.map((x) => ({ key: x, name: `-${x}` }))}
        />
      )}
      <Choice
        name="Sounds in a word"
        value={`${asked.fewest}-${asked.most}`}
        onChange={(x) => {
          const [fewest = 1, most = 12] = x.split('-').map(Number);
          onChange({ fewest, most });
        }}
        options={[
          { key: '1-12', name: 'as many as they meet' },
          { key: '1-2', name: 'two' },
          { key: '3-3', name: 'three' },
          { key: '4-4', name: 'four' },
          { key: '5-5', name: 'five' },
          { key: '1-3', name: 'up to three' },
          { key: '1-4', name: 'up to four' },
        ]}
      />
      {asked.kind !== 'made-up' && (
        <Choice name="Of" value={asked.of} onChange={(of) => onChange({ of })} options={LIMITS} />
      )}
    </Form>
  );
}
