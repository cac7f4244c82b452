import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { LadderView, RungView } from '../api/schema';
import { fullDay } from '../api/dates';
import { usePlace } from '../api/place';
import { shown } from '../word/grapheme';
import { Answer } from './Questions';
import { noteOf } from './RungRow';
import { draftOf, emptyDraft, type Draft } from './RungForm';
import type { useClipboard } from './useClipboard';
import { useRung, type useLadder } from './useLadder';

interface Props {
  ladder: LadderView;
  view: RungView;
  edit: ReturnType<typeof useLadder>['edit'];
  clip: ReturnType<typeof useClipboard>;
  onMove: () => void;
  onForm: (draft: Draft) => void;
}

/** A rung opened: the words behind its figures, and what can be done with it. */
export function RungColumn({ ladder, view, edit, clip, onMove, onForm }: Props) {
  const place = usePlace();
  const { rung } = view;
  const words = useRung(rung.id, ladder.revision);
  const [to, setTo] = useState('');
  const [waits, setWaits] = useState(false);
  const move = (by: 1 | -1) => edit.mutate({ kind: 'moveBy', rungId: rung.id, by });
  const section = ladder.sections.find((x) => x.rungs.some((r) => r.rung.id === rung.id));
  const at = section?.rungs.findIndex((x) => x.rung.id === rung.id) ?? 0;
  const parts = rung.adds
    .filter((x) => x.kind === 'correspondence')
    .map((x) => x.key)
    .join(' ');
  return (
    <div className="rung-column">
      <h2 className="dock-text">{shown(view.label)}</h2>
      <p className="facts">
        Rung {view.number}
        {parts !== '' && ` · ${parts}`}
        {view.passed ? ' · taught' : view.date ? ` · ${fullDay(view.date)}` : ''}
      </p>
      {noteOf(view) && <p className="why">{noteOf(view)}</p>}
      {rung.sayIt && <p>{rung.sayIt}</p>}
      <div className="acts">
        <Button size="sm" variant="dark" onClick={onMove}>
          move … <kbd>m</kbd>
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => move(1)}>
          ↑ up
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => move(-1)}>
          ↓ down
        </Button>
        <Form
          className="move-to"
          onSubmit={(x) => {
            x.preventDefault();
            edit.mutate(
              { kind: 'moveTo', rungId: rung.id, number: Number(to) },
              { onSuccess: () => setTo('') },
            );
          }}
        >
          <Form.Control
            size="sm"
            inputMode="numeric"
            aria-label="Move to rung number"
            placeholder="to rung"
            value={to}
            onChange={(x) => setTo(x.target.value.replace(/\D/g, ''))}
          />
          <Button size="sm" type="submit" variant="outline-dark" disabled={to === ''}>
            move
          </Button>
        </Form>
        <Button size="sm" variant="outline-dark" onClick={() => onForm(draftOf(rung))}>
          edit
        </Button>
        <Button
          size="sm"
          variant="outline-dark"
          onClick={() => section && onForm({ ...emptyDraft(), add: { sectionId: section.id, at: at + 1 } })}
        >
          add above
        </Button>
        {at > 0 && (
          <Button
            size="sm"
            variant="outline-dark"
            onClick={() => edit.mutate({ kind: 'splitSection', rungId: rung.id, name: 'New section' })}
          >
            begin a section here
          </Button>
        )}
        <Button
          size="sm"
          variant="outline-dark"
          onClick={() => edit.mutate({ kind: 'remove', rungId: rung.id })}
        >
          remove
        </Button>
        <Button size="sm" variant="outline-dark" onClick={clip.duplicate}>
          duplicate
        </Button>
        {place.group && (
          <Button size="sm" variant="outline-dark" onClick={() => place.standAt(rung.id)}>
            as if we were here
          </Button>
        )}
      </div>
      <Button size="sm" variant="link" aria-expanded={waits} onClick={() => setWaits(!waits)}>
        What waits for this rung alone?
      </Button>
      {waits && <Answer ladder={ladder} asked={{ question: 'waiting', rungId: rung.id }} />}
      {words.error && <p role="alert">{words.error.message}</p>}
      {words.data && (
        <>
          {words.data.targets.length > 0 && (
            <>
              <h3>
                {view.targets} words hold it, {words.data.targets.length} with their endings
              </h3>
              <p className="word-list">{words.data.targets.join(' ')}</p>
            </>
          )}
          <h3>
            {view.unlocks} words unlocked, {view.everydayUnlocks} of them everyday
          </h3>
          <p className="word-list">
            {view.unlocks === 0
              ? 'None: it adds nothing that words wait for.'
              : words.data.unlocked.join(' ')}
            {words.data.more > 0 && ` … and ${words.data.more} rarer`}
          </p>
        </>
      )}
    </div>
  );
}
