import type { ComponentProps } from 'react';
import type { JobSection } from '@/core/record';
import { InspectorPanel } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { area } from '../words/format';
import { SectionColour } from './colour-fields';
import { ColoursTable, type ColourShown } from './colours-table';
import { PassesTable } from './passes-table';

interface SchemeProps {
  job: string;
  sections: (JobSection & { seen: number; outsideM2: number })[];
  colours: ColourShown[];
  passes: Omit<ComponentProps<typeof PassesTable>, 'job'>;
}

/** Which colour goes where, section by section, and in which passes it goes on. */
export function SchemeRoom({ job, sections, colours, passes }: SchemeProps) {
  return (
    <>
      <Room title="Scheme">
        {sections.length === 0 && <Empty>This job has no sections yet.</Empty>}
        <ColoursTable job={job} colours={colours} />
        <Table caption="Colours by section" head={['Section', 'Colour', { text: 'Area', right: true }]}>
          {sections.map((section) => (
            <tr key={section.key} className="border-b border-line">
              <td className="py-1 pr-3 font-semibold">{section.name}</td>
              <td className="py-1 pr-3">
                <SectionColour job={job} section={section} colours={colours} />
              </td>
              <td className="text-right">{area(section.outsideM2)}</td>
            </tr>
          ))}
        </Table>
        <PassesTable job={job} {...passes} />
      </Room>
      <InspectorPanel title="One colour a section">
        <p>Each section carries one colour so far. Bands and lines have no room of their own yet.</p>
        <p className="pt-2">
          Colours of a body go on from the top down, so that wet edge and tape lie below. Move one with the
          arrows; masks, sessions and days follow.
        </p>
        <p className="pt-2 text-quiet">
          A screen is no colour reference: spray a card, clear it, and look at it in sun, shade and lamp.
        </p>
      </InspectorPanel>
    </>
  );
}
