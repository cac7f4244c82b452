import type { TermsDocument } from './schema';
import { usePlace } from './place';
import { useSchool } from './useSchool';

/** What ships, until the school is known. */
const PLAIN: TermsDocument = { trickyWord: 'tricky word', madeUpWord: 'made-up word', soundOut: 'sound out' };

/** What the school calls things, as they stand in a sentence and at the start of one. */
export function useTerms() {
  const { schoolId } = usePlace();
  return termsOf(useSchool(schoolId).data?.terms ?? PLAIN);
}

export function termsOf({ trickyWord, madeUpWord, soundOut }: TermsDocument) {
  return {
    trickyWord,
    trickyWords: several(trickyWord),
    TrickyWord: capital(trickyWord),
    TrickyWords: capital(several(trickyWord)),
    madeUpWord,
    madeUpWords: several(madeUpWord),
    MadeUpWords: capital(several(madeUpWord)),
    soundOut,
  };
}

export type TermWords = ReturnType<typeof termsOf>;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** More than one of it: a school's own term is a noun that ends as most do. */
const several = (term: string) =>
  /(s|x|sh|ch)$/.test(term) ? `${term}es` : /[^aeiou]y$/.test(term) ? `${term.slice(0, -1)}ies` : `${term}s`;
