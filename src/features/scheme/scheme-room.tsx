import type { JobSection } from '@/core/record';
import { InspectorPanel } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { area } from '../words/format';
import { ColourFields } from './colour-fields';

/** Which colour goes where, section by section, in the order of painting. */
export function SchemeRoom({
  job,
  sections,
}: {
  job: string;
  sections: (JobSection & { seen: number; outsideM2: number })[];
}) {
  return (
    <>
      <Room title="Scheme">
        {sections.length === 0 && <Empty>This job has no sections yet.</Empty>}
        <Table caption="Colours by section" head={['Section', 'Colour', { text: 'Area', right: true }]}>
          {sections.map((section) => (
            <tr key={section.key} className="border-b border-line">
              <td className="py-2 pr-3 font-semibold">{section.name}</td>
              <td className="py-2 pr-3">
                <ColourFields job={job} section={section} />
              </td>
              <td className="text-right">{area(section.outsideM2)}</td>
            </tr>
          ))}
        </Table>
      </Room>
      <InspectorPanel title="One colour a section">
        <p>
          Each section carries one colour so far. Bands, lines and the order of colours with their masks have
          no room of their own yet.
        </p>
        <p className="pt-2 text-quiet">
          A screen is no colour reference: spray a card, clear it, and look at it in sun, shade and lamp.
        </p>
      </InspectorPanel>
    </>
  );
}
