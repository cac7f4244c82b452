import { useTerms } from '../api/useTerms';
import { Link } from 'react-router';
import type { WordView } from '../api/schema';
import { shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import { Blockers } from './Blockers';
import { shown } from './grapheme';

/** Readable or not, and why: the first thing anybody wants to know about a word. */
export function Verdict({
  word,
  today,
}: {
  word: WordView;
  today?: { rungId: string | null; title: string; isToday: boolean };
}) {
  const terms = useTerms();
  const place = usePlace();
  if (word.verdict === 'readable') {
    const then = today && !today.isToday;
    return (
      <p className="verdict yes">{then ? 'Readable by then, if all goes to plan.' : 'Readable today.'}</p>
    );
  }
  if (word.verdict === 'unsuitable') return <p className="verdict no">Never offered to a class.</p>;
  const byToday =
    today && word.blockers.length > 0 && word.blockers.every((x) => x.rungId && x.rungId === today.rungId);
  if (byToday)
    return <p className="verdict yes">Readable from this lesson: {shown(today.title)} comes now.</p>;
  const only = word.blockers.length === 1 && word.from?.rungId;
  return (
    <>
      <p className={word.verdict === 'tricky-taught' ? 'verdict yes' : 'verdict no'}>
        {word.verdict === 'tricky-taught'
          ? `A ${terms.trickyWord}, taught.`
          : word.verdict === 'unknown'
            ? 'Not in the word list. This split is a guess.'
            : 'Not yet.'}
      </p>
      {word.blockers.length > 0 && <Blockers blockers={word.blockers} />}
      {word.from && !only && (
        <p>
          Readable from <Link to={place.to(`ladder/${word.from.rungId ?? ''}`)}>rung {word.from.rung}</Link>
          {word.from.date ? `, ${shortDay(word.from.date)}` : ''}.
        </p>
      )}
      {word.verdict === 'not-yet' && !word.from && <p>No rung of this ladder makes it readable.</p>}
    </>
  );
}
