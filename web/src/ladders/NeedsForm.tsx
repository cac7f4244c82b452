import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import type { Need, NeedsRequest, TeachableDocument } from '../api/schema';
import { PartPicker, Picked } from '../word/PartPicker';
import { shown } from '../word/grapheme';

/** What must come before what on the school's ladders: the shipped list, and the school's own when it changes it. */
export function NeedsForm() {
  const { schoolId } = usePlace();
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [what, setWhat] = useState<TeachableDocument[]>([]);
  const [before, setBefore] = useState<TeachableDocument[]>([]);
  const query = useQuery({
    queryKey: ['needs', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/needs', { params: { path: { schoolId } } })),
  });
  const needs = query.data;
  const save = useMutation({
    mutationFn: (x: Omit<NeedsRequest, 'revision'>) =>
      need(
        api.PUT('/api/schools/{schoolId}/needs', {
          params: { path: { schoolId } },
          body: { ...x, revision: needs?.revision ?? 0 },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (!needs) return null;
  const put = (all: Need[], lettersFirst = needs.lettersFirst) => save.mutate({ all, lettersFirst });
  const [one, other] = [what[0], before[0]];
  const add = () => {
    if (!one || !other) return;
    put([...needs.all, { what: keyOf(one), before: keyOf(other) }]);
    setWhat([]);
    setBefore([]);
  };
  return (
    <section className="needs" aria-label="What needs what">
      <Button variant="link" size="sm" aria-expanded={open} onClick={() => setOpen(!open)}>
        What needs what{needs.own ? ', your own list' : ''} ·{' '}
        {needs.all.length + (needs.lettersFirst ? 1 : 0)}
      </Button>
      {open && (
        <>
          <p className="hint">Told on the ladder, never forbidden.</p>
          <Form.Check
            id="letters-first"
            label="a spelling of several letters needs each of its letters"
            checked={needs.lettersFirst}
            disabled={save.isPending}
            onChange={(x) => put(needs.all, x.target.checked)}
          />
          <ul>
            {needs.all.map((x) => (
              <li key={`${x.what} ${x.before}`}>
                <span>
                  <Thing text={x.what} /> needs <Thing text={x.before} />
                </span>
                <Button
                  variant="link"
                  size="sm"
                  disabled={save.isPending}
                  aria-label={`Take out: ${nameOf(x.what)} needs ${nameOf(x.before)}`}
                  onClick={() => put(needs.all.filter((n) => n !== x))}
                >
                  ×
                </Button>
              </li>
            ))}
          </ul>
          <PartPicker label="What" chosen={what} onChange={(x) => setWhat(x.slice(-1))} />
          <PartPicker label="needs" chosen={before} onChange={(x) => setBefore(x.slice(-1))} />
          {save.error && <p role="alert">{save.error.message}</p>}
          <div className="acts">
            <Button
              size="sm"
              variant="outline-dark"
              disabled={!one || !other || save.isPending}
              onClick={add}
            >
              Add to the list
            </Button>
            {needs.own && (
              <Button variant="link" size="sm" onClick={() => save.mutate({ text: '', lettersFirst: true })}>
                Go back to the common list
              </Button>
            )}
          </div>
        </>
      )}
    </section>
  );
}

/** A part as the list of needs writes it. */
const keyOf = (x: TeachableDocument) => (x.kind === 'ending' ? `-${x.key}` : x.key);

const nameOf = (text: string) => shown(text.split(':')[0] ?? '');

/** One side of a need: letters with any sound, a spelling with its sound, or an ending. */
function Thing({ text }: { text: string }) {
  return text.includes(':') ? (
    <Picked part={{ kind: 'correspondence', key: text }} />
  ) : (
    <b className="letters">{shown(text)}</b>
  );
}
