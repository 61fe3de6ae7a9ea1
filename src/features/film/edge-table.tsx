import { Notice } from '@/ui/notice';
import { Table } from '@/ui/layout';
import { area } from '../words/format';
import type { FilmSection } from './film-props';

const reach = { spot: 'a spot', panel: 'the panel', whole: 'all of it' };

/** Panels by what a pad cuts through first: beads, rivets, edges; what is taped and how fast one may go. */
export function EdgeTable({ section }: { section: FilmSection }) {
  const { clear, edges, cutThrough } = section;
  const taped = clear?.tapeThrough ?? null;
  return (
    <>
      <Notice grade="caution">
        {taped === null ? 'edges are sanded with the rest' : `beads and edges stay taped through P${taped}`};
        at edges by hand or at 600–1000 rpm, flats at 1200–1800
        {`; cut through, it is ${reach[cutThrough]}`}
      </Notice>
      <Table
        caption={`Edges of ${section.name}`}
        head={[
          'Panel',
          'Shape',
          { text: 'Beads', right: true },
          { text: 'Rivets', right: true },
          { text: 'Edges', right: true },
          { text: 'Within 25 mm', right: true },
          'So',
        ]}
      >
        {edges.map((row) => (
          <tr key={row.part} className="border-b border-line tabular-nums">
            <td className="py-[3px] pr-3">
              <span className="font-semibold">{row.part}</span> {row.name}
            </td>
            <td className="pr-3">{row.shape}</td>
            <td className="pr-3 text-right">{row.beadM > 0 ? `${row.beadM.toFixed(1)} m` : ''}</td>
            <td className="pr-3 text-right">{row.rivetM > 0 ? `${row.rivetM.toFixed(1)} m` : ''}</td>
            <td className="pr-3 text-right">{row.edgeM.toFixed(1)} m</td>
            <td className="pr-3 text-right">{area(row.bandM2)}</td>
            <td>
              {row.beadM + row.rivetM > 0
                ? 'beads taped, hand only beside them'
                : row.shape === 'flat'
                  ? 'machine on the flat, edges by hand'
                  : 'soft pad on the crown, edges by hand'}
            </td>
          </tr>
        ))}
      </Table>
    </>
  );
}
