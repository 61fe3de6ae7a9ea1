import type { Plan } from '@/core/plan';
import { colourOfKey, type JobColour } from '@/core/record';
import { InspectorPanel } from '@/ui/facts';
import { Empty, Table } from '@/ui/layout';
import { HandoverViews } from './handover-views';
import type { OwnerProps } from './owner-view';
import type { QuotesProps } from './quotes-props';
import { DryMassTable, type DryMassProps } from './dry-mass-table';
import { area, micrometres } from '../words/format';

/** What the owner was offered, and what can be handed over so far: colour and film of each section. */
export function HandoverRoom({
  colours,
  summaries,
  finished,
  mass,
  quotes,
  owner,
}: {
  colours: readonly JobColour[];
  summaries: Plan['sections'];
  finished: boolean;
  /** Of an aircraft; null of what nobody weighs. */
  mass: DryMassProps | null;
  quotes: QuotesProps;
  owner: OwnerProps;
}) {
  return (
    <>
      <HandoverViews quotes={quotes} owner={owner}>
        <p className="text-quiet">{finished ? 'The job is finished.' : 'The job is not finished.'}</p>
        {summaries.length === 0 && <Empty>This job has no sections yet.</Empty>}
        <Table
          caption="Colour and film by section"
          head={[
            'Section',
            'Level',
            'Colour',
            { text: 'Area', right: true },
            'Layers',
            { text: 'New film laid', right: true },
          ]}
        >
          {summaries.map((summary) => (
            <tr key={summary.section} className="border-b border-line">
              <td className="py-[5px] pr-3 font-semibold">{summary.name}</td>
              <td className="pr-3">{summary.level}</td>
              <td className="pr-3">{colourOfKey({ colours }, summary.colour).name}</td>
              <td className="pr-3 text-right">{area(summary.outsideM2)}</td>
              <td className="pr-3">
                {summary.layers.map((layer) => `${layer.coats} × ${layer.name}`).join(', ')}
              </td>
              <td className="text-right">{micrometres(summary.totalUm)}</td>
            </tr>
          ))}
        </Table>
        {mass && <DryMassTable {...mass} />}
      </HandoverViews>
      <InspectorPanel title="For the owner">
        <p>
          A quote is frozen as it was made. Film readings, the touch-up reserve and the care sheet are not
          kept yet; until they are, Record is what the owner gets.
        </p>
      </InspectorPanel>
    </>
  );
}
