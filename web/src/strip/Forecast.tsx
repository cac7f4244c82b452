import { useQuery } from '@tanstack/react-query';
import { api, need } from '../api/client';
import { longDay } from '../api/dates';
import { usePlace } from '../api/place';
import { shown } from '../word/grapheme';

/** Where the group will be on a day, if all goes to plan. */
export function Forecast({ day }: { day: string }) {
  const { schoolId, groupId } = usePlace();
  const query = useQuery({
    queryKey: ['forecast', schoolId, groupId, day],
    enabled: day !== '',
    retry: false,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/year/on', {
          params: { path: { schoolId, groupId }, query: { day } },
        }),
      ),
  });
  if (query.error) return <p role="alert">{query.error.message}</p>;
  if (!query.data) return null;
  const { rungs, last, next, readable } = query.data;
  return (
    <p role="status" className="forecast">
      On {longDay(query.data.day)} {rungs} rungs are taught
      {last && (
        <>
          , the last of them <b className="letters">{shown(last)}</b>
        </>
      )}
      {next && (
        <>
          , and <b className="letters">{shown(next)}</b> is next
        </>
      )}
      . {readable.toLocaleString('en-GB')} everyday words can be read.
    </p>
  );
}
