import type { TermWords } from '../api/useTerms';
import type { ColumnRole, FilledBy, LeftOutReason } from '../api/schema';

/** What a column may hold, as people say it. */
export const roles = (terms: TermWords): [ColumnRole, string][] => [
  ['parts', 'what is taught'],
  ['sounds', 'the sound of it'],
  ['trickyWords', terms.trickyWords],
  ['words', 'example words'],
  ['endings', 'endings'],
  ['clusters', 'consonants together'],
  ['rimeUnits', 'rime units'],
  ['section', 'terms or units'],
  ['week', 'weeks'],
  ['day', 'days or numbers'],
  ['date', 'dates'],
  ['days', 'how many days'],
  ['notes', 'notes'],
  ['leftOut', 'left out'],
];

export const leftOut = (terms: TermWords): Record<LeftOutReason, string> => ({
  holiday: 'no school',
  count: 'a total, a number or a tick',
  struck: 'struck through',
  hidden: 'hidden',
  otherSheet: 'another sheet of the file',
  noValue: 'a formula without a value',
  column: 'its column is left out',
  title: 'a title',
  repeated: `a ${terms.trickyWord} that came before`,
  notRead: 'nothing to teach was found in it',
});

/** What the days of its rungs follow, said after how many there are. */
export const filledBy: Record<FilledBy, string> = {
  nothing: '',
  weeks: ', by its weeks: the rungs of a week share its days of new learning',
  terms: ', by its terms: the rungs of a term or half-term share its days of new learning',
};
