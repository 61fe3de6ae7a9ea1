import type { Plan } from '@/core/plan';
import { cautions, deference } from '@/core/safety';
import { InspectorPanel, Part } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { amount, clock, day, span, type Locale } from '../words/format';

/** The booth sessions of the job: when, on what, what is sprayed, what to mix. */
export function BoothRoom({
  plan,
  locale,
  productName,
}: {
  plan: Pick<Plan, 'stays' | 'steps' | 'sessions'>;
  locale: Locale;
  productName: (code: string) => string;
}) {
  const sessions = plan.stays.filter((stay) => stay.kind === 'session').sort((a, b) => a.start - b.start);
  return (
    <>
      <Room title="Booth" aside={<span className="text-quiet">{sessions.length} sessions</span>}>
        {sessions.length === 0 && (
          <Empty>This job needs no booth: its coats go on by roller in the bay.</Empty>
        )}
        {sessions.length > 0 && (
          <Table
            caption="Booth sessions"
            head={['Day', 'In', 'Out', { text: 'Held', right: true }, 'On', 'Coats', 'Ready mix', 'State']}
          >
            {sessions.map((session) => {
              const coats = plan.steps.filter((step) => step.coat?.session === session.key);
              const needs = plan.sessions.filter((need) => need.session === session.key);
              const done = coats.filter((step) => step.state === 'done').length;
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
                    {span(session.end - session.start)}
                  </td>
                  <td className="py-[5px] pr-3">{session.subject}</td>
                  <td className="py-[5px] pr-3">{coatList(coats)}</td>
                  <td className="py-[5px] pr-3">
                    {needs.map((need) => (
                      <span key={need.product} className="block">
                        {amount(need.readyL, 'L')} {productName(need.product)}
                        {need.batches > 1 && `, ${need.batches} batches`}
                      </span>
                    ))}
                  </td>
                  <td className="py-[5px] whitespace-nowrap">
                    {done === 0 ? 'planned' : done === coats.length ? 'done' : `${done} of ${coats.length}`}
                  </td>
                </tr>
              );
            })}
          </Table>
        )}
      </Room>
      <InspectorPanel title="Before anyone sprays">
        <Part title="Cautions">
          <p className="pb-1">{cautions.isocyanate}</p>
          <p className="pb-1">{cautions.ignition}</p>
          <p className="pb-1">{cautions.solvent}</p>
          <p className="text-quiet">{deference}</p>
        </Part>
      </InspectorPanel>
    </>
  );
}

function coatList(coats: Plan['steps']): string {
  const counts = new Map<string, number>();
  for (const step of coats) counts.set(step.coat!.role, (counts.get(step.coat!.role) ?? 0) + 1);
  return [...counts].map(([role, count]) => `${count} × ${role}`).join(', ');
}
