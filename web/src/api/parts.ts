import type { LessonPart } from './schema';

/** The four parts of a lesson, as people say them. */
export const PART_NAMES: Record<LessonPart, string> = {
  revisit: 'Revisit',
  teach: 'Teach',
  practise: 'Practise',
  apply: 'Apply',
};

/** A length of time as a teacher says it. */
export const minutes = (seconds: number) => {
  const whole = Math.round(seconds / 60);
  return whole === 0 && seconds > 0 ? 'under 1 min' : `${whole} min`;
};
