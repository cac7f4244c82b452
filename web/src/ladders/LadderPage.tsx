import { useCallback, useEffect, useMemo, useRef, useState, type MouseEvent } from 'react';
import { Alert, Button } from 'react-bootstrap';
import { useNavigate, useParams } from 'react-router';
import type { LadderView } from '../api/schema';
import { Failure, Waiting } from '../shell/States';
import { usePlace } from '../api/place';
import { Saved } from '../shell/Saved';
import { Shell } from '../shell/Shell';
import { LadderNotes } from './LadderNotes';
import { moved, useMovingIds } from './moving';
import { MovingColumn } from './MovingColumn';
import { PickedColumn } from './PickedColumn';
import { PublishColumn } from './PublishColumn';
import { RungColumn } from './RungColumn';
import { RungForm, type Draft } from './RungForm';
import { RungList } from './RungList';
import { SectionColumn } from './SectionColumn';
import { SuggestColumn } from './SuggestColumn';
import { Wall } from './Wall';
import { useClipboard } from './useClipboard';
import { useDeskKeys } from './useDeskKeys';
import { useLadder } from './useLadder';
import { useMove } from './useMove';

const NONE: ReadonlySet<string> = new Set();

/** The ladder: its rungs in sections, what each adds and unlocks, and the line that a group stands at. */
export function LadderPage() {
  const { rungId } = useParams();
  const place = usePlace();
  const go = useNavigate();
  const { query, ladder, edit, undo, redo, goBack, publish } = useLadder();
  const [form, setForm] = useState<Draft>();
  // Each opening of the column is one of its own: what was let follow in an earlier one closes that one alone.
  const [publishing, setPublishing] = useState<object>();
  const [wall, setWall] = useState(false);
  const [suggesting, setSuggesting] = useState(false);
  const [picked, setPicked] = useState<ReadonlySet<string>>(NONE);
  const [sectionId, setSectionId] = useState<string>();
  const moving = useMovingIds();
  const rungs = useMemo(() => ladder?.sections.flatMap((x) => x.rungs) ?? [], [ladder]);
  const chosen = rungs.find((x) => x.rung.id === rungId);
  const several = rungs.filter((x) => picked.has(x.rung.id));
  const move = useMove(ladder, edit, () => undefined);
  const clip = useClipboard(ladder, edit, several.length > 0 ? several : chosen ? [chosen] : []);
  const list = useRef<HTMLDivElement>(null);
  const ready = ladder !== undefined;

  useEffect(() => {
    const row = list.current?.querySelector(rungId ? '[aria-current="true"]' : '.line-row');
    row?.scrollIntoView({ block: 'center' });
  }, [rungId, ready]);

  const here = useRef(picked);
  useEffect(() => {
    here.current = picked;
  });
  // A rung that is one of several takes them all along; every rung asks this when it is taken up, and not before.
  const carriers = useRef(new Map<string, () => string[]>());
  const carriesOf = useCallback((id: string) => {
    const known = carriers.current.get(id) ?? (() => (here.current.has(id) ? [...here.current] : [id]));
    carriers.current.set(id, known);
    return known;
  }, []);
  // What a press on a rung does is read when it is pressed, so that rows are not drawn again for it.
  const onPress = (id: string, event: MouseEvent) => {
    const held = moved();
    if (held?.by === 'keys') {
      const over = {
        sectionId: ladder?.sections.find((x) => x.rungs.some((r) => r.rung.id === id))?.id ?? '',
        rungId: id,
      };
      move.over(over, true);
    } else if (event.shiftKey && rungId) {
      const [a, b] = [rungId, id].map((x) => rungs.findIndex((r) => r.rung.id === x));
      setPicked(
        new Set(rungs.slice(Math.min(a ?? 0, b ?? 0), Math.max(a ?? 0, b ?? 0) + 1).map((x) => x.rung.id)),
      );
    } else if (event.ctrlKey || event.metaKey) {
      const next = new Set(picked.size === 0 && rungId ? [rungId] : picked);
      if (!next.delete(id)) next.add(id);
      setPicked(next);
    } else {
      setPicked(NONE);
      setPublishing(undefined);
      setSuggesting(false);
      setSectionId(undefined);
      void go(place.to(id === rungId ? 'ladder' : `ladder/${id}`));
    }
  };
  const pressed = useRef(onPress);
  useEffect(() => {
    pressed.current = onPress;
  });
  const onOpen = useCallback((id: string, event: MouseEvent) => pressed.current(id, event), []);
  const section = ladder?.sections.find((x) => x.id === sectionId);
  const onSection = (id: string) => {
    setPicked(NONE);
    setPublishing(undefined);
    setSuggesting(false);
    setSectionId(id === sectionId ? undefined : id);
    if (rungId) void go(place.to('ladder'));
  };
  const takeSection = () =>
    section &&
    move.take(
      section.rungs.map((x) => x.rung.id),
      'keys',
      section.id,
    );
  useDeskKeys({
    ladder,
    rungId,
    onSection: section ? takeSection : undefined,
    several: several.map((x) => x.rung.id),
    edit,
    undo,
    redo,
    move,
    clip,
    onNone: () => setPicked(NONE),
  });

  if (query.error && !ladder) return <Failure sentence={query.error.message} />;
  if (!ladder) return <Waiting what="Opening the ladder" />;
  const failed = edit.error ?? undo.error ?? redo.error ?? goBack.error ?? publish.error;
  return (
    <Shell
      strip={ladder.strip}
      dockName={
        moving
          ? 'What the move would change'
          : form
            ? 'Edit a rung'
            : chosen
              ? 'The chosen rung'
              : section
                ? 'The chosen section'
                : 'The ladder in figures'
      }
      dock={
        moving ? (
          <MovingColumn ladder={ladder} move={move} />
        ) : form ? (
          <RungForm draft={form} edit={edit} onDone={() => setForm(undefined)} />
        ) : publishing ? (
          <PublishColumn
            ladder={ladder}
            publish={publish}
            goBack={goBack}
            onDone={() => setPublishing((now) => (now === publishing ? undefined : now))}
          />
        ) : suggesting ? (
          <SuggestColumn ladder={ladder} edit={edit} onDone={() => setSuggesting(false)} />
        ) : several.length > 1 ? (
          <PickedColumn
            picked={several}
            clip={clip}
            onMove={() =>
              move.take(
                several.map((x) => x.rung.id),
                'keys',
              )
            }
            onNone={() => setPicked(NONE)}
          />
        ) : chosen ? (
          <RungColumn
            key={chosen.rung.id}
            ladder={ladder}
            view={chosen}
            edit={edit}
            clip={clip}
            onMove={() => move.take([chosen.rung.id], 'keys')}
            onForm={setForm}
          />
        ) : section ? (
          <SectionColumn
            key={`${section.id} ${section.name} ${JSON.stringify(section.shape)}`}
            ladder={ladder}
            section={section}
            edit={edit}
            onMove={takeSection}
            onGone={() => setSectionId(undefined)}
          />
        ) : (
          <LadderNotes
            ladder={ladder}
            edit={edit}
            onHistory={() => setPublishing({})}
            onSuggest={() => setSuggesting(true)}
          />
        )
      }
      foot={
        <>
          {ladder.unpublished > 0 && !publishing && (
            <Button variant="dark" onClick={() => setPublishing({})}>
              Let lessons follow the {ladder.unpublished === 1 ? 'change' : `${ladder.unpublished} changes`} …
            </Button>
          )}
          {ladder.undo && (
            <Button variant="link" onClick={() => undo.mutate()} disabled={undo.isPending}>
              Undo: {ladder.undo} <kbd>Ctrl Z</kbd>
            </Button>
          )}
          {ladder.redo && (
            <Button variant="link" onClick={() => redo.mutate()} disabled={redo.isPending}>
              Redo: {ladder.redo} <kbd>Ctrl Y</kbd>
            </Button>
          )}
          <Button variant="outline-dark" onClick={() => setWall(true)}>
            Print for the wall
          </Button>
          <Saved changes={[edit, undo, redo, goBack, publish]} failed={failed !== null} />
        </>
      }
    >
      <div className="heading ladder-heading">
        <h1>{ladder.name}</h1>
        <p className="total">{headline(ladder)}</p>
      </div>
      {failed && !form && <Alert variant="warning">{failed.message}</Alert>}
      <RungList
        ladder={ladder}
        rungId={rungId}
        picked={picked}
        carriesOf={carriesOf}
        onOpen={onOpen}
        sectionId={section?.id}
        onSection={onSection}
        list={list}
      />
      {wall && <Wall ladder={ladder} onDone={() => setWall(false)} />}
    </Shell>
  );
}

const headline = (x: LadderView) => {
  const rungs = x.sections.reduce((sum, s) => sum + s.rungs.length, 0);
  const clashes = x.clashes.length > 0 ? ` · ${x.clashes.length} too close` : '';
  const changes = x.unpublished > 0 ? ` · ${x.unpublished} not yet followed by lessons` : '';
  return `${rungs} rungs · ${x.thinByPlace} thin by place · ${x.thinByNature} thin by nature${clashes}${changes}`;
};
