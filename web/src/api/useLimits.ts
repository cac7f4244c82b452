import type { LimitsView } from './schema';
import { usePlace } from './place';
import { useSchool } from './useSchool';

/** The least and the most that a field takes, as the rules have them; open until the school is known. */
export function useLimits(field: keyof LimitsView): { min?: number; max?: number } {
  const { schoolId } = usePlace();
  const range = useSchool(schoolId).data?.limits[field];
  return range ? { min: range.from, max: range.to } : {};
}
