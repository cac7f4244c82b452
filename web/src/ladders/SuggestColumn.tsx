import { useState } from 'react';
import { Button, Form, Table } from 'react-bootstrap';
import type { LadderView, OrderScore, SuggestionView } from '../api/schema';
import { useTerms } from '../api/useTerms';
import { shown } from '../word/grapheme';
import { SuggestedMoves } from './SuggestedMoves';
import type { useLadder } from './useLadder';
import { useSuggestion } from './useSuggestion';
import { useWishes } from './useWishes';
import { Wishes, wishText } from './Wishes';

interface Props {
  ladder: LadderView;
  edit: ReturnType<typeof useLadder>['edit'];
  onDone: () => void;
}

/** A better order, looked for from what a lead asks; seen against today's, and taken whole or move by move. */
export function SuggestColumn({ ladder, edit, onDone }: Props) {
  const terms = useTerms();
  const { wishes, ready, keep } = useWishes(ladder.id);
  const taught = ladder.strip.sections.some((x) => x.rungs.some((r) => r.filled));
  const [keepTaught, setKeepTaught] = useState(taught);
  const { found, looking, failed, look, stop } = useSuggestion(ladder);
  return (
    <div className="suggest-column">
      <h2>A better order</h2>
      <p className="hint">
        Spellings change places; sections keep their size, and {terms.trickyWords}, endings, contrasts and
        checks keep their place.
      </p>
      <Wishes ladder={ladder} wishes={wishes} onChange={(x) => keep.mutate(x)} />
      {keep.error && <p role="alert">{keep.error.message}</p>}
      {taught && (
        <Form.Check
          id="keep-taught"
          label="What the group was taught stays"
          checked={keepTaught}
          onChange={(x) => setKeepTaught(x.target.checked)}
        />
      )}
      <div className="acts">
        {looking ? (
          <Button size="sm" variant="dark" onClick={stop}>
            Stop: that will do
          </Button>
        ) : (
          <Button
            size="sm"
            variant={found ? 'outline-dark' : 'dark'}
            disabled={!ready}
            onClick={() => void look(wishes, keepTaught)}
          >
            {found ? 'Look again' : 'Look for one'}
          </Button>
        )}
        <Button size="sm" variant="link" onClick={onDone}>
          Back to the ladder
        </Button>
      </div>
      {failed && <p role="alert">{failed}</p>}
      {found?.conflicts.map((x) => (
        <p role="alert" key={JSON.stringify(x)}>
          These can’t all be kept: {x.wishes.map((w) => wishText(w, ladder)).join('; ')}
          {x.needs.map((n) => `; and ${shown(n.label)} needs ${shown(n.needs)}`).join('')}.
        </p>
      ))}
      {found && <Figures found={found} looking={looking} />}
      {found && !looking && (
        <SuggestedMoves ladder={ladder} found={found} wishes={wishes} keepTaught={keepTaught} edit={edit} />
      )}
    </div>
  );
}

const ROWS: [string, (x: OrderScore) => number, 'always' | 'where it is'][] = [
  ['Not as asked', (x) => x.wishes, 'where it is'],
  ['Before what they need', (x) => x.needs, 'always'],
  ['Too early to be of use', (x) => x.tooEarly, 'where it is'],
  ['Thin by place', (x) => x.thin, 'always'],
  ['Look or sound alike, too close', (x) => x.alike, 'always'],
  ['Two spellings of a sound, too close', (x) => x.spellings, 'always'],
];

function Figures({ found, looking }: { found: SuggestionView; looking: boolean }) {
  const rows = ROWS.filter(([, of, when]) => when === 'always' || of(found.today) > 0 || of(found.score) > 0);
  return (
    <Table size="sm" className="order-figures" aria-live="polite" aria-busy={looking}>
      <thead>
        <tr>
          <th scope="col">{looking ? 'Looking …' : 'Found'}</th>
          <th scope="col">today</th>
          <th scope="col">then</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, of]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{of(found.today)}</td>
            <td>
              <b>{of(found.score)}</b>
            </td>
          </tr>
        ))}
        <tr>
          <th scope="row">Rungs to an everyday word, on average</th>
          <td>{found.today.average.toFixed(1)}</td>
          <td>
            <b>{found.score.average.toFixed(1)}</b>
          </td>
        </tr>
      </tbody>
    </Table>
  );
}
