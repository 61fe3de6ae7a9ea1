import { guarded } from '../../../guarded';
import { calendarOf } from '@/server/services/calendars';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ kind: string; id: string }>;
}

const kinds = ['person', 'place', 'job'] as const;

/** Agreed bookings of a person, a place or a job as an iCalendar. */
export const GET = guarded<Given>({ reads: 'plans' }, async (_request, { params }) => {
  const { kind, id } = await params;
  const known = kinds.find((one) => one === kind);
  const calendar = known ? await calendarOf({ kind: known, id }) : null;
  if (!calendar) {
    const reason = `there is no calendar of ${kind.slice(0, 40)} ${id.slice(0, 40)}`;
    return faultsAnswer([{ place: 'calendar', reason }], 404);
  }
  const file = `${calendar.name.replace(/[^\w-]+/g, '-').toLowerCase()}.ics`;
  return new Response(calendar.text, {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': `attachment; filename="${file}"`,
    },
  });
});
