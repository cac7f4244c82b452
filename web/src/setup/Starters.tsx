import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { api, need } from '../api/client';
import { fullDay, shortDay } from '../api/dates';
import type { LadderSummary, StarterView } from '../api/schema';
import { shown } from '../word/grapheme';

interface Props {
  schoolId: string;
  onTaken: (ladder: LadderSummary) => void;
}

type StarterIdea = NonNullable<StarterView['idea']>;

const IDEAS: Record<StarterIdea, string> = {
  wordsFirst: 'Each step opens as many words as it can; look-alikes stay apart.',
  byHand: 'Letters made with one stroke of the pencil are met together, so look-alikes come close.',
  oneFirst: 'Every sound gets one spelling before any sound gets a second.',
};

/** Orders of our own to start from, each with its first words and where it would stand at the breaks of the year. */
export function Starters({ schoolId, onTaken }: Props) {
  const queries = useQueryClient();
  const params = { path: { schoolId } };
  const starters = useQuery({
    queryKey: ['starters', schoolId],
    queryFn: () => need(api.GET('/api/schools/{schoolId}/starters', { params })),
  });
  const take = useMutation({
    mutationFn: (idea: StarterIdea) =>
      need(api.POST('/api/schools/{schoolId}/starters', { params, body: { idea } })),
    onSuccess: async (ladder) => {
      await queries.invalidateQueries();
      onTaken(ladder);
    },
  });
  if (!starters.data) return null;
  return (
    <section className="starters" aria-label="Start from one of ours">
      <h2>Or start from one of ours, and make it your own</h2>
      <div className="starter-list">
        {starters.data.map((x) => (
          <div key={x.idea} className="starter">
            <h3>{x.name}</h3>
            <p>{IDEAS[x.idea]}</p>
            <p className="word-list">{x.firstWords.join(' ')}</p>
            <ul>
              {x.stands.slice(0, 5).map((s) => (
                <li key={s.on}>
                  {shortDay(s.on)}: rung {s.rung}, <b className="letters">{shown(s.label)}</b>
                </li>
              ))}
            </ul>
            <p className="hint">
              {x.rungs} rungs, none thin by place
              {x.ends ? `; the top on ${fullDay(x.ends)}` : '; the top is not reached in one year'}
            </p>
            <Button
              size="sm"
              variant="outline-dark"
              disabled={take.isPending}
              onClick={() => take.mutate(x.idea)}
            >
              Start from this
            </Button>
          </div>
        ))}
      </div>
      {take.error && <p role="alert">{take.error.message}</p>}
    </section>
  );
}
