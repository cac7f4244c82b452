import { useParams, useSearchParams } from 'react-router';

/**
 * Where the person is: school, group, and whether they look as if the group stood elsewhere. A ladder by which no group is
 * taught is looked at by itself.
 */
export function usePlace() {
  const { schoolId = '', groupId = '', ladderId } = useParams();
  const [search, setSearch] = useSearchParams();
  const asIf = search.get('asIf') ?? undefined;
  const base = `/${schoolId}/${groupId}`;
  const keep = asIf ? `?asIf=${encodeURIComponent(asIf)}` : '';
  return {
    schoolId,
    groupId,
    /** The group for a question that can do without one. */
    group: groupId || undefined,
    ladderId,
    asIf,
    /** The address of a page, standing where we stand. */
    to: (page: string) =>
      ladderId
        ? `/${schoolId}/${page.replace(/^ladder(?=\/|$)/, `ladders/${ladderId}`)}${keep}`
        : `${base}/${page}${keep}`,
    /** The same page as if the group stood at a rung; without one, back to today. */
    standAt: (rungId?: string) => setSearch(rungId ? { asIf: rungId } : {}),
  };
}
