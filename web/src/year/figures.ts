import type { GuaranteesView } from '../api/schema';

/** What is promised of all lessons, in a sentence. */
export const promise = (x: GuaranteesView) =>
  `${x.lessons} lessons, ${x.wordsJudged.toLocaleString('en-GB')} words put before children: ${
    x.notReadable.length === 0
      ? 'each could be read that day.'
      : `on ${days(x.notReadable.length)} one could not be read.`
  }`;

export type FigureKey = 'readable' | 'unseen' | 'words' | 'apply' | 'time';

/** The figures that a lead answers for, each with what it counts. */
export const figuresOf = (x: GuaranteesView): { key: FigureKey; value: string; name: string }[] => [
  { key: 'readable', value: `${x.notReadable.length}`, name: 'days with a word that was out of reach' },
  {
    key: 'unseen',
    value: `${x.unseen[0]?.lessons ?? 0}`,
    name: 'lessons, the longest that anything taught went unseen',
  },
  {
    key: 'words',
    value: x.differentWords.toLocaleString('en-GB'),
    name: `words read, sorted or written, ${share(x.everydayWords, x.differentWords)} of them everyday words`,
  },
  { key: 'apply', value: `${x.littleToApply.length}`, name: 'lessons with too little to apply' },
  {
    key: 'time',
    value: `${x.offTime.length}`,
    name: 'lessons over or under their time by more than a tenth',
  },
];

export const days = (count: number) => (count === 1 ? '1 school day' : `${count} school days`);

const share = (part: number, whole: number) =>
  whole === 0 ? 'none' : part === whole ? 'all' : `${Math.floor((100 * part) / whole)}%`;
