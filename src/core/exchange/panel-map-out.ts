import { boundsOf, type Point } from '../geometry';
import { baseOf } from '../record';
import type { Part } from '../vehicle';
import { escapedText } from './escaped-text';

const millimetres = (value: number) => (Math.round(value * 10000) / 10).toString();

/** Writes any net as a panel map in millimetres; read back, every point lies within 0.1 mm of where it was. */
export function writePanelMap(parts: readonly Part[], title: string): string {
  const { left, right, top, bottom } = boundsOf(parts.flatMap((part) => part.outline));
  const [width, height] = [right - left, bottom - top].map((one) => millimetres(Math.max(0.1, one)));
  const ring = (points: readonly Point[]) =>
    `M${points.map(([x, y]) => `${millimetres(x)} ${millimetres(y)}`).join('L')}Z`;
  const panel = (part: Part) =>
    `  <path id="${part.key}" data-name="${escapedText(part.name)}" data-section="${baseOf(part.section)}" data-side="${part.side}" data-shape="${part.shape}" data-curve="${part.curveFactor}" data-inside="${part.insideM2.toFixed(4)}" data-beads="${part.beadM.toFixed(3)}" data-rivets="${part.rivetM.toFixed(3)}" data-seams="${part.seamM.toFixed(3)}" fill="none" stroke="black" fill-rule="evenodd" d="${[part.outline, ...part.holes].map(ring).join('')}"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="${millimetres(left)} ${millimetres(top)} ${width} ${height}">
  <title>${escapedText(title)}</title>
${parts.map(panel).join('\n')}
</svg>
`;
}
