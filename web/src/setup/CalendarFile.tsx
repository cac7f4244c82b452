import { useMutation } from '@tanstack/react-query';
import { Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import type { CalendarDayView } from '../api/schema';
import { base64 } from './base64';

interface Props {
  schoolId: string;
  /** What the list has already. */
  known: CalendarDayView[];
  onRead: (days: CalendarDayView[]) => void;
}

/** Reads days off and days on which something happens from the school's own calendar: they join the list and are saved with it. */
export function CalendarFile({ schoolId, known, onRead }: Props) {
  const read = useMutation({
    mutationFn: async (file: File) =>
      need(
        api.POST('/api/schools/{schoolId}/year/calendar/read', {
          params: { path: { schoolId } },
          body: { file: await base64(file), known },
        }),
      ),
    onSuccess: onRead,
  });
  return (
    <Form.Group controlId="calendar-file" className="calendar-file">
      <Form.Label>Read them from the school’s calendar (.ics or .csv)</Form.Label>
      <Form.Control
        size="sm"
        type="file"
        accept=".ics,.csv,text/calendar,text/csv"
        isInvalid={read.isError}
        onChange={(x: React.ChangeEvent<HTMLInputElement>) => {
          const file = x.target.files?.[0];
          if (file) read.mutate(file);
        }}
      />
      <Form.Control.Feedback type="invalid">{read.error?.message}</Form.Control.Feedback>
      {read.data && (
        <Form.Text role="status">
          {read.data.length === 0
            ? 'Nothing in it falls on a school day and is not here already.'
            : `${read.data.length} found: ${said(read.data)}. Look them over, then save the year.`}
        </Form.Text>
      )}
    </Form.Group>
  );
}

/** How many there are of each kind, by what their names say. */
const said = (days: CalendarDayView[]) =>
  [
    [days.filter((x) => !x.use).length, 'shut'] as const,
    [days.filter((x) => x.use === 'shortLesson').length, 'with a short lesson'] as const,
    [days.filter((x) => x.use === 'noted').length, 'only noted'] as const,
  ]
    .filter(([count]) => count > 0)
    .map(([count, what]) => `${count} ${what}`)
    .join(', ');
