import { Table } from '@/ui/layout';
import { area, micrometres } from '../words/format';

export interface SectionShown {
  key: string;
  name: string;
  level: string;
  colour: string;
  outsideM2: number;
  layers: string;
  totalUm: number;
}

/** Colour and film of each section, as they go with the object. */
export const SectionTable = ({ sections }: { sections: readonly SectionShown[] }) => (
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
    {sections.map((one) => (
      <tr key={one.key} className="border-b border-line">
        <td className="py-[5px] pr-3 font-semibold">{one.name}</td>
        <td className="pr-3">{one.level}</td>
        <td className="pr-3">{one.colour}</td>
        <td className="pr-3 text-right">{area(one.outsideM2)}</td>
        <td className="pr-3">{one.layers}</td>
        <td className="text-right">{micrometres(one.totalUm)}</td>
      </tr>
    ))}
  </Table>
);
