import type { LessonPart } from '../api/schema';

/** What a part is for, in a few words. */
export const FOR: Record<LessonPart, string> = {
  revisit: 'what is due',
  teach: 'what is new',
  practise: 'read and write words',
  apply: 'read and write more',
};

/** The parts of a lesson before the ladder begins. */
export const BY_EAR: Record<LessonPart, string> = {
  revisit: 'what is due',
  teach: 'hear it',
  practise: 'put it together',
  apply: 'take it apart',
};

/** Items under the headings they belong to, in the order in which the headings are met. */
export function columns<T extends { heading: string }>(items: T[]): [string, T[]][] {
  const found = new Map<string, T[]>();
  for (const x of items) found.set(x.heading, [...(found.get(x.heading) ?? []), x]);
  return [...found];
}

/** Items two by two. */
export const pairs = <T>(items: T[]): T[][] =>
  items.flatMap((x, at) => (at % 2 === 0 ? [[x, ...items.slice(at + 1, at + 2)]] : []));
