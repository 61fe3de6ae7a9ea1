import type { Ring } from '../geometry';
import type { Job } from '../record';
import type { SchemeLayout, Strip } from '../scheme';
import { escapedText } from './escaped-text';
import { atStation, maskDrawing, type MaskDrawing } from './mask-drawing';

/** A mask map is drawn one millimetre to a unit, so that it prints at the size of the object. */
const mm = (value: number): string => (Math.round(value * 10) / 10).toString();

/** Stations are marked every half metre from the front end. */
const stationMm = 500;
const marginMm = 150;

/**
 * One strip of a scheme at true scale as it is seen from outside: panels, openings and fields, up is up; stations from the
 * front end, heights from the lowest point, register marks at the corners, a bar of one metre.
 * @returns an SVG in millimetres
 */
export function maskMapSvg(job: Pick<Job, 'number' | 'name'>, layout: SchemeLayout, strip: Strip): string {
  const drawing = maskDrawing(layout, strip);
  const pathOf = (rings: readonly Ring[]) =>
    rings.map((ring) => `M${ring.map(([x, y]) => `${mm(x)} ${mm(y)}`).join('L')}Z`).join('');
  const panels = drawing.panels.map(
    ({ id, rings, label }) =>
      `  <path id="${id}" fill="none" stroke="black" stroke-width="1" fill-rule="evenodd" d="${pathOf(rings)}"/>\n  <text x="${mm(label[0])}" y="${mm(label[1])}" font-size="24" text-anchor="middle">${id}</text>`,
  );
  const fields = drawing.fields.map(
    ({ id, rings }) =>
      `  <path id="${escapedText(id)}" fill="#000000" fill-opacity="0.12" fill-rule="evenodd" stroke="black" stroke-width="0.4" d="${pathOf(rings)}"/>`,
  );
  const box = [-marginMm, -marginMm, drawing.widthMm + 2 * marginMm, drawing.heightMm + 2 * marginMm].map(mm);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${box[2]}mm" height="${box[3]}mm" viewBox="${box.join(' ')}">
  <title>${escapedText(`${job.number} ${job.name}, mask map, ${strip.key}, 1:1, seen from outside, front at the ${drawing.frontAt}`)}</title>
${[...panels, ...fields, ...stationsOf(drawing), ...registersOf(drawing), barOf(drawing)].join('\n')}
</svg>
`;
}

/** Marks along the lower edge, with their distance from the front end. */
const stationsOf = (drawing: MaskDrawing): string[] =>
  Array.from({ length: Math.floor(drawing.widthMm / stationMm) + 1 }, (_, i) => {
    const [x, y] = [mm(atStation(drawing, i * stationMm)), mm(drawing.heightMm)];
    return `  <path stroke="black" stroke-width="0.6" d="M${x} ${y}v30"/><text x="${x}" y="${mm(drawing.heightMm + 60)}" font-size="20" text-anchor="middle">${i * stationMm}</text>`;
  });

/** Crosses at the corners, for sheets that are laid edge to edge. */
const registersOf = ({ widthMm, heightMm }: MaskDrawing): string[] =>
  [
    [0, 0],
    [widthMm, 0],
    [0, heightMm],
    [widthMm, heightMm],
  ].map(
    ([x, y]) =>
      `  <path fill="none" stroke="black" stroke-width="0.4" d="M${mm(x! - 20)} ${mm(y!)}h40M${mm(x!)} ${mm(y! - 20)}v40"/>`,
  );

const barOf = ({ heightMm }: MaskDrawing): string =>
  `  <path stroke="black" stroke-width="2" d="M0 ${mm(heightMm + 110)}h1000"/><text x="1010" y="${mm(heightMm + 115)}" font-size="20">1000 mm</text>`;
