'use client';

import type { JobSection, LooseItem } from '@/core/record';
import { Empty, Table } from '@/ui/layout';
import { area } from '../words/format';
import { SectionColour } from './colour-fields';
import { ColoursTable, type ColourShown, type SystemChoice } from './colours-table';
import { HidingTable } from './hiding-table';
import { LooseItemsTable } from './loose-items-table';
import { Samples, type SamplesProps } from './samples';

export interface ColoursProps {
  job: string;
  planHash: string;
  sections: (JobSection & { seen: number; outsideM2: number; insideM2: number })[];
  colours: ColourShown[];
  systems: SystemChoice[];
  /** Products that can be sprayed as a ground coat. */
  grounds: SystemChoice[];
  looseItems: (LooseItem & { seen: number })[];
  samples: SamplesProps['samples'];
  today: string;
}

/** The colours of a job, where each goes, what it hides, and what else is seen. */
export function ColoursView({
  job,
  planHash,
  sections,
  colours,
  systems,
  grounds,
  looseItems,
  samples,
  today,
}: ColoursProps) {
  return (
    <>
      <ColoursTable job={job} colours={colours} systems={systems} grounds={grounds} />
      <Samples job={job} samples={samples} colours={colours} today={today} />
      <h2 className="pt-5 pb-1 font-semibold">Sections, where no field says otherwise</h2>
      {sections.length === 0 && <Empty>This job has no sections yet.</Empty>}
      <Table
        caption="Colours by section"
        head={['Section', 'Outside', { text: 'Area', right: true }, 'Insides', { text: 'Area', right: true }]}
      >
        {sections.map((section) => (
          <tr key={section.key} className="border-b border-line">
            <td className="py-1 pr-3 font-semibold">{section.name}</td>
            <td className="py-1 pr-3">
              <SectionColour job={job} section={section} colours={colours} face="outside" />
            </td>
            <td className="pr-3 text-right tabular-nums">{area(section.outsideM2)}</td>
            <td className="py-1 pr-3">
              {section.insideM2 > 0 || section.insideColour !== null ? (
                <SectionColour job={job} section={section} colours={colours} face="inside" />
              ) : (
                <span className="text-quiet">has none</span>
              )}
            </td>
            <td className="pr-3 text-right tabular-nums">
              {section.insideM2 > 0 ? area(section.insideM2) : ''}
            </td>
          </tr>
        ))}
      </Table>
      <LooseItemsTable job={job} items={looseItems} colours={colours} />
      <HidingTable job={job} planHash={planHash} sections={sections} colours={colours} />
    </>
  );
}
