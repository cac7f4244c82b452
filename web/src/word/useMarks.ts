import type { Mark, MarkingCode } from '../api/schema';
import { usePlace } from '../api/place';
import { useSchool } from '../api/useSchool';

/** What ships, until the school is known. */
const RAIL: MarkingCode = {
  oneLetter: 'rail',
  severalLetters: 'rail',
  split: 'rail',
  doubled: 'rail',
  ending: null,
  rimeUnit: null,
  tricky: 'wavy',
};

/** The marks that the school draws under words. */
export function useMarks() {
  const { schoolId } = usePlace();
  const school = useSchool(schoolId).data;
  return { marks: school?.marks ?? RAIL, silentE: school?.finalE === 'silentMarker' };
}

/** What each mark is called. */
export const MARKS: Record<Mark, string> = {
  rail: 'a piece of the rail',
  none: 'no mark',
  dot: 'a dot',
  underline: 'a line',
  box: 'a box',
  ring: 'a ring',
  bracket: 'a bracket above',
  tint: 'a tint',
  wavy: 'a wavy line',
};
