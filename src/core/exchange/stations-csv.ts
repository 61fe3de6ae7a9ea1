import Papa from 'papaparse';
import type { Construction } from '../record';
import { stationTable, stripsOf, type SchemeLayout } from '../scheme';
import { guard } from './csv-cells';

/** Columns of a station table: measures in mm from the front end, heights above panel edge and lowest point. */
export const stationColumns = [
  'construction',
  'lies_on',
  'at_mm',
  'panel',
  'above_panel_edge_mm',
  'left_mm',
  'right_mm',
  'width_mm',
] as const;

/** Every construction of a job, station by station, as CSV; a strip without a counterpart has no right height. */
export function stationsCsv(constructions: readonly Construction[], layout: SchemeLayout): string {
  const figure = (value: number | null | undefined) =>
    value === null || value === undefined ? '' : value.toFixed(1);
  const rows = [...constructions]
    .sort((a, b) => a.place - b.place)
    .flatMap((one) =>
      stationTable(stripsOf(layout.strips, one.strip), one).map((row) => ({
        construction: guard(one.name),
        lies_on: one.strip,
        at_mm: String(row.atMm),
        panel: row.panel ?? '',
        above_panel_edge_mm: figure(row.fromEdgeMm),
        left_mm: figure(row.heightsMm[0]),
        right_mm: figure(row.heightsMm[1]),
        width_mm: figure(row.widthMm),
      })),
    );
  return `${Papa.unparse({ fields: [...stationColumns], data: rows }, { newline: '\n' })}\n`;
}
