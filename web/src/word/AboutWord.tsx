import { useTerms } from '../api/useTerms';
import type { WordView } from '../api/schema';

/** What the word list knows besides the verdict, in one short paragraph. */
export function AboutWord({ word }: { word: WordView }) {
  const terms = useTerms();
  const facts = [`${word.sounds} sound${word.sounds === 1 ? '' : 's'}`];
  if (word.syllables > 1) facts.push(`${word.syllables} syllables`);
  if (word.base) facts.push(`${word.base} with -${word.ending ?? ''}`);
  facts.push(word.familiarity);
  return (
    <>
      <p className="facts">{facts.join(' · ')}</p>
      {word.asMadeUp && (
        <p className="facts">
          As a {terms.madeUpWord}: {word.asMadeUp}
        </p>
      )}
      {word.spoken && <p className="spoken">“{word.spoken}”</p>}
      {word.soundAlikes.length > 0 && (
        <p className="facts">
          Sounds like <span className="plain-word">{word.soundAlikes.join(', ')}</span>: to spell it, say a
          sentence.
        </p>
      )}
    </>
  );
}
