import { escapedText } from './escaped-text';
import type { Job } from '../record';
import type { FieldPiece, SchemeLayout, Strip } from '../scheme';
import type { Point } from '../geometry';

/** A mask map is drawn one millimetre to a unit, so that it prints at the size of the object. */
const mm = (value: number): string => (Math.round(value * 10_000) / 10).toString();

/** Stations are marked every half metre from the front end. */
const stationM = 0.5;
const marginM = 0.15;

/**
 * One strip of a scheme at true scale: panels, openings and fields as they lie on the object, the front at the right, up
 * is up; stations from the front end, heights from the lowest point, register marks at the corners, a bar of one metre.
 * @returns an SVG in millimetres
 */
export function maskMapSvg(job: Pick<Job, 'number' | 'name'>, layout: SchemeLayout, strip: Strip): string {
  const toDrawing = ([u, v]: Point): string => `${mm(strip.lengthM - u)} ${mm(strip.heightM - v)}`;
  const ring = (points: readonly Point[]) => `M${points.map(toDrawing).join('L')}Z`;
  const panels = strip.panels.map(
    ({ part, figure }) =>
      `  <path id="${part.key}" fill="none" stroke="black" stroke-width="1" fill-rule="evenodd" d="${[figure.outline, ...figure.holes].map(ring).join('')}"/>\n${labelOf(strip, part.key, figure.outline)}`,
  );
  const own = new Set(strip.panels.map(({ part }) => part.key));
  const fields = layout.pieces.filter((piece) => own.has(piece.panel)).map((piece) => fieldOf(strip, piece));
  const box = [-marginM, -marginM, strip.lengthM + 2 * marginM, strip.heightM + 2 * marginM].map(mm);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${box[2]}mm" height="${box[3]}mm" viewBox="${box.join(' ')}">
  <title>${escapedText(`${job.number} ${job.name}, mask map, ${strip.key}, 1:1`)}</title>
${[...panels, ...fields, ...stationsOf(strip), ...registersOf(strip), barOf(strip)].join('\n')}
</svg>
`;
}

function fieldOf(strip: Strip, { field, panel, figures }: FieldPiece): string {
  const back = strip.fromLayout;
  const ring = (points: readonly Point[]) =>
    `M${points
      .map(back)
      .map(([u, v]) => `${mm(strip.lengthM - u)} ${mm(strip.heightM - v)}`)
      .join('L')}Z`;
  const d = figures.flatMap(({ outline, holes }) => [outline, ...holes].map(ring)).join('');
  return `  <path id="${escapedText(`${panel}.${field}`)}" fill="#000000" fill-opacity="0.12" fill-rule="evenodd" stroke="black" stroke-width="0.4" d="${d}"/>`;
}

function labelOf(strip: Strip, key: string, outline: readonly Point[]): string {
  const [us, vs] = [outline.map(([u]) => u), outline.map(([, v]) => v)];
  const [u, v] = [(Math.min(...us) + Math.max(...us)) / 2, Math.min(...vs)];
  return `  <text x="${mm(strip.lengthM - u)}" y="${mm(strip.heightM - v - 0.02)}" font-size="24" text-anchor="middle">${key}</text>`;
}

/** Marks along the lower edge, with their distance from the front end. */
const stationsOf = (strip: Strip): string[] =>
  Array.from({ length: Math.floor(strip.lengthM / stationM) + 1 }, (_, i) => {
    const [x, y] = [mm(strip.lengthM - i * stationM), mm(strip.heightM)];
    return `  <path stroke="black" stroke-width="0.6" d="M${x} ${y}v30"/><text x="${x}" y="${mm(strip.heightM + 0.06)}" font-size="20" text-anchor="middle">${Math.round(i * stationM * 1000)}</text>`;
  });

/** Crosses at the corners, for sheets that are laid edge to edge. */
const registersOf = ({ lengthM, heightM }: Strip): string[] =>
  [
    [0, 0],
    [lengthM, 0],
    [0, heightM],
    [lengthM, heightM],
  ].map(
    ([x, y]) =>
      `  <path fill="none" stroke="black" stroke-width="0.4" d="M${mm(x! - 0.02)} ${mm(y!)}h40M${mm(x!)} ${mm(y! - 0.02)}v40"/>`,
  );

const barOf = ({ heightM }: Strip): string =>
  `  <path stroke="black" stroke-width="2" d="M0 ${mm(heightM + 0.11)}h1000"/><text x="1010" y="${mm(heightM + 0.115)}" font-size="20">1000 mm</text>`;
