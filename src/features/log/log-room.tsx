import type { PlannedStep } from '@/core/plan';
import { InspectorPanel } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { hours, moment, money, type Locale } from '../words/format';

/** What was done so far, as the job's record has it. */
export function LogRoom({ steps, locale }: { steps: readonly PlannedStep[]; locale: Locale }) {
  const begun = steps
    .filter((step) => step.state !== 'planned' && step.minutes > 0)
    .sort((a, b) => b.start - a.start);
  return (
    <>
      <Room title="Log" aside={<span className="text-quiet">{begun.length} entries</span>}>
        {begun.length === 0 && <Empty>Nothing is logged yet.</Empty>}
        {begun.length > 0 && (
          <Table
            caption="What was done, newest first"
            head={[
              'Began',
              'Ended',
              'Step',
              'Section',
              { text: 'Hours', right: true },
              { text: 'Planned', right: true },
              { text: 'Materials', right: true },
            ]}
          >
            {begun.map((step) => (
              <tr key={step.key} className="border-b border-line">
                <td className="py-[3px] pr-3 whitespace-nowrap">{moment(step.start, locale)}</td>
                <td className="pr-3 whitespace-nowrap">
                  {step.state === 'done' ? moment(step.end, locale) : 'running'}
                </td>
                <td className="pr-3">{step.name}</td>
                <td className="max-w-48 truncate pr-3">{step.subject}</td>
                <td className="pr-3 text-right">{hours(step.usedMin)}</td>
                <td className="pr-3 text-right text-quiet">{hours(step.personMinutes)}</td>
                <td className="text-right">
                  {step.state === 'done' ? money(step.materialsMinor, locale, 2) : '–'}
                </td>
              </tr>
            ))}
          </Table>
        )}
      </Room>
      <InspectorPanel title="Keeping the log">
        <p>
          The record of steps is read here; entries are not made on this screen yet. They come with the bundle
          of a job.
        </p>
      </InspectorPanel>
    </>
  );
}
