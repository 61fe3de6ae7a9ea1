import type { DrawnElevation } from '../elevation';
import { viewName } from '../record';
import { escapedText } from './escaped-text';

/** White between views, and the line of words over each, cm. */
const roundCm = 20;
const wordsCm = 26;

/**
 * Elevations as one sheet for the owner: the sides side by side, then the ends and the top, in their finished colours, all
 * to one scale.
 * @returns an SVG in centimetres of the object
 */
export function elevationsSvg(title: string, views: readonly DrawnElevation[]): string {
  const rows = [
    views.filter(({ view }) => view === 'left' || view === 'right'),
    views.filter(({ view }) => view !== 'left' && view !== 'right'),
  ];
  let top = wordsCm + roundCm;
  let width = 0;
  const drawn: string[] = [];
  for (const row of rows.filter((one) => one.length > 0)) {
    let left = roundCm;
    const high = Math.max(...row.map((one) => one.heightCm));
    for (const { view, widthCm, heightCm, shapes } of row) {
      const paths = shapes.map(
        ({ d, hex }) =>
          `<path d="${d}" fill="${hex}" fill-rule="evenodd" stroke="#1d1d1d" stroke-width="0.8"/>`,
      );
      drawn.push(
        `<text x="${left}" y="${top + 16}" font-size="14">${escapedText(viewName(view))}</text>`,
        `<g transform="translate(${left} ${top + wordsCm + high - heightCm})">${paths.join('')}</g>`,
      );
      left += widthCm + roundCm;
    }
    width = Math.max(width, left);
    top += high + wordsCm + roundCm;
  }
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${top}" viewBox="0 0 ${width} ${top}" font-family="sans-serif">
<title>${escapedText(title)}</title>
<rect width="${width}" height="${top}" fill="#ffffff"/>
<text x="${roundCm}" y="${wordsCm}" font-size="20">${escapedText(title)}</text>
${drawn.join('\n')}
</svg>
`;
}
