import { Button } from 'react-bootstrap';
import type { ImportDoubtView, ImportView, SheetColumn } from '../api/schema';
import { shown } from '../word/grapheme';
import { useTerms } from '../api/useTerms';
import { roles } from './importing';
import { ImportSource } from './ImportSource';
import type { Import } from './useImport';

/** What a sheet does not say: columns first, since much hangs on each, and what is still open before what was answered. */
export function ImportDoubts({ view, brought }: { view: ImportView; brought: Import }) {
  const columns = view.columns.filter((x) => x.choices.length > 0);
  if (view.doubts.length + columns.length === 0) return null;
  const isOpen = (x: ImportDoubtView) => x.answer == null;
  const column = (x: SheetColumn) => <ColumnDoubt key={`column-${x.column}`} column={x} brought={brought} />;
  const doubt = (x: ImportDoubtView) => (
    <DoubtRow key={x.id} doubt={x} onAnswer={(key) => brought.answer(x.id, key)} />
  );
  return (
    <section className="doubts" aria-label="What has to be asked">
      {columns.filter((x) => !x.told).map(column)}
      {view.doubts.filter(isOpen).map(doubt)}
      {columns.filter((x) => x.told).map(column)}
      {view.doubts.filter((x) => !isOpen(x)).map(doubt)}
    </section>
  );
}

function ColumnDoubt({ column, brought }: { column: SheetColumn; brought: Import }) {
  const names = Object.fromEntries(roles(useTerms()));
  return (
    <div className="doubt">
      <p>
        What does the column <b>{column.heading}</b> hold?{' '}
        <span className="hint">{column.examples.join(' · ').slice(0, 80)}</span>
      </p>
      <div className="answers">
        {column.choices.map((x) => (
          <Answer
            key={x}
            pressed={column.told && column.role === x}
            onPress={() => brought.role(column.column, x)}
          >
            {names[x] ?? x}
          </Answer>
        ))}
      </div>
    </div>
  );
}

function DoubtRow({ doubt, onAnswer }: { doubt: ImportDoubtView; onAnswer: (key: string) => void }) {
  const sounds = (x: { examples: string[] }) => `as in ${x.examples.join(' and ')}`;
  const words: Record<string, string> = {
    again: 'the same again, to go over',
    word: `the whole word ${doubt.letters}`,
    note: 'only a note',
  };
  return (
    <div className="doubt">
      <p>
        Which <b className="letters">{shown(doubt.letters)}</b> is meant in{' '}
        <ImportSource source={doubt.source} />?
        {doubt.against !== '' && (
          <span className="hint">
            {' '}
            Its word, <i>{doubt.against}</i>, does not show it.
          </span>
        )}
      </p>
      <div className="answers">
        {doubt.choices.map((x) => (
          <Answer key={x.key} pressed={doubt.answer === x.key} onPress={() => onAnswer(x.key)}>
            {words[x.key] ?? (x.examples.length > 0 ? sounds(x) : x.key)}
          </Answer>
        ))}
      </div>
    </div>
  );
}

function Answer({ pressed, onPress, children }: { pressed: boolean; onPress: () => void; children: string }) {
  return (
    <Button size="sm" variant={pressed ? 'dark' : 'outline-dark'} aria-pressed={pressed} onClick={onPress}>
      {children}
    </Button>
  );
}
