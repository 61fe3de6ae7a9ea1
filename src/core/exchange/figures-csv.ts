import Papa from 'papaparse';
import {
  figureEntry,
  figureKeys,
  figureScopes,
  readFigure,
  type FigureKey,
  type FigureScope,
  type TypedFigure,
} from '../figures';
import { guard, unguard } from './csv-cells';
import { headedCsv } from './csv-rows';
import type { Fault, Parsed } from './faults';

const columns = ['key', 'scope', 'of', 'value', 'unit', 'usual', 'least', 'most', 'words'] as const;
const mostLines = 1000;

/** A line of a file of figures: a value that is typed, or none where the figure goes back. */
export type FigureLine = Omit<TypedFigure, 'value'> & { value: number | null };

/**
 * Figures as CSV: every key that may be typed for the whole (its value empty where nobody did), then what is typed for
 * products, sections and panels.
 * @param whole `shop` or `job`
 */
export function writeFiguresCsv(typed: readonly TypedFigure[], whole: 'shop' | 'job'): string {
  const valueAt = (key: FigureKey) => typed.find((one) => one.key === key && one.scope === whole)?.value;
  const lines = [
    ...figureKeys
      .filter((key) => figureEntry(key).scopes.includes(whole))
      .map((key) => ({ key, scope: whole, of: '', value: valueAt(key) })),
    ...typed.filter((one) => one.scope !== whole),
  ];
  const rows = lines.map(({ key, scope, of, value }) => {
    const { unit, usual, least, most, words } = figureEntry(key);
    return [key, scope, guard(of), value ?? '', unit, usual, least, most, words];
  });
  return `${Papa.unparse({ fields: [...columns], data: rows }, { newline: '\n' })}\n`;
}

/**
 * Reads figures from CSV: a head line with key and value and, if wanted, scope and of. A value may carry its unit; an empty one
 * takes a figure back. Every fault names its line; a faulty file yields nothing.
 */
export function readFiguresCsv(text: string, whole: 'shop' | 'job'): Parsed<FigureLine[]> {
  const faults: Fault[] = [];
  const { first, head, body, file } = headedCsv(text, mostLines);
  const at = (name: string) => head.indexOf(name);
  const refused = (line: number, reason: string): Parsed<never> => ({
    status: 'faulty',
    faults: [{ place: `line ${line}`, reason }],
  });
  if (at('key') < 0 || at('value') < 0)
    return refused(1, `the head line must name the columns key and value; it says “${first.slice(0, 60)}”`);
  if (file.isCut) return refused(mostLines + 2, `a file holds at most ${mostLines} figures`);
  for (const error of file.faults.slice(0, 3))
    faults.push({ place: `line ${error.line}`, reason: error.reason });
  const seen = new Set<string>();
  const lines = body.flatMap(({ line, cells }): FigureLine[] => {
    const fault = (reason: string): FigureLine[] => {
      faults.push({ place: `line ${line}`, reason });
      return [];
    };
    if (cells.length !== head.length)
      return fault(`has ${cells.length} cells where the head has ${head.length}`);
    const cell = (name: string) => (at(name) < 0 ? '' : unguard(cells[at(name)]!.trim()));
    const key = figureKeys.find((one) => one === cell('key'));
    if (!key) return fault(`there is no figure “${cell('key').slice(0, 40)}”`);
    const scope = figureScopes.find((one) => one === (cell('scope') || whole));
    if (!scope || !scopesOf(whole).includes(scope) || !figureEntry(key).scopes.includes(scope))
      return fault(`${key} is not typed for “${cell('scope').slice(0, 20)}” here`);
    const of = cell('of');
    if ((scope === whole) !== (of === ''))
      return fault(
        of === '' ? `${key} names no ${scope}` : `${key} for the whole ${whole} names ${of.slice(0, 40)}`,
      );
    const place = `${key} ${scope} ${of}`;
    if (seen.has(place)) return fault(`${key} stands twice for one place`);
    seen.add(place);
    if (cell('value') === '') return [{ key, scope, of, value: null }];
    const read = readFigure(cell('value'), figureEntry(key));
    return read.status === 'faulty'
      ? fault(`${key}: ${read.reason}`)
      : [{ key, scope, of, value: read.value }];
  });
  if (lines.length === 0 && faults.length === 0) return refused(2, 'there is no figure in the file');
  return faults.length > 0
    ? { status: 'faulty', faults: faults.slice(0, 20) }
    : { status: 'ok', value: lines };
}

const scopesOf = (whole: 'shop' | 'job'): readonly FigureScope[] =>
  whole === 'shop' ? ['shop', 'product', 'painter'] : ['job', 'section', 'panel'];

/** Typed figures with the lines of a file over them; what the file does not name stays. */
export function withFigureLines(typed: readonly TypedFigure[], lines: readonly FigureLine[]): TypedFigure[] {
  const isSame = (a: FigureLine, b: TypedFigure) => a.key === b.key && a.scope === b.scope && a.of === b.of;
  return [
    ...typed.filter((one) => !lines.some((line) => isSame(line, one))),
    ...lines.flatMap(({ value, ...line }): TypedFigure[] => (value === null ? [] : [{ ...line, value }])),
  ];
}
