import { Fragment } from 'react';
import type { ImportRungView, ImportView } from '../api/schema';
import { useTerms } from '../api/useTerms';
import { shown } from '../word/grapheme';
import { ImportSource } from './ImportSource';

/** Each rung beside the cells it came from, with the words it will open. */
export function ImportRungs({ view }: { view: ImportView }) {
  const rungs = new Map(view.rungs.map((x) => [x.rungId, x]));
  let number = 0;
  return (
    <table className="import-rungs">
      <thead>
        <tr>
          <th>In the sheet</th>
          <th>Rung</th>
          <th>Teaches</th>
          <th>Opens</th>
        </tr>
      </thead>
      <tbody>
        {view.ladder?.sections.map((section) => (
          <Fragment key={section.id}>
            {section.rungs.some((x) => rungs.has(x.id)) && (
              <tr className="section-row">
                <th colSpan={4}>{section.name}</th>
              </tr>
            )}
            {section.rungs.map((x) => {
              const rung = rungs.get(x.id);
              number++;
              return (
                rung && (
                  <tr key={x.id} className={rung.doubts.length > 0 ? 'asked' : undefined}>
                    <td>
                      {rung.sources.map((s, at) => (
                        <div key={at}>
                          <ImportSource source={s} />
                        </div>
                      ))}
                    </td>
                    <td className="number">{number}</td>
                    <td>
                      <Teaches rung={rung} tricky={x.trickyWords} days={x.days} notes={x.notes} />
                    </td>
                    <td>
                      {rung.opens > 0 && (
                        <>
                          {rung.opens} {rung.opens === 1 ? 'word' : 'words'}
                          <div className="hint">{rung.examples.join(', ')}</div>
                        </>
                      )}
                    </td>
                  </tr>
                )
              );
            })}
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function Teaches({
  rung,
  tricky,
  days,
  notes,
}: {
  rung: ImportRungView;
  tricky: string[];
  days: number;
  notes: string;
}) {
  const terms = useTerms();
  return (
    <>
      {rung.parts.map((x, at) => (
        <span className="teaches" key={at}>
          <b className="letters">{shown(x.label)}</b>
          {x.example !== '' && <span className="hint"> as in {x.example}</span>}
        </span>
      ))}
      {tricky.length > 0 && (
        <span className="teaches">
          <span className="hint">{tricky.length === 1 ? terms.trickyWord : terms.trickyWords} </span>
          <b className="letters">{tricky.join(', ')}</b>
        </span>
      )}
      {rung.parts.length === 0 && tricky.length === 0 && (
        <span className="teaches hint">
          {rung.doubts.length > 0 ? 'waits for your answer above' : rung.label}
        </span>
      )}
      {days > 1 && <span className="teaches hint">{days} days</span>}
      {notes !== '' && <div className="hint note">{notes}</div>}
    </>
  );
}
