import { useEffect, useRef, useState } from 'react';
import { Problem } from '../api/client';
import { usePlace } from '../api/place';
import type { LadderView, SuggestionView, WishDocument } from '../api/schema';

/** Looks for a better order while somebody watches: each better one comes by itself, and leaving stops it. */
export function useSuggestion(ladder: LadderView) {
  const { schoolId, group } = usePlace();
  const [found, setFound] = useState<SuggestionView>();
  const [looking, setLooking] = useState(false);
  const [failed, setFailed] = useState<string>();
  const stopping = useRef<AbortController>(undefined);
  useEffect(() => () => stopping.current?.abort(), []);

  const look = async (wishes: WishDocument[], keepTaught: boolean) => {
    const stop = new AbortController();
    stopping.current = stop;
    setLooking(true);
    setFailed(undefined);
    setFound(undefined);
    try {
      const answer = await fetch(
        `/api/schools/${schoolId}/ladders/${ladder.id}/suggestion${group ? `?groupId=${group}` : ''}`,
        {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ revision: ladder.revision, wishes, keepTaught }),
          signal: stop.signal,
        },
      );
      if (!answer.ok || !answer.body) {
        const problem = (await answer.json()) as { detail?: string };
        throw new Problem(answer.status, problem.detail ?? 'That did not work. Try again.', 'wishes');
      }
      for await (const text of events(answer.body)) setFound(JSON.parse(text) as SuggestionView);
    } catch (problem) {
      if (!stop.signal.aborted)
        setFailed(problem instanceof Problem ? problem.message : 'The server can’t be reached. Try again.');
    } finally {
      if (stopping.current === stop) setLooking(false);
    }
  };
  return { found, looking, failed, look, stop: () => stopping.current?.abort() };
}

/** The data of each event of a stream. */
async function* events(body: ReadableStream<Uint8Array>) {
  const reader = body.getReader();
  const decoder = new TextDecoder();
  let waiting = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    const parts = (waiting + decoder.decode(value, { stream: true })).split('\n\n');
    waiting = parts.pop() ?? '';
    for (const part of parts) {
      yield part
        .split('\n')
        .filter((x) => x.startsWith('data:'))
        .map((x) => x.slice(5))
        .join('\n');
    }
  }
}
