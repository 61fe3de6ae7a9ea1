import { boundsOf, simplifiedLine, type Point } from '../geometry';
import { mostStations, strips as stripWords, type Construction, type JobColour } from '../record';
import { layoutOf, stripOf, type Strip } from '../scheme';
import type { BodyKind, Part } from '../vehicle';
import type { Fault, Parsed } from './faults';

/** A line that a panel map draws over its panels: an open path, m in the measures of the layout. */
export interface MapLine {
  /** Its path, for faults. */
  place: string;
  name: string;
  /** Name or key of its colour. */
  colour: string;
  /** Width of the band that it is the middle of, mm; null where it is the edge of a field. */
  widthMm: number | null;
  /** Which side of it the field lies on. */
  side: 'above' | 'below' | null;
  points: readonly Point[];
}

type Laid = Omit<Construction, 'id'>;

/** How far a line may be laid from where it was drawn, m, in the order in which they are tried; the widest band, mm. */
const withinM = [0.0005, 0.001, 0.002, 0.005];
const widestMm = 5000;
/** A map brings no more lines than this. */
export const mostMapLines = 40;

/**
 * Lines of a map as constructions on the strips of a net: stations where the line bends, heights above the lowest point.
 * @param net panels as the job has them with the map's   @param place of the first; each lies over the one before it
 */
export function linesOnNet(
  lines: readonly MapLine[],
  net: readonly Part[],
  { route, colours, place }: { route: BodyKind['route']; colours: readonly JobColour[]; place: number },
): Parsed<Laid[]> {
  const strips = stripWords.flatMap((key) => (key === 'both' ? [] : (stripOf(net, route, key) ?? [])));
  const loose = net.flatMap((part) => (part.side === 'loose' ? (stripOf(net, route, part.key) ?? []) : []));
  const all = [...strips, ...loose];
  const laid: Laid[] = [];
  const faults: Fault[] = [];
  for (const [i, line] of lines.entries()) {
    const made = laidLine(line, all, colours, place + i);
    if ('reason' in made) {
      faults.push({ place: line.place, reason: made.reason });
      continue;
    }
    const [fault] = layoutOf(net, route, [{ ...made, id: 'new' }]).faults;
    if (fault) faults.push({ place: line.place, reason: layoutReasons[fault.code] });
    else laid.push(made);
  }
  return faults.length > 0 ? { status: 'faulty', faults } : { status: 'ok', value: laid };
}

const layoutReasons = {
  'no-strip': 'lies over no side of the object',
  'no-datum': 'has nothing to be measured from',
  'no-panel': 'lies over no panel',
  'crosses-itself': 'crosses itself: it is wider than it bends',
  'beyond-the-end': 'reaches over the end of its side',
  covered: 'is covered by another',
} as const;

function laidLine(
  { name, colour, widthMm, side, points }: MapLine,
  strips: readonly Strip[],
  colours: readonly JobColour[],
  place: number,
): Laid | { reason: string } {
  const own = colours.find((one) => one.id === colour || one.name.toLowerCase() === colour.toLowerCase());
  if (!own)
    return {
      reason: `names the colour “${colour.slice(0, 40)}”; this job has ${colours.map((one) => one.name).join(', ')}`,
    };
  if (widthMm === null && side === null)
    return { reason: 'needs data-width in mm, or data-field above or below' };
  if (widthMm !== null && !(widthMm > 0 && widthMm <= widestMm))
    return { reason: `needs a data-width of more than nothing, up to ${widestMm} mm` };
  const strip = stripUnder(strips, points);
  if (!strip) return { reason: layoutReasons['no-panel'] };
  const along = points.map(strip.fromLayout);
  const run = along[0]![0] <= along.at(-1)![0] ? along : [...along].reverse();
  if (run.some(([u], i) => i > 0 && u <= run[i - 1]![0]))
    return { reason: 'runs back on itself along its side' };
  const kept = withinM.map((within) => simplifiedLine(run, within)).find((one) => one.length <= mostStations);
  if (!kept) return { reason: `has more bends than ${mostStations} stations follow within 5 mm` };
  const stations = kept.map(([u, v]) => ({ atMm: mm(Math.max(0, u)), mm: mm(v) }));
  const line = { datum: 'base' as const, panel: '', fairing: 'straight' as const, stations };
  const base = { name: name.slice(0, 60), colour: own.id, strip: strip.key, place };
  if (widthMm === null) return { ...base, shape: { kind: 'field', line, side: side! } };
  const [from, to] = [run[0]![0], run.at(-1)![0]];
  return {
    ...base,
    shape: {
      kind: 'band',
      line,
      widths: [{ atMm: 0, mm: widthMm }],
      lies: 'centred',
      // A line to the end of a side runs out over it.
      fromMm: from <= endM ? null : mm(from),
      toMm: to >= strip.lengthM - endM ? null : mm(to),
      ends: 'square',
      outline: null,
    },
  };
}

/** So near to the end of a side a line is meant to run to it, m. */
const endM = 0.005;
const mm = (m: number): number => Math.round(m * 10_000) / 10;

/** The strip that most of a line lies over. */
function stripUnder(strips: readonly Strip[], points: readonly Point[]): Strip | null {
  let best: { strip: Strip; count: number } | null = null;
  for (const strip of strips) {
    const bounds = strip.panels.map(({ part }) => boundsOf(part.outline));
    const isOver = ([x, y]: Point) =>
      bounds.some(({ left, right, top, bottom }) => x >= left && x <= right && y >= top && y <= bottom);
    const count = points.filter(isOver).length;
    if (count > 0 && (!best || count > best.count)) best = { strip, count };
  }
  return best?.strip ?? null;
}
