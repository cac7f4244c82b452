import type { TeachableDocument } from '../api/schema';

/** A thing chosen from a list, as one value of a checkbox. */
export const nameOf = (x: TeachableDocument) => `${x.kind} ${x.key}`;

/** With it when it was not among them, without it when it was. */
export const turned = (chosen: string[], name: string) =>
  chosen.includes(name) ? chosen.filter((x) => x !== name) : [...chosen, name];
