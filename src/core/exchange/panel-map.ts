import { SaxesParser, type SaxesAttributePlain, type SaxesTagPlain } from 'saxes';
import {
  mostKeptPoints,
  mostRingPoints,
  polygonAreaM2,
  rectangle,
  simplified,
  type Point,
} from '../geometry';
import { ownPartOf, type OwnPart } from '../record';
import { partFromOutline, shapes, sides, type Shape, type Side } from '../vehicle';
import type { Fault, Parsed } from './faults';
import { outlineFault } from './outline-fault';
import { mostMapLines, type MapLine } from './panel-map-lines';
import { lineOfPath, ringsOfPath } from './path-rings';
import { plainLine } from './plain-line';

/** Panel maps: `docs/formats/panel-map.md`. */
export const panelMapLimits = { bytes: 5 * 1024 * 1024, paths: 500, depth: 32, points: 20_000 };

const known = new Set(['svg', 'g', 'path', 'polygon', 'rect', 'title', 'desc']);
const perUnit: Record<string, number> = { mm: 0.001, cm: 0.01, m: 1, in: 0.0254 };
/** Outlines of more points are kept with fewer, none left out further than this. */
const plainPoints = 200;
const keptWithinM = 0.0001;
const partKey = /^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/;

/** What a panel map holds: panels, and lines over them. */
export interface PanelMap {
  parts: OwnPart[];
  lines: MapLine[];
}

interface Raw {
  line: number;
  id: string;
  name: string;
  section: string | null;
  attributes: Record<string, string>;
  kind: 'path' | 'polygon' | 'rect';
}

/**
 * Panels from an SVG drawing: closed paths, polygons and rectangles with ids, at the scale that width and viewBox
 * state, and lines over them: open paths with `data-line`. Only these elements, groups and titles are read; document types,
 * entities, scripts, styles, transforms and
 * references are faults, and nothing of the file is ever run. Every fault names its path or line.
 * @param toleranceM how far a straight piece may leave its curve
 */
export function readPanelMap(
  text: string,
  sections: readonly string[],
  toleranceM = 0.0005,
): Parsed<PanelMap> {
  if (text.length > panelMapLimits.bytes)
    return fail('', `the map is larger than ${panelMapLimits.bytes / 1048576} MB`);
  const scanned = scan(text);
  if (scanned.status === 'faulty') return scanned;
  const { metresPerUnit } = scanned.value;
  const isLine = ({ attributes }: Raw) => attributes['data-line'] !== undefined;
  const raws = scanned.value.raws.filter((raw) => !isLine(raw));
  const faults: Fault[] = [];
  const lines = readLines(scanned.value.raws.filter(isLine), { metresPerUnit, toleranceM, faults });
  const seen = new Set<string>();
  let points = 0;
  const parts = raws.flatMap((raw): OwnPart[] => {
    const place = `path ${raw.id || `on line ${raw.line}`}`;
    const add = (reason: string): OwnPart[] => {
      faults.push({ place, reason });
      return [];
    };
    if (!partKey.test(raw.id)) return add('needs an id of up to 20 letters, digits, _ or -');
    if (seen.has(raw.id)) return add('stands twice');
    seen.add(raw.id);
    const section = raw.section ?? sections[0] ?? '';
    if (!sections.includes(section))
      return add(`names the section “${section.slice(0, 40)}”; this job has ${sections.join(', ')}`);
    const made = ringsOf(raw, toleranceM / metresPerUnit);
    if ('fault' in made) return add(made.fault);
    points += made.rings.reduce((sum, ring) => sum + ring.length, 0);
    if (points > panelMapLimits.points)
      return points - made.rings.flat().length > panelMapLimits.points
        ? []
        : add(`brings the map above ${panelMapLimits.points} points in all`);
    const rings = made.rings
      .map((ring) => ring.map(([x, y]): Point => [x * metresPerUnit, y * metresPerUnit]))
      .map((ring) => (ring.length > plainPoints ? simplified(ring, keptWithinM) : ring));
    if (rings.some((ring) => ring.length > mostKeptPoints))
      return add(`needs more than ${mostKeptPoints} points even where they may lie 0.1 mm aside`);
    const [outline, ...holes] = rings.sort((a, b) => polygonAreaM2(b) - polygonAreaM2(a));
    const fault = outline ? outlineFault(outline, holes) : 'encloses less than a square centimetre';
    if (!outline || fault) return add(fault ?? '');
    return [ownPart(raw, section, outline, holes)];
  });
  if (faults.length === 0 && parts.length === 0) return fail('', 'the map has no path, polygon or rect');
  return faults.length > 0
    ? { status: 'faulty', faults: faults.slice(0, 20) }
    : { status: 'ok', value: { parts, lines } };
}

/** Open paths as lines; what cannot be read is added to the faults. */
function readLines(
  raws: readonly Raw[],
  { metresPerUnit, toleranceM, faults }: { metresPerUnit: number; toleranceM: number; faults: Fault[] },
): MapLine[] {
  if (raws.length > mostMapLines) {
    faults.push({ place: '', reason: `the map has more than ${mostMapLines} lines` });
    return [];
  }
  return raws.flatMap((raw): MapLine[] => {
    const place = `path ${raw.id || `on line ${raw.line}`}`;
    const given = raw.attributes;
    const made = raw.kind === 'path' ? lineOfPath(given.d ?? '', toleranceM / metresPerUnit) : notOpen;
    if ('fault' in made) {
      faults.push({ place, reason: lineFaults[made.fault] });
      return [];
    }
    const width = given['data-width'];
    const side = given['data-field'];
    return [
      {
        place,
        name: raw.name || raw.id || 'Line',
        colour: given['data-colour'] ?? '',
        widthMm: width === undefined ? null : Number(width),
        side: side === 'above' || side === 'below' ? side : null,
        points: made.line.map(([x, y]): Point => [x * metresPerUnit, y * metresPerUnit]),
      },
    ];
  });
}

const notOpen = { fault: 'open' as const };
const lineFaults = {
  open: 'is a line and has to be one open path',
  unreadable: 'has a d that cannot be read',
  'too-long': `has more than ${mostRingPoints} points`,
} as const;

const fail = (place: string, reason: string): { status: 'faulty'; faults: Fault[] } => ({
  status: 'faulty',
  faults: [{ place, reason }],
});

class Refused extends Error {}

/** Reads the elements without building a tree; the first thing that has no place in a map ends it. */
function scan(text: string): Parsed<{ raws: Raw[]; metresPerUnit: number }> {
  const parser = new SaxesParser({ xmlns: false, position: true });
  const raws: Raw[] = [];
  const sections: (string | null)[] = [];
  let metresPerUnit: number | null = null;
  let inTitle = false;
  const refuse = (reason: string): never => {
    throw new Refused(`line ${parser.line}\n${reason}`);
  };
  parser.on('error', (error) => refuse(`is not well-formed: ${error.message.replace(/^\d+:\d+: /, '')}`));
  parser.on('doctype', () => refuse('has a document type: maps have none'));
  parser.on('processinginstruction', () => refuse('has a processing instruction: maps have none'));
  parser.on('text', (words) => {
    if (/&\w+;/.test(words)) refuse('has an entity: maps have none');
    if (inTitle) raws.at(-1)!.name = plainLine(words, 80);
  });
  parser.on('opentag', (tag: SaxesTagPlain) => {
    const name = tag.name.replace(/^svg:/, '');
    const attributes = tag.attributes;
    if (!known.has(name))
      refuse(`has the element <${name.slice(0, 30)}>: only ${[...known].join(', ')} are read`);
    sections.push(attributes['data-section'] ?? sections.at(-1) ?? null);
    if (sections.length > panelMapLimits.depth) refuse(`nests deeper than ${panelMapLimits.depth} levels`);
    if (sections.length === 1) {
      if (name !== 'svg') refuse('does not begin with <svg>');
      metresPerUnit = scaleOf(attributes);
      if (metresPerUnit === null)
        refuse('states no scale: <svg> needs a width in mm, cm, m or in and a viewBox');
    }
    if (name === 'title') inTitle = raws.length > 0;
    if (name === 'path' || name === 'polygon' || name === 'rect') {
      if (raws.length >= panelMapLimits.paths) refuse(`has more than ${panelMapLimits.paths} panels`);
      raws.push({
        line: parser.line,
        id: attributes.id ?? '',
        name: plainLine(attributes['data-name'] ?? '', 80),
        section: sections.at(-1) ?? null,
        attributes,
        kind: name,
      });
    }
  });
  refuseActive(parser, refuse);
  parser.on('closetag', () => {
    sections.pop();
    inTitle = false;
  });
  try {
    parser.write(text.replace(/^\uFEFF/, '')).close();
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    const [place, reason] = error.message.split('\n');
    return fail(place!, reason!);
  }
  return { status: 'ok', value: { raws, metresPerUnit: metresPerUnit ?? 1 } };
}

/** Attributes that act or reach outside have no place in a map. */
function refuseActive(
  parser: SaxesParser<{ xmlns: false; position: true }>,
  refuse: (reason: string) => never,
) {
  parser.on('attribute', ({ name, value }: SaxesAttributePlain) => {
    if (/^on/i.test(name)) refuse(`has the script attribute ${name.slice(0, 20)}`);
    if (/href$/i.test(name) || /url\s*\(/i.test(value) || /javascript:/i.test(value))
      refuse(`refers to something outside by ${name.slice(0, 20)}`);
    if (name === 'transform') refuse('has a transform: apply it in the drawing first');
  });
}

/** Metres of one drawing unit, from width with its unit over the width of the viewBox; null when it is not stated. */
function scaleOf(attributes: Record<string, string>): number | null {
  const width = /^\s*(\d+(?:\.\d+)?)\s*(mm|cm|m|in)\s*$/.exec(attributes.width ?? '');
  const box = (attributes.viewBox ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  if (!width || box.length !== 4 || box.some((one) => !Number.isFinite(one)) || box[2]! <= 0) return null;
  return (Number(width[1]) * perUnit[width[2]!]!) / box[2]!;
}

const tooManyPoints = `has more than ${mostRingPoints} points`;

function ringsOf(raw: Raw, tolerance: number): { rings: Point[][] } | { fault: string } {
  const { attributes: given, kind } = raw;
  const numbers = (text: string | undefined) =>
    (text ?? '')
      .trim()
      .split(/[\s,]+/)
      .map(Number);
  if (kind === 'rect') {
    const [x, y, w, h] = [given.x ?? '0', given.y ?? '0', given.width, given.height].map((one) =>
      Number(one),
    );
    return [x, y, w, h].every((one) => Number.isFinite(one)) && w! > 0 && h! > 0
      ? { rings: [rectangle(x!, y!, w!, h!)] }
      : { fault: 'needs x, y, width and height as plain figures' };
  }
  if (kind === 'polygon') {
    if ((given.points ?? '').length > mostRingPoints * 48) return { fault: tooManyPoints };
    const list = numbers(given.points);
    if (list.length < 6 || list.length % 2 === 1 || list.some((one) => !Number.isFinite(one)))
      return { fault: 'needs at least three points' };
    if (list.length / 2 > mostRingPoints) return { fault: tooManyPoints };
    return {
      rings: [Array.from({ length: list.length / 2 }, (_, i): Point => [list[2 * i]!, list[2 * i + 1]!])],
    };
  }
  const made = ringsOfPath(given.d ?? '', tolerance);
  if ('rings' in made) return made;
  return {
    fault: {
      open: 'is not closed: its last point is not its first, and it does not end in Z',
      unreadable: 'has a d that cannot be read',
      'too-long': tooManyPoints,
    }[made.fault],
  };
}

const oneOf = <T extends string>(value: string | undefined, list: readonly T[], otherwise: T): T =>
  list.find((one) => one === value) ?? otherwise;

function ownPart(raw: Raw, section: string, outline: Point[], holes: Point[][]): OwnPart {
  const { attributes } = raw;
  const figure = (name: string, otherwise: number, most: number) => {
    const value = Number(attributes[`data-${name}`] ?? Number.NaN);
    return Number.isFinite(value) && value >= 0 && value <= most ? value : otherwise;
  };
  const curveFactor = figure('curve', 1, 3) || 1;
  return ownPartOf(
    partFromOutline({
      key: raw.id,
      name: raw.name || raw.id,
      section,
      side: oneOf<Side>(attributes['data-side'], sides, 'loose'),
      shape: oneOf<Shape>(attributes['data-shape'], shapes, 'flat'),
      outline,
      holes,
      curveFactor,
      curveReason: curveFactor === 1 ? 'flat, from a panel map' : 'stated in the panel map',
      insideM2: figure('inside', 0, 1000),
      beadM: figure('beads', 0, 1000),
      rivetM: figure('rivets', 0, 1000),
      seamM: figure('seams', 0, 1000),
    }),
  );
}
