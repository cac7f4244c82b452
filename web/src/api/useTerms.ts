import type { TermsView } from './schema';
import { usePlace } from './place';
import { useSchool } from './useSchool';

/** What ships, until the school is known. */
const PLAIN: TermsView = {
  trickyWord: 'tricky word',
  trickyWords: 'tricky words',
  madeUpWord: 'made-up word',
  madeUpWords: 'made-up words',
  soundOut: 'sound out',
};

/** What the school calls things, as they stand in a sentence and at the start of one. */
export function useTerms() {
  const { schoolId } = usePlace();
  const terms = useSchool(schoolId).data?.terms ?? PLAIN;
  return {
    ...terms,
    TrickyWord: capital(terms.trickyWord),
    TrickyWords: capital(terms.trickyWords),
    MadeUpWords: capital(terms.madeUpWords),
  };
}

export type TermWords = ReturnType<typeof useTerms>;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
