import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ColumnRole, ImportView, LadderSummary } from '../api/schema';
import { useTerms } from '../api/useTerms';
import { filledBy, leftOut, roles } from './importing';
import { ImportBefore } from './ImportBefore';
import { ImportDoubts } from './ImportDoubts';
import { ImportNotice } from './ImportNotice';
import { ImportRungs } from './ImportRungs';
import { ImportSource } from './ImportSource';
import type { Dated } from './NewGroup';
import type { Import } from './useImport';
import type { SetUp } from './useSetUp';

interface Props {
  brought: Import;
  setUp: SetUp;
  /** Kept, with how far its sheet says that a group has come by today. */
  onKept: (ladder: LadderSummary, dated?: Dated) => void;
  /** Put in place of a ladder's draft, which lessons follow when they are let. */
  onPut: (ladder: LadderSummary) => void;
}

/** What would be made of a sheet: what has to be asked first, then each rung beside the cell it came from. */
export function ImportPreview({ brought, setUp, onKept, onPut }: Props) {
  const [into, setInto] = useState('');
  const view = brought.preview.data;
  const problem = brought.preview.error;
  const name = brought.body?.fileName ?? 'what was pasted';
  if (problem && !brought.preview.isFetching) {
    return (
      <>
        <h1>{name} can’t be read</h1>
        <p role="alert">{problem.message}</p>
        <Button variant="dark" onClick={brought.clear}>
          Choose again
        </Button>
      </>
    );
  }
  if (!view) return <p className="waiting">Reading {name} …</p>;
  const open =
    view.doubts.filter((x) => x.answer == null).length +
    view.columns.filter((x) => x.choices.length > 0 && !x.told).length;
  const told = view.columns.filter((x) => x.told);
  const ladder = view.ladder;
  const ladders = setUp.ladders.data ?? [];
  const to = ladders.find((x) => x.id === into);
  const keeping = setUp.addLadder.isPending || setUp.replaceDraft.isPending;
  const failed = setUp.addLadder.error ?? setUp.replaceDraft.error;
  // With how the sheet is laid out, and what was answered, to be known again.
  const whole = ladder && {
    ladder,
    layout:
      told.length > 0
        ? { signature: view.signature, roles: Object.fromEntries(told.map((x) => [x.column, x.role])) }
        : undefined,
    answers: Object.fromEntries(view.doubts.flatMap((x) => (x.answer == null ? [] : [[x.id, x.answer]]))),
  };
  const put = () => whole && to && setUp.replaceDraft.mutate({ to, ...whole }, { onSuccess: onPut });
  const keep = () =>
    whole &&
    setUp.addLadder.mutate(whole, {
      onSuccess: (x) =>
        onKept(
          x,
          view.taughtUpTo == null
            ? undefined
            : { ladderId: x.id, rungId: view.taughtUpTo, daysOfNext: view.daysOfNext },
        ),
    });
  return (
    <div className={brought.preview.isPlaceholderData ? 'import old' : 'import'}>
      <div className="heading">
        <h1>{view.name}</h1>
        <p className="total">
          {view.rungs.length} rungs out of {name}
          {view.moved && ', in the order of the times beside them and not of the rows'}
          {filledBy[view.filled]}
        </p>
      </div>
      <div className="import-bar">
        <Button
          variant="dark"
          disabled={!ladder || open > 0 || view.problem != null || keeping}
          onClick={to ? put : keep}
        >
          {to ? 'Put it in its place' : 'Keep this ladder'}
        </Button>
        {ladders.length > 0 && (
          <Form.Select
            size="sm"
            aria-label="Keep it as"
            value={into}
            onChange={(x) => setInto(x.target.value)}
          >
            <option value="">as a new ladder</option>
            {ladders.map((x) => (
              <option key={x.id} value={x.id}>
                in place of the draft of {x.name}
              </option>
            ))}
          </Form.Select>
        )}
        <Button variant="outline-dark" onClick={brought.clear}>
          Choose another
        </Button>
        <span role="status">
          {open > 0
            ? open === 1
              ? 'One thing is asked first.'
              : `${open} things are asked first.`
            : 'Nothing is left to ask. Look it through, then keep it.'}
        </span>
      </div>
      {(view.problem ?? failed) && (
        <p className="form-problem" role="alert">
          {view.problem ?? failed?.message}
        </p>
      )}
      <ImportDoubts view={view} brought={brought} />
      {view.before && (
        <ImportBefore
          before={view.before}
          inFront={brought.body?.before ?? view.before.likely}
          onInFront={brought.before}
        />
      )}
      {ladder && open === 0 && <ImportNotice view={view} />}
      <Columns view={view} brought={brought} />
      {ladder && <ImportRungs view={view} />}
      <LeftOutList view={view} />
    </div>
  );
}

/** What each column was taken to hold; told otherwise, the sheet is read again. */
function Columns({ view, brought }: { view: ImportView; brought: Import }) {
  const terms = useTerms();
  return (
    <details className="sheet-columns">
      <summary>
        How the sheet was read: {view.columns.filter((x) => x.role !== 'leftOut').length} of{' '}
        {view.columns.length} columns
        {view.sheets.length > 1 && `, sheet ${view.sheets[view.sheet]?.name ?? ''} of ${view.sheets.length}`}
      </summary>
      {view.sheets.length > 1 && (
        <Form.Group controlId="sheet">
          <Form.Label>Sheet</Form.Label>
          <Form.Select size="sm" value={view.sheet} onChange={(x) => brought.sheet(Number(x.target.value))}>
            {view.sheets.map((x, at) => (
              <option key={at} value={at}>
                {x.name}
                {x.hidden ? ' (hidden)' : ''}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      <div className="column-list">
        {view.columns.map((x) => (
          <Form.Group key={x.column} controlId={`column-${x.column}`}>
            <Form.Label>
              <b>{x.heading || `Column ${x.column}`}</b>{' '}
              <span className="hint">{x.examples[0]?.slice(0, 24)}</span>
            </Form.Label>
            <Form.Select
              size="sm"
              value={x.role}
              onChange={(e) => brought.role(x.column, e.target.value as ColumnRole)}
            >
              {roles(terms).map(([role, name]) => (
                <option key={role} value={role}>
                  {name}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
        ))}
      </div>
    </details>
  );
}

function LeftOutList({ view }: { view: ImportView }) {
  const said = leftOut(useTerms());
  if (view.leftOut.length === 0 && view.kept.length === 0) return null;
  return (
    <details className="left-out">
      <summary>
        {view.leftOut.length} cells became no rung
        {view.kept.length > 0 && `; ${view.kept.length} are kept as notes`}
      </summary>
      <ul>
        {view.kept.map((x, at) => (
          <li key={`kept-${at}`}>
            <ImportSource source={x} />{' '}
            <span className="hint">
              a rung can’t hold it as a part yet; it is the note of a rung of its own
            </span>
          </li>
        ))}
        {view.leftOut.map((x, at) => (
          <li key={at}>
            {x.source.cell === '' ? <>Sheet {x.source.sheet}</> : <ImportSource source={x.source} />}{' '}
            <span className="hint">{said[x.reason]}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
