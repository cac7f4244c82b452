import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import type { LadderView, SuggestedMoveView, SuggestionView, WishDocument } from '../api/schema';
import { shown } from '../word/grapheme';
import type { useLadder } from './useLadder';

interface Props {
  ladder: LadderView;
  found: SuggestionView;
  wishes: WishDocument[];
  keepTaught: boolean;
  edit: ReturnType<typeof useLadder>['edit'];
}

/** A suggested order as moves from today's, each with its reason: taken all, or one by one. */
export function SuggestedMoves({ ladder, found, wishes, keepTaught, edit }: Props) {
  const { schoolId, group: groupId } = usePlace();
  const moves = useQuery({
    queryKey: ['suggested-moves', schoolId, groupId, ladder.id, ladder.revision, found.order],
    // The moves left stand there while one that was taken is saved.
    placeholderData: (before) => before,
    queryFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/ladders/{ladderId}/suggestion/moves', {
          params: { path: { schoolId, ladderId: ladder.id }, query: { groupId } },
          body: { wishes, keepTaught, order: found.order },
        }),
      ),
  });
  if (moves.error) return <p role="alert">{moves.error.message}</p>;
  if (!moves.data) return <p className="waiting">Finding the reasons …</p>;
  const left = moves.data;
  const take = (rungId?: string) => edit.mutate({ kind: 'takeOrder', order: found.order, rungId });
  if (left.length === 0) return <p>The ladder stands in this order.</p>;
  return (
    <>
      <div className="acts">
        <Button size="sm" variant="dark" disabled={edit.isPending} onClick={() => take()}>
          {left.length === 1 ? 'Take the move' : `Take all ${left.length} moves`}
        </Button>
      </div>
      <ul className="suggested-moves">
        {left.map((x) => (
          <li key={x.rung.id}>
            <b className="letters">{shown(x.rung.label)}</b> {x.rung.number} → {x.to}
            <Button
              size="sm"
              variant="outline-dark"
              disabled={edit.isPending}
              aria-label={`Take the move of ${shown(x.rung.label)}`}
              onClick={() => take(x.rung.id)}
            >
              Take
            </Button>
            <span className="move-why">{why(x)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function why(x: SuggestedMoveView): string {
  const other = x.other ? shown(x.other.label) : '';
  const sooner = x.words === 1 ? 'one everyday word sooner' : `${x.words} everyday words sooner`;
  const words = x.words > 0 ? `; ${sooner}` : '';
  switch (x.reason) {
    case 'wish':
      return `as you asked, with ${other}${words}`;
    case 'need':
      return `what is needed comes first, with ${other}${words}`;
    case 'plainFirst':
      return `the plain sound of the spelling comes first${words}`;
    case 'thin':
      return x.other?.id === x.rung.id
        ? `has enough words there${words}`
        : `gives ${other} enough words${words}`;
    case 'alike':
      return `away from ${other}, easily confused${words}`;
    case 'spellings':
      return `away from ${other}, the same sound${words}`;
    case 'words':
      return sooner;
    default:
      return 'makes room for the others';
  }
}
