import { useParams, useSearchParams } from 'react-router';

/** Where the person is: school, group, and whether they look as if the group stood elsewhere. */
export function usePlace() {
  const { schoolId = '', groupId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const asIf = search.get('asIf') ?? undefined;
  const base = `/${schoolId}/${groupId}`;
  const keep = asIf ? `?asIf=${encodeURIComponent(asIf)}` : '';
  return {
    schoolId,
    groupId,
    asIf,
    /** The address of a page, standing where we stand. */
    to: (page: string) => `${base}/${page}${keep}`,
    /** The same page as if the group stood at a rung; without one, back to today. */
    standAt: (rungId?: string) => setSearch(rungId ? { asIf: rungId } : {}),
  };
}
