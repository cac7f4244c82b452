import { Button } from 'react-bootstrap';
import type { OwnWordView } from '../api/schema';
import { usePlace } from '../api/place';
import { useAccents } from '../api/useAccents';
import { useOwnWords, useOwnWordsFile } from './useOwnWords';
import { useSplit } from './useWord';

/** The school's own words: seen, taken out, and carried to and from a spreadsheet. */
export function OwnWords() {
  const { schoolId } = usePlace();
  const words = useOwnWords();
  const take = useOwnWordsFile();
  const accents = useAccents();
  const several = new Set(words.data?.words.map((x) => x.accent)).size > 1;
  return (
    <>
      <h2>Our own words</h2>
      {words.data && words.data.words.length > 0 ? (
        <ul>
          {words.data.words.map((x) => (
            <OneWord
              key={`${x.word} ${x.accent}`}
              word={x}
              where={several ? (accents.find((a) => a.id === x.accent)?.name ?? '') : ''}
            />
          ))}
        </ul>
      ) : (
        <p>None yet. Ask about a word that is in no list, and add it.</p>
      )}
      <p className="own-words-file">
        <a href={`/api/schools/${schoolId}/own-words.csv`} download>
          Download as CSV
        </a>{' '}
        <label>
          Take in a CSV file
          <input
            className="visually-hidden"
            type="file"
            accept=".csv,text/csv"
            onChange={(x) => {
              const file = x.target.files?.[0];
              if (file) take.mutate(file);
              x.target.value = '';
            }}
          />
        </label>
      </p>
      {take.error && <p className="form-problem">{take.error.message} Nothing was changed.</p>}
      {take.isSuccess && <p role="status">The file was taken in.</p>}
    </>
  );
}

/** @param where The accent, where the school has words in several. */
function OneWord({ word, where }: { word: OwnWordView; where: string }) {
  const forget = useSplit(word.word, word.accent);
  return (
    <li>
      <b className="plain-word">{word.word}</b> {word.added ? 'added' : 'split put right'}
      {where && `, ${where}`}{' '}
      <Button
        variant="link"
        size="sm"
        aria-label={`take out ${word.word}${where && `, ${where}`}`}
        onClick={() => forget.mutate(undefined)}
      >
        take out
      </Button>
    </li>
  );
}
