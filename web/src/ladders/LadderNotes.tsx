import { useTerms } from '../api/useTerms';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { LadderView } from '../api/schema';
import { usePlace } from '../api/place';
import { NeedsForm } from './NeedsForm';
import { OwnWords } from '../word/OwnWords';
import { shown } from '../word/grapheme';
import { CLASH } from './MovingColumn';
import { Questions } from './Questions';
import { Renaming } from './Renaming';
import type { useLadder } from './useLadder';

/** What a lead wants to know of the whole ladder, when no rung is chosen. */
export function LadderNotes({
  ladder,
  edit,
  onHistory,
  onSuggest,
}: {
  ladder: LadderView;
  edit: ReturnType<typeof useLadder>['edit'];
  onHistory: () => void;
  onSuggest: () => void;
}) {
  const terms = useTerms();
  const place = usePlace();
  const rungs = ladder.sections.flatMap((x) => x.rungs);
  const thin = rungs.filter((x) => x.thin === 'byPlace');
  const unmet = rungs.filter((x) => x.needs.length > 0);
  const total = rungs.reduce((sum, x) => sum + x.unlocks, 0);
  return (
    <div className="notes">
      <Questions ladder={ladder} />
      <Button variant="outline-dark" size="sm" onClick={onSuggest}>
        Look for a better order …
      </Button>
      <h2>At the top</h2>
      <p>{total.toLocaleString('en-GB')} words can be read.</p>
      <h2>Thin by place</h2>
      {thin.length === 0 ? (
        <p>None: every rung has the words its lessons need.</p>
      ) : (
        <ul>
          {thin.map((x) => (
            <li key={x.rung.id}>
              <Link to={place.to(`ladder/${x.rung.id}`)}>
                {x.number} <b>{shown(x.label)}</b>
              </Link>
              , {x.targets} words: later rungs would bring more
            </li>
          ))}
        </ul>
      )}
      <h2>Before what they need</h2>
      {unmet.length === 0 ? (
        <p>None.</p>
      ) : (
        <ul>
          {unmet.map((x) => (
            <li key={x.rung.id}>
              <Link to={place.to(`ladder/${x.rung.id}`)}>
                {x.number} <b>{shown(x.label)}</b>
              </Link>{' '}
              needs {x.needs.join('; ')}
            </li>
          ))}
        </ul>
      )}
      {ladder.clashes.length > 0 && (
        <>
          <h2>Too close</h2>
          <ul>
            {ladder.clashes.map((x) => (
              <li key={`${x.laterId} ${x.one} ${x.other}`}>
                <Link to={place.to(`ladder/${x.laterId}`)}>
                  <b className="letters">
                    {shown(x.one)} {shown(x.other)}
                  </b>
                </Link>{' '}
                {CLASH[x.kind]}
              </li>
            ))}
          </ul>
        </>
      )}
      {ladder.heavyWeeks.length > 0 && (
        <>
          <h2>Much in one week</h2>
          <p>More than 4 new spellings or 3 {terms.trickyWords}.</p>
          <ul>
            {ladder.heavyWeeks.map((x) => (
              <li key={x.from}>
                rungs {x.from}–{x.to}: {x.correspondences} and {x.trickyWords}
              </li>
            ))}
          </ul>
        </>
      )}
      <NeedsForm />
      <OwnWords />
      <Renaming key={ladder.name} ladder={ladder} edit={edit} />
      <p>
        <Button variant="link" size="sm" onClick={onHistory}>
          What lessons followed before
        </Button>
      </p>
      <p className="hint">
        Choose a rung to see its words, to move it or to change it; a section’s name to change the section.
      </p>
    </div>
  );
}
