import { useEffect, useState } from 'react';
import { Alert, Button } from 'react-bootstrap';
import { Link, useParams } from 'react-router';
import { Problem } from '../api/client';
import type { BlockView, ItemView, LessonView, LogOutcome } from '../api/schema';
import { Failure, Waiting } from '../shell/States';
import { longDay } from '../api/dates';
import { usePlace } from '../api/place';
import { Saved } from '../shell/Saved';
import { isTyping, Shell } from '../shell/Shell';
import { shown as letters } from '../word/grapheme';
import { ItemColumn } from './ItemColumn';
import { LessonParts } from './LessonParts';
import { NotesColumn } from './NotesColumn';
import { PrintSheet } from './PrintSheet';
import { ShapeColumn } from './shape/ShapeColumn';
import { itemsOf, useLesson } from './useLesson';

/** The lesson of a group for a day: what to say, what to write, and how it went. */
export function TodayPage() {
  const { day = 'today', groupId } = useParams();
  const { asIf = '' } = usePlace();
  // Another lesson begins with nothing chosen and nothing marked.
  return <LessonDesk key={`${groupId ?? ''} ${day} ${asIf}`} day={day} />;
}

function LessonDesk({ day }: { day: string }) {
  const place = usePlace();
  const desk = useLesson(day);
  const { lesson, change, undo, say } = desk;
  const [chosenId, setChosen] = useState<string>();
  const [shaky, setShaky] = useState<ReadonlySet<string>>(new Set());
  const [guided, setGuided] = useState(false);
  const [reshaping, setReshaping] = useState(false);
  const items = lesson ? itemsOf(lesson) : [];
  const chosen = items.find((x) => x.id === chosenId);
  const editable = lesson?.id !== null && lesson?.outcome === null;

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return;
      if ((event.ctrlKey || event.metaKey) && event.key === 'z') {
        event.preventDefault();
        if (lesson?.undo) undo.mutate();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || !chosen) return;
      if (event.key === 'Escape') setChosen(undefined);
      const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
      if (by !== undefined) {
        const next = items[items.indexOf(chosen) + by];
        if (next) {
          setChosen(next.id);
          document.querySelector<HTMLElement>(`[data-item="${next.id}"]`)?.focus();
        }
        event.preventDefault();
      }
      if (!editable) return;
      if (event.key === 's' && chosen.canSwap) change.mutate({ change: 'swap', itemId: chosen.id });
      if (event.key === 'a' && chosen.canSwap) change.mutate({ change: 'add', itemId: chosen.id });
      if (event.key === 'l') change.mutate({ change: chosen.locked ? 'unlock' : 'lock', itemId: chosen.id });
      if (event.key === 'x') change.mutate({ change: 'drop', itemId: chosen.id });
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  if (desk.query.error && !lesson) return <Failure sentence={desk.query.error.message} />;
  if (!lesson) return <Waiting what="Planning the lesson" />;
  const failed = [change, undo, say].find((x) => x.error)?.error;
  const shown = failed && !(failed instanceof Problem && failed.status === 422) ? failed : undefined;
  const toggle = (id: string) => {
    const next = new Set(shaky);
    if (!next.delete(id)) next.add(id);
    setShaky(next);
  };
  const move = (block: BlockView, to: number) =>
    change.mutate({ change: 'movePiece', itemId: block.items[0]?.id, to });
  const outcome = (x: LogOutcome) =>
    say.mutate({ outcome: x, shaky: items.filter((i) => shaky.has(i.id)).flatMap(shakyKeys) });
  return (
    <>
      <Shell
        strip={lesson.strip}
        dockName={chosen ? 'The chosen item' : reshaping ? 'Pieces of this lesson' : 'Notes for today'}
        dock={
          chosen ? (
            <ItemColumn
              lesson={lesson}
              item={chosen}
              change={change}
              shaky={shaky.has(chosen.id)}
              onShaky={() => toggle(chosen.id)}
            />
          ) : reshaping && editable ? (
            <ShapeColumn lesson={lesson} change={change} onClose={() => setReshaping(false)} />
          ) : (
            <NotesColumn lesson={lesson} onReshape={editable ? () => setReshaping(true) : undefined} />
          )
        }
        foot={
          <>
            <Link className="btn btn-dark" to={place.to(`board/${lesson.day}`)}>
              On the board
            </Link>
            <Button variant="outline-dark" onClick={() => window.print()}>
              Print
            </Button>
            {editable && (
              <>
                <Button
                  variant="outline-dark"
                  onClick={() => change.mutate({ change: 'replan' })}
                  disabled={change.isPending}
                >
                  Plan again
                </Button>
                <span className="foot-label">Afterwards:</span>
                <div className="outcomes" role="group" aria-label="How the lesson went">
                  <Button variant="outline-dark" onClick={() => outcome('taught')} disabled={say.isPending}>
                    Taught
                  </Button>
                  <Button variant="outline-dark" onClick={() => outcome('partly')} disabled={say.isPending}>
                    Partly
                  </Button>
                  <Button variant="outline-dark" onClick={() => outcome('missed')} disabled={say.isPending}>
                    Missed
                  </Button>
                </div>
              </>
            )}
            {lesson.outcome && lesson.next && (
              <Link className="btn btn-outline-dark" to={place.to(`today/${lesson.next}`)}>
                Next: {longDay(lesson.next)}
              </Link>
            )}
            {(lesson.outcome === 'missed' || lesson.outcome === 'partly') && (
              <Link className="btn btn-outline-dark" to={place.to('year?lost=1')}>
                Make up for the day
              </Link>
            )}
            {lesson.undo && (
              <Button variant="link" onClick={() => undo.mutate()} disabled={undo.isPending}>
                Undo: {lesson.undo} <kbd>Ctrl Z</kbd>
              </Button>
            )}
            <Saved
              changes={[change, undo, say]}
              failed={shown !== undefined}
              instead={lesson.id === null ? 'Not kept' : undefined}
            />
          </>
        }
      >
        <Heading
          lesson={lesson}
          onLength={() => change.mutate({ change: 'replan', minutes: lesson.otherMinutes })}
          guided={guided}
          onGuided={() => setGuided(!guided)}
        />
        <p className="point">{lesson.point.join(' ')}</p>
        {shown && (
          <Alert variant="warning" dismissible onClose={() => [change, undo, say].forEach((x) => x.reset())}>
            {shown.message}
          </Alert>
        )}
        {lesson.dueNow && (
          <Alert variant="warning">
            This was planned for <b>{letters(lesson.title)}</b>. By now the day is for{' '}
            <b>{letters(lesson.dueNow)}</b>.{' '}
            {editable && (
              <Button
                size="sm"
                variant="dark"
                onClick={() => change.mutate({ change: 'follow' })}
                disabled={change.isPending}
              >
                Plan it for {letters(lesson.dueNow)}
              </Button>
            )}
          </Alert>
        )}
        {lesson.stale.length > 0 && (
          <Alert variant="warning">
            Something changed since this was planned.{' '}
            {AMISS.map(([kind, says]) => {
              const items = lesson.stale.filter((x) => x.kind === kind);
              return items.length === 0 ? null : (
                <span key={kind}>
                  {says}: <b>{items.map((x) => letters(x.text)).join(', ')}</b>.{' '}
                </span>
              );
            })}
            {editable && (
              <Button
                size="sm"
                variant="dark"
                onClick={() => change.mutate({ change: 'mend' })}
                disabled={change.isPending}
              >
                Mend them
              </Button>
            )}
          </Alert>
        )}
        <LessonParts
          lesson={lesson}
          guided={guided}
          chosen={chosenId}
          shaky={shaky}
          onChoose={(x) => setChosen(x === chosenId ? undefined : x)}
          onMove={editable ? move : undefined}
        />
      </Shell>
      <PrintSheet lesson={lesson} />
    </>
  );
}

const AMISS = [
  ['notReadable', 'Not readable now'],
  ['notDue', 'No longer due'],
  ['offPoint', 'Off the point now'],
] as const;

interface HeadingProps {
  lesson: LessonView;
  onLength: () => void;
  guided: boolean;
  onGuided: () => void;
}

function Heading({ lesson, onLength, guided, onGuided }: HeadingProps) {
  const place = usePlace();
  const total = Math.round(lesson.seconds / 60);
  return (
    <div className="heading">
      <h1>
        {lesson.group}, {longDay(lesson.day)}
      </h1>
      <nav aria-label="Days" className="days">
        {lesson.previous && (
          <Link to={place.to(`today/${lesson.previous}`)} aria-label="The lesson before">
            ‹
          </Link>
        )}
        {!lesson.isToday && <Link to={place.to('today')}>today</Link>}
        {lesson.next && (
          <Link to={place.to(`today/${lesson.next}`)} aria-label="The next lesson">
            ›
          </Link>
        )}
      </nav>
      {lesson.id !== null && lesson.outcome === null && (
        <Button size="sm" variant="outline-dark" className="pill" onClick={onLength}>
          {lesson.otherMinutes > lesson.minutes ? 'the whole' : 'only'} {lesson.otherMinutes} minutes
        </Button>
      )}
      <Button size="sm" variant="outline-dark" className="pill" aria-pressed={guided} onClick={onGuided}>
        someone else is teaching
      </Button>
      {lesson.outcome && <span className="outcome">{lesson.outcome}</span>}
      <p className="total">
        {lesson.events.length > 0 && <b>{lesson.events.join(', ')} · </b>}
        {total} of {lesson.minutes} minutes
      </p>
    </div>
  );
}

const shakyKeys = (x: ItemView): string[] =>
  x.kind === 'sound'
    ? [`recall ${x.text}`]
    : x.kind === 'tricky'
      ? [`tricky ${x.text.toLowerCase()}`]
      : x.correspondences.map((c) => `card ${c}`);
