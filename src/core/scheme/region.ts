import { rectangle, type Point, type Ring } from '../geometry';
import type { BandShape, BoxShape, Construction, FieldShape, StripesShape } from '../record';
import { straightMeasure, type Measure } from './batten';
import { lineOnStrip, pointsOf, type LineOnStrip } from './laid-line';
import type { Strip } from './strip';

/** What a construction covers on a strip: one colour inside closed rings, in measures of the strip. */
export interface Region {
  /** Key of the field: that of the construction, with `.outline` for its outlines. */
  field: string;
  construction: string;
  colour: string;
  strip: string;
  rings: readonly Ring[];
}

/** Fields reach this far over the strip, so that no edge of a panel lies on their own. */
const beyondM = 0.05;

/** The regions of a construction on a strip, the lowest first; null where its line has nothing to be measured from. */
export function regionsOf(strip: Strip, construction: Construction): Region[] | null {
  const { shape } = construction;
  const line = lineOnStrip(strip, shape.line);
  if (!line) return null;
  const region = (rings: readonly Ring[]): Region => ({
    field: construction.id,
    construction: construction.id,
    colour: construction.colour,
    strip: strip.key,
    rings,
  });
  switch (shape.kind) {
    case 'field':
      return [region([fieldRing(strip, line, shape)])];
    case 'band':
      return [region([bandRing(strip, line, shape)]), ...outlinesOf(strip, line, construction.id, shape)];
    case 'stripes':
      return [region(stripeRings(strip, line, shape))];
    case 'box':
      return [region(boxRings(line, shape))];
  }
}

function fieldRing(strip: Strip, line: LineOnStrip, { side }: FieldShape): Ring {
  const [from, to] = [-beyondM, strip.lengthM + beyondM];
  const far = side === 'above' ? strip.heightM + beyondM : -beyondM;
  return [...pointsOf(line, from, to), [to, far], [from, far]];
}

/** Half of a band on either side of its line, m at a place. */
interface Reach {
  above: Measure;
  below: Measure;
}

function reachOf({ widths, lies }: BandShape): Reach {
  const width = straightMeasure(widths);
  const share = lies === 'above' ? 1 : lies === 'below' ? 0 : 0.5;
  return { above: (u) => width(u) * share, below: (u) => width(u) * (1 - share) };
}

const spanOf = (strip: Strip, { fromMm, toMm }: Pick<BandShape, 'fromMm' | 'toMm'>): [number, number] => [
  fromMm === null ? -beyondM : fromMm / 1000,
  toMm === null ? strip.lengthM + beyondM : toMm / 1000,
];

function bandRing(strip: Strip, line: LineOnStrip, shape: BandShape): Ring {
  const { above, below } = reachOf(shape);
  return ringAlong(strip, line, shape, above, (u) => -below(u));
}

/** A ring between two distances from a line, measured square to it, with its ends. */
function ringAlong(strip: Strip, line: LineOnStrip, shape: BandShape, upper: Measure, lower: Measure): Ring {
  const [from, to] = spanOf(strip, shape);
  const widths = shape.widths.map(({ atMm }) => atMm / 1000);
  const spine = pointsOf(line, from, to, widths);
  const normals = normalsOf(spine);
  const side = (off: Measure): Point[] =>
    spine.map(([u, v], i): Point => {
      const [nu, nv] = normals[i]!;
      return [u + nu * off(u), v + nv * off(u)];
    });
  const [top, bottom] = [side(upper), side(lower)];
  const front = shape.fromMm === null ? [] : endOf(bottom[0]!, top[0]!, -1, shape.ends);
  const rear = shape.toMm === null ? [] : endOf(top.at(-1)!, bottom.at(-1)!, 1, shape.ends);
  return [...top, ...rear, ...bottom.reverse(), ...front];
}

/** Pieces of a rounded end. */
const roundPieces = 24;

/** What an end adds between the two corners of a band, from the first to the second; `sense` points out of the band. */
function endOf(a: Point, b: Point, sense: 1 | -1, ends: BandShape['ends']): Point[] {
  if (ends === 'square') return [];
  const [mu, mv] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const [hu, hv] = [(a[0] - b[0]) / 2, (a[1] - b[1]) / 2];
  const half = Math.hypot(hu, hv);
  // Along the band and out of it: square to the line between the corners.
  const [ou, ov]: Point = sense * hv >= 0 ? [hv, -hu] : [-hv, hu];
  if (ends === 'mitred') {
    // The lower corner runs out at 45°.
    const low = a[1] < b[1] ? a : b;
    return [[low[0] + 2 * (ou / half) * half, low[1] + 2 * (ov / half) * half]];
  }
  return Array.from({ length: roundPieces - 1 }, (_, i): Point => {
    const angle = (Math.PI * (i + 1)) / roundPieces;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    return [mu + hu * c + ou * s, mv + hv * c + ov * s];
  });
}

/** At each point the direction square to the line and upwards, longer where it turns so that the width stays true. */
function normalsOf(points: readonly Point[]): Point[] {
  const pieces = points.slice(1).map(([u, v], i): Point => {
    const [fromU, fromV] = points[i]!;
    const length = Math.hypot(u - fromU, v - fromV);
    return [-(v - fromV) / length, (u - fromU) / length];
  });
  return points.map((_, i): Point => {
    const [a, b] = [pieces[i - 1] ?? pieces[i]!, pieces[i] ?? pieces[i - 1]!];
    const [u, v] = [a[0] + b[0], a[1] + b[1]];
    const length2 = u * u + v * v;
    // A line that turns back on itself has no corner to keep.
    const scale = length2 < 0.1 ? 1 : 2 / length2;
    return [u * scale, v * scale];
  });
}

function outlinesOf(strip: Strip, line: LineOnStrip, id: string, shape: BandShape): Region[] {
  const { outline } = shape;
  if (!outline) return [];
  const { above, below } = reachOf(shape);
  const wide = outline.widthMm / 1000;
  const rings: Ring[] = [];
  if (outline.sides !== 'below') rings.push(ringAlong(strip, line, shape, (u) => above(u) + wide, above));
  if (outline.sides !== 'above')
    rings.push(
      ringAlong(
        strip,
        line,
        shape,
        (u) => -below(u),
        (u) => -below(u) - wide,
      ),
    );
  return [{ field: `${id}.outline`, construction: id, colour: outline.colour, strip: strip.key, rings }];
}

/** Stripes from the line upwards; a gap that is not named is as wide as the stripe below it. */
function stripeRings(strip: Strip, line: LineOnStrip, { widthsMm, gapsMm }: StripesShape): Ring[] {
  const plain: BandShape = {
    kind: 'band',
    line: { datum: 'base', panel: '', fairing: 'straight', stations: [] },
    widths: [],
    lies: 'above',
    fromMm: null,
    toMm: null,
    ends: 'square',
    outline: null,
  };
  let from = 0;
  return widthsMm.map((widthMm, i) => {
    const [low, high] = [from, from + widthMm / 1000];
    from = high + (gapsMm[i] ?? widthMm) / 1000;
    return ringAlong(
      strip,
      line,
      plain,
      () => high,
      () => low,
    );
  });
}

/** Share of its height that a letter is wide, and that lies between two. */
const letterShare = { width: 0.6, gap: 0.2 };

function boxRings({ height }: LineOnStrip, { atMm, lengthMm, heightMm, letters }: BoxShape): Ring[] {
  const [u, long, high] = [atMm / 1000, lengthMm / 1000, heightMm / 1000];
  const v = height(u + long / 2);
  const drawnLetters = [...letters.trim()];
  if (drawnLetters.length === 0) return [rectangle(u, v, long, high)];
  const { width, gap } = letterShare;
  // Letters are as high as their box and fill its length, blanks too.
  const count = drawnLetters.length;
  const pitch = long / (count - gap / (width + gap));
  const wide = (pitch * width) / (width + gap);
  return drawnLetters.flatMap((letter, i) =>
    letter === ' ' ? [] : [rectangle(u + i * pitch, v, wide, high)],
  );
}
