import type { RungDocument, TeachableDocument } from '../api/schema';

/** A rung of which nothing is said yet but what it adds. */
export const newRung = (adds: TeachableDocument[] = []): RungDocument => ({
  id: `rung-${crypto.randomUUID()}`,
  kind: 'teach',
  adds,
  trickyWords: [],
  listeningWords: [],
  keyword: '',
  point: '',
  sayIt: '',
  writeIt: '',
  notes: '',
  days: 1,
});
