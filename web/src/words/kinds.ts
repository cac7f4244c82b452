import type { TermWords } from '../api/useTerms';
/** What a list can be asked for, in the order a teacher meets the need. */
export interface Kind {
  key: string;
  name: string;
  /** What it is good for, in a line. */
  use: string;
  sound: 'asked' | 'needed' | 'none';
  /** Pairs and chains are read across, lists down. */
  shape: 'list' | 'pairs' | 'chain' | 'sentences';
}

const WORDS: Kind = {
  key: 'words',
  name: 'Words',
  use: 'To read, to spell, for a game: with a sound, or any.',
  sound: 'asked',
  shape: 'list',
};

export const KINDS: Kind[] = [
  WORDS,
  {
    key: 'without',
    name: 'Words without a sound',
    use: 'To mix among words that have it: is it there or not?',
    sound: 'needed',
    shape: 'list',
  },
  {
    key: 'rhymes',
    name: 'Rhyming families',
    use: 'Words that sound the same from the vowel on, however they are spelt.',
    sound: 'asked',
    shape: 'list',
  },
  {
    key: 'rhymes-spelt-alike',
    name: 'Rhymes spelt alike',
    use: 'Words that end in the same letters and the same sounds.',
    sound: 'asked',
    shape: 'list',
  },
  {
    key: 'by-spelling',
    name: 'One sound, its spellings',
    use: 'Side by side, to sort and to compare.',
    sound: 'needed',
    shape: 'list',
  },
  {
    key: 'by-ending-sound',
    name: 'One ending, its sounds',
    use: 'Such as -ed in jumped, played and wanted.',
    sound: 'none',
    shape: 'list',
  },
  {
    key: 'minimal',
    name: 'Pairs with one sound changed',
    use: 'To hear and see the one difference.',
    sound: 'asked',
    shape: 'pairs',
  },
  {
    key: 'short-split',
    name: 'Short vowel and its partner',
    use: 'hop and hope: what did the e do?',
    sound: 'none',
    shape: 'pairs',
  },
  {
    key: 'added-in-front',
    name: 'A consonant added in front',
    use: 'lip and slip: for words with two consonants together.',
    sound: 'none',
    shape: 'pairs',
  },
  {
    key: 'added-at-end',
    name: 'A consonant added at the end',
    use: 'ten and tent.',
    sound: 'none',
    shape: 'pairs',
  },
  {
    key: 'chain',
    name: 'A chain',
    use: 'One change a step: what changed, and where?',
    sound: 'asked',
    shape: 'chain',
  },
  {
    key: 'made-up',
    name: 'Made-up words',
    use: 'Only the sounds can tell. Proved to be no word and to sound like none.',
    sound: 'asked',
    shape: 'list',
  },
  {
    key: 'sentences',
    name: 'Sentences',
    use: 'What can be read once the next rung is taught, and sentences of your own.',
    sound: 'none',
    shape: 'sentences',
  },
];

/** What a kind is called, in the school’s terms. */
export const nameOf = (kind: Kind, terms: TermWords) =>
  kind.key === 'made-up' ? terms.MadeUpWords : kind.name;

/** The kind that an address names; words for one that it does not. */
export const kindOf = (key: string) => KINDS.find((x) => x.key === key) ?? WORDS;

export const LIMITS = [
  { key: 'taught', name: 'what they can read' },
  { key: 'secure', name: 'what has settled' },
  { key: 'ear', name: 'any word, by ear' },
];

export const PLACES = [
  { key: '', name: 'anywhere' },
  { key: 'first', name: 'first' },
  { key: 'inside', name: 'inside' },
  { key: 'last', name: 'last' },
];
