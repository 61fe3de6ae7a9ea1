import { shapeFactor } from '../steps/labour';
import type { Part } from '../vehicle';

/**
 * The area of plain flat sheet that would take the same sanding: outside by its shape, back faces and edges as insides.
 * Says how much more there is on a body than its outline shows.
 */
export const plainAreaM2 = (parts: readonly Part[]): number =>
  parts.reduce(
    (sum, part) =>
      sum +
      part.outsideM2 * shapeFactor('surface', part.shape) +
      part.insideM2 * shapeFactor('surface', 'inside'),
    0,
  );
