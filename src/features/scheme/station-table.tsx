import type { Construction } from '@/core/record';
import { sightToleranceMm, stationTable, stripsOf, type SchemeLayout } from '@/core/scheme';
import { Check, X } from 'lucide-react';

const mm = (value: number | null): string => (value === null ? '–' : value.toFixed(1));

/** Where a line is found on the object, station by station, and whether left and right agree. */
export function StationTable({ layout, one }: { layout: SchemeLayout; one: Construction }) {
  const strips = stripsOf(layout.strips, one.strip);
  const rows = stationTable(strips, one);
  const isMirrored = strips.length > 1;
  const hasWidth = rows.some((row) => row.widthMm !== null);
  if (rows.length === 0) return <p className="text-quiet">No station lies on a panel.</p>;
  return (
    <>
      <p className="pb-1 text-quiet">
        mm from the front end; heights above the lower edge of the panel, and above the lowest point.
      </p>
      <table className="w-full tabular-nums" aria-label="Stations">
        <thead>
          <tr className="border-b border-line text-quiet">
            <th className="text-right font-normal">At</th>
            <th className="pl-2 text-left font-normal">Panel</th>
            <th className="text-right font-normal">Edge</th>
            <th className="text-right font-normal">Left</th>
            {isMirrored && <th className="text-right font-normal">Right</th>}
            {hasWidth && <th className="text-right font-normal">Width</th>}
            {isMirrored && <th className="font-normal" aria-label="Sight line" />}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const [left, right] = [row.heightsMm[0] ?? null, row.heightsMm[1] ?? null];
            const isAlike = left !== null && right !== null && Math.abs(left - right) <= sightToleranceMm;
            return (
              <tr key={row.atMm} className="border-b border-line">
                <td className="text-right">{row.atMm}</td>
                <td className="pl-2">{row.panel ?? 'opening'}</td>
                <td className="text-right">{mm(row.fromEdgeMm)}</td>
                <td className="text-right">{mm(left)}</td>
                {isMirrored && <td className="text-right">{mm(right)}</td>}
                {hasWidth && <td className="text-right">{mm(row.widthMm)}</td>}
                {isMirrored && (
                  <td className="pl-1">
                    {isAlike ? (
                      <Check size={14} aria-label="alike" />
                    ) : (
                      <X size={14} aria-label="not alike" />
                    )}
                  </td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
