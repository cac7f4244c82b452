import { useEffect, useRef, useState } from 'react';
import { Alert, Button } from 'react-bootstrap';
import { useNavigate, useParams } from 'react-router';
import type { LadderView, RungView } from '../api/schema';
import { Failure, Waiting } from '../shell/States';
import { shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import { Saved } from '../shell/Saved';
import { isTyping, Shell } from '../shell/Shell';
import { shown } from '../word/grapheme';
import { LadderNotes } from './LadderNotes';
import { RungColumn } from './RungColumn';
import { RungForm, type Draft } from './RungForm';
import { useLadder } from './useLadder';

const WIDEST = 60;

/** The ladder: its rungs in sections, what each adds and unlocks, and the line that a group stands at. */
export function LadderPage() {
  const { rungId } = useParams();
  const place = usePlace();
  const go = useNavigate();
  const { query, ladder, edit, undo, publish } = useLadder();
  const [form, setForm] = useState<Draft>();
  const chosen = ladder?.sections.flatMap((x) => x.rungs).find((x) => x.rung.id === rungId);
  const list = useRef<HTMLDivElement>(null);
  const ready = ladder !== undefined;

  useEffect(() => {
    const row = list.current?.querySelector(rungId ? '[aria-current="true"]' : '.line-row');
    row?.scrollIntoView({ block: 'center' });
  }, [rungId, ready]);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTyping(event.target) || !ladder) return;
      if ((event.ctrlKey || event.metaKey) && event.key === 'z') {
        event.preventDefault();
        if (ladder.undo) undo.mutate();
      }
      const by = { ArrowUp: 1 as const, ArrowDown: -1 as const }[event.key];
      if (event.altKey && by !== undefined && rungId) {
        event.preventDefault();
        edit.mutate({ kind: 'moveBy', rungId, by });
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  if (query.error && !ladder) return <Failure sentence={query.error.message} />;
  if (!ladder) return <Waiting what="Opening the ladder" />;
  const failed = edit.error ?? undo.error ?? publish.error;
  const open = (id: string) => void go(place.to(id === rungId ? 'ladder' : `ladder/${id}`));
  return (
    <Shell
      strip={ladder.strip}
      dockName={form ? 'Edit a rung' : chosen ? 'The chosen rung' : 'The ladder in figures'}
      dock={
        form ? (
          <RungForm draft={form} edit={edit} onDone={() => setForm(undefined)} />
        ) : chosen ? (
          <RungColumn key={chosen.rung.id} ladder={ladder} view={chosen} edit={edit} onForm={setForm} />
        ) : (
          <LadderNotes ladder={ladder} />
        )
      }
      foot={
        <>
          {ladder.unpublished > 0 && (
            <Button variant="dark" onClick={() => publish.mutate()} disabled={publish.isPending}>
              Let lessons follow the {ladder.unpublished === 1 ? 'change' : `${ladder.unpublished} changes`}
            </Button>
          )}
          {ladder.undo && (
            <Button variant="link" onClick={() => undo.mutate()} disabled={undo.isPending}>
              Undo: {ladder.undo} <kbd>Ctrl Z</kbd>
            </Button>
          )}
          <Saved changes={[edit, undo, publish]} failed={failed !== null} />
        </>
      }
    >
      <div className="heading ladder-heading">
        <h1>{ladder.name}</h1>
        <p className="total">{headline(ladder)}</p>
      </div>
      {failed && !form && <Alert variant="warning">{failed.message}</Alert>}
      <div className="rungs" ref={list}>
        <div className="rung-row rung-head" aria-hidden="true">
          <span>rung</span>
          <span>adds</span>
          <span>for example</span>
          <span>words that can carry it; all it unlocks, grey</span>
          <span>first day</span>
        </div>
        {[...ladder.sections].reverse().map((section) => (
          <section className="rung-section" key={section.id} aria-label={section.name}>
            <h2>
              {section.name}{' '}
              <span>
                up to {section.shape.boxes} sounds, {together(section.shape.together)},{' '}
                {syllables(section.shape.syllables)}
              </span>
            </h2>
            {[...section.rungs].reverse().map((x) => (
              <div key={x.rung.id}>
                {x.number === ladder.strip.line && <LineRow />}
                <Row view={x} chosen={x.rung.id === rungId} onOpen={() => open(x.rung.id)} />
              </div>
            ))}
          </section>
        ))}
        {ladder.strip.line === 0 && <LineRow />}
      </div>
    </Shell>
  );
}

const headline = (x: LadderView) => {
  const rungs = x.sections.reduce((sum, s) => sum + s.rungs.length, 0);
  const changes = x.unpublished > 0 ? ` · ${x.unpublished} not yet followed by lessons` : '';
  return `${rungs} rungs · ${x.thinByPlace} thin by place · ${x.thinByNature} thin by nature${changes}`;
};

const together = (x: number) =>
  x === 1 ? 'no consonants together' : `${x === 2 ? 'two' : 'three'} consonants together`;
const syllables = (x: number) => (x === 1 ? 'one syllable' : `${x} syllables`);

function LineRow() {
  return (
    <div className="line-row">
      <span>taught below this line</span>
    </div>
  );
}

function Row({ view, chosen, onOpen }: { view: RungView; chosen: boolean; onOpen: () => void }) {
  const { rung } = view;
  const letters = rung.adds.some((x) => x.kind === 'correspondence' || x.kind === 'ending');
  return (
    <div
      className={`rung-row ${chosen ? 'chosen' : ''} ${view.passed ? 'passed' : ''}`}
      aria-current={chosen}
      data-rung={rung.id}
      onClick={onOpen}
    >
      <span>{view.number}</span>
      <span className={letters ? 'adds letters' : 'adds'}>
        <button type="button" onClick={(x) => (x.stopPropagation(), onOpen())}>
          {shown(view.label)}
        </button>
      </span>
      <span className="examples">{view.examples.slice(0, 2).join(', ')}</span>
      <span className="figures">
        {view.examples.length > 0 || view.targets > 0 || view.everydayUnlocks > 0 ? (
          <>
            <span className="bar" aria-hidden="true">
              <span className="all" style={{ width: `${share(view.everydayUnlocks)}%` }} />
              <span className="own" style={{ width: `${share(view.targets)}%` }} />
            </span>
            <span className="number">{view.targets}</span>
          </>
        ) : null}
        <span className="note">{noteOf(view)}</span>
      </span>
      <span className="date">{view.passed ? 'taught' : view.date ? shortDay(view.date) : ''}</span>
    </div>
  );
}

const share = (x: number) => Math.min(100, (100 * x) / WIDEST);

/** What a lead should notice about a rung, in a few words. */
export function noteOf(view: RungView): string {
  const notes: string[] = [];
  if (view.thin === 'byPlace') notes.push('thin by place');
  if (view.thin === 'byNature') notes.push('thin by nature');
  if (view.thin === 'opening') notes.push('too early for words');
  if (view.needs.length > 0) notes.push(`before what it needs: ${view.needs.join('; ')}`);
  for (const x of view.tricky) {
    notes.push(
      {
        staysTricky: `${x.word}: stays tricky`,
        already: `${x.word}: already decodable here`,
        later: `${x.word}: decodable at ${x.decodableAt}`,
      }[x.standing],
    );
  }
  return notes.join(' · ');
}
