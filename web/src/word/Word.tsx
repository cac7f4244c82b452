import type { PieceView } from '../api/schema';

interface Props {
  text: string;
  pieces: PieceView[];
  /** Marks under the letters: the cut rail. */
  marked?: boolean;
}

/**
 * A word in the children's letters with the cut rail: one line, cut into a piece for each sound,
 * heavier under today's part and wavy under the part that is tricky. The piece of a split digraph
 * steps down beneath the letters between.
 */
export function Word({ text, pieces, marked = true }: Props) {
  if (!marked || pieces.length === 0) return <span className="word">{text}</span>;
  const letters = text.split('').map((letter, at) => {
    const own = pieces.find((x) => x.letters.includes(at));
    const around = pieces.find(
      (x) => x.kind === 'split' && (x.letters[0] ?? at) < at && (x.letters.at(-1) ?? at) > at,
    );
    const classes = ['letter'];
    if (own?.letters[0] === at) classes.push('starts');
    if (own?.letters.at(-1) === at) classes.push('ends');
    if (own?.kind === 'split') classes.push(own.letters[0] === at ? 'split-open' : 'split-close');
    if (own?.today) classes.push('today');
    if (own?.tricky && !own.today) classes.push('tricky');
    if (around) classes.push(around.today ? 'under today-under' : 'under');
    return (
      <span className={classes.join(' ')} key={at}>
        {letter}
      </span>
    );
  });
  return (
    <span className="word marked">
      <span aria-hidden="true">{letters}</span>
      <span className="visually-hidden">{text}</span>
    </span>
  );
}
