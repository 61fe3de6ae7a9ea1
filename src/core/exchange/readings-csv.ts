import { gauges, type Gauge } from '../record';
import { headedCsv } from './csv-rows';
import type { Fault, Parsed } from './faults';

export interface FileReading {
  /** Line of the file it stands in, the head being 1. */
  line: number;
  part: string;
  um: number;
  gauge: Gauge;
  /** mm from the panel's left and top edge; null where the file does not say. */
  fromLeftMm: number | null;
  fromTopMm: number | null;
}

const mostLines = 5000;
const columns = ['part', 'um', 'gauge', 'x_mm', 'y_mm'] as const;

/** `1234.5`, or `1234,5` where the separator is a semicolon; anything else is no figure. */
function figure(text: string, commaDecimal: boolean): number | null {
  const plain = commaDecimal ? text.replace(',', '.') : text;
  return /^\d{1,5}(\.\d+)?$/.test(plain.trim()) ? Number(plain) : null;
}

/**
 * Film readings from a CSV file: a head line with part, um and, if wanted, gauge, x_mm and y_mm (any order), then a reading a line; separated by
 * commas, or by semicolons or tabs, and then a decimal comma is read too. Every fault names its line; a faulty file
 * yields nothing.
 * @param fallback the gauge where the file has no such column
 */
export function readReadingsCsv(text: string, fallback: Gauge): Parsed<FileReading[]> {
  const faults: Fault[] = [];
  const fault = (line: number, reason: string) => faults.push({ place: `line ${line}`, reason });
  const { first, separator, head, body, file } = headedCsv(text, mostLines);
  const at = Object.fromEntries(columns.map((name) => [name, head.indexOf(name)])) as Record<
    (typeof columns)[number],
    number
  >;
  if (at.part < 0 || at.um < 0) {
    fault(
      1,
      `the head line must name the columns part and um, separated by comma, semicolon or tab; it says “${first.slice(0, 60)}”`,
    );
    return { status: 'faulty', faults };
  }
  if (file.isCut)
    return {
      status: 'faulty',
      faults: [{ place: `line ${mostLines + 2}`, reason: `a file holds at most ${mostLines} readings` }],
    };
  for (const error of file.faults.slice(0, 3)) fault(error.line, error.reason);
  const readings = body.flatMap(({ line, cells }): FileReading[] => {
    if (cells.length !== head.length) {
      fault(
        line,
        `has ${cells.length} cells where the head has ${head.length}; is a decimal comma taken for a separator?`,
      );
      return [];
    }
    const part = cells[at.part]!.trim();
    const um = figure(cells[at.um]!, separator !== ',');
    const gauge = at.gauge < 0 ? fallback : (cells[at.gauge]!.trim().toLowerCase() as Gauge);
    if (part === '' || part.length > 40) fault(line, 'the part is missing or longer than 40 characters');
    if (um === null || um > 20000)
      fault(line, `“${cells[at.um]!.slice(0, 20)}” is no reading between 0 and 20000 µm`);
    if (!gauges.includes(gauge)) fault(line, `the gauge must be one of ${gauges.join(', ')}`);
    const place = (name: 'x_mm' | 'y_mm'): number | null => {
      const cell = at[name] < 0 ? '' : cells[at[name]]!.trim();
      const value = cell === '' ? null : figure(cell, separator !== ',');
      if (cell !== '' && value === null) fault(line, `“${cell.slice(0, 20)}” is no place in mm`);
      return value;
    };
    const [fromLeftMm, fromTopMm] = [place('x_mm'), place('y_mm')];
    return um === null ? [] : [{ line, part, um, gauge, fromLeftMm, fromTopMm }];
  });
  if (readings.length === 0 && faults.length === 0) fault(2, 'there is no reading in the file');
  return faults.length > 0
    ? { status: 'faulty', faults: faults.slice(0, 20) }
    : { status: 'ok', value: readings };
}
