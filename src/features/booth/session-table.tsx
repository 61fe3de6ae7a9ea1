import { Empty, Table } from '@/ui/layout';
import { amount, clock, day, span, type Locale } from '../words/format';
import type { BoothSession } from './booth-props';

/** The booth sessions of the job: when, on what, what is sprayed, what to mix. */
export function SessionTable({
  sessions,
  locale,
  onOpen,
}: {
  sessions: readonly BoothSession[];
  locale: Locale;
  onOpen(key: string): void;
}) {
  if (sessions.length === 0)
    return <Empty>Nothing is coated in this job: no booth, no roller, nothing to tap.</Empty>;
  return (
    <Table
      caption="Booth sessions"
      head={['Day', 'In', 'Out', { text: 'Held', right: true }, 'On', 'Coats', 'Ready mix', 'State', '']}
    >
      {sessions.map((session) => {
        const done = session.coats.filter((coat) => coat.done).length;
        return (
          <tr key={session.key} className="border-b border-line align-top">
            <td className="py-[5px] pr-3 whitespace-nowrap">{day(session.start, locale)}</td>
            <td className="py-[5px] pr-3">{clock(session.start, locale)}</td>
            <td className="py-[5px] pr-3 whitespace-nowrap">
              {day(session.end, locale) === day(session.start, locale)
                ? clock(session.end, locale)
                : `${day(session.end, locale)} ${clock(session.end, locale)}`}
            </td>
            <td className="py-[5px] pr-3 text-right whitespace-nowrap">
              {session.held ? span(session.end - session.start) : 'in the bay'}
            </td>
            <td className="py-[5px] pr-3">{session.subject}</td>
            <td className="py-[5px] pr-3">{coatList(session)}</td>
            <td className="py-[5px] pr-3">
              {session.needs.map((need) => (
                <span key={need.product} className="block">
                  {amount(need.readyL, 'L')} {need.name}
                  {need.batches > 1 && `, ${need.batches} batches`}
                </span>
              ))}
            </td>
            <td className="py-[5px] pr-3 whitespace-nowrap">
              {done === 0
                ? 'planned'
                : done === session.coats.length
                  ? 'done'
                  : `${done} of ${session.coats.length}`}
            </td>
            <td className="py-[5px] text-right whitespace-nowrap">
              <button type="button" className="underline" onClick={() => onOpen(session.key)}>
                tap coats
                <span className="sr-only"> of {session.subject}</span>
              </button>
            </td>
          </tr>
        );
      })}
    </Table>
  );
}

function coatList({ coats }: BoothSession): string {
  const counts = new Map<string, number>();
  for (const { role } of coats) counts.set(role, (counts.get(role) ?? 0) + 1);
  return [...counts].map(([role, count]) => `${count} × ${role}`).join(', ');
}
