import { xyzOfLab, type Lab } from './lab';
import { bandsNm, weights, type Spectrum } from './observer';

const size = bandsNm.length;

/**
 * The smoothest reflectance that has a given L*a*b* (least sum of squared steps from band to band under the three
 * tristimulus equations; Burns, "Numerical methods for smoothest reflectance reconstruction", 2020). Colours that no
 * smooth reflectance has are held between 1 and 97 %.
 */
export function smoothSpectrum(lab: Lab): Spectrum {
  const { x, y, z } = xyzOfLab(lab);
  const unknowns = size + 3;
  const matrix = Array.from({ length: unknowns }, () => new Array<number>(unknowns + 1).fill(0));
  for (let i = 0; i < size; i += 1) {
    matrix[i]![i] = i === 0 || i === size - 1 ? 2 : 4;
    if (i > 0) matrix[i]![i - 1] = -2;
    if (i < size - 1) matrix[i]![i + 1] = -2;
    for (let axis = 0; axis < 3; axis += 1) {
      matrix[i]![size + axis] = weights[i]![axis as 0 | 1 | 2];
      matrix[size + axis]![i] = weights[i]![axis as 0 | 1 | 2];
    }
  }
  [x, y, z].forEach((value, axis) => (matrix[size + axis]![unknowns] = value));
  return solve(matrix)
    .slice(0, size)
    .map((value) => Math.min(0.97, Math.max(0.01, value)));
}

/** Gauss with the largest pivot; the matrix carries its right side as the last column. */
function solve(matrix: number[][]): number[] {
  const n = matrix.length;
  for (let column = 0; column < n; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < n; row += 1)
      if (Math.abs(matrix[row]![column]!) > Math.abs(matrix[pivot]![column]!)) pivot = row;
    [matrix[column], matrix[pivot]] = [matrix[pivot]!, matrix[column]!];
    for (let row = column + 1; row < n; row += 1) {
      const factor = matrix[row]![column]! / matrix[column]![column]!;
      for (let k = column; k <= n; k += 1) matrix[row]![k]! -= factor * matrix[column]![k]!;
    }
  }
  const found = new Array<number>(n).fill(0);
  for (let row = n - 1; row >= 0; row -= 1) {
    let value = matrix[row]![n]!;
    for (let k = row + 1; k < n; k += 1) value -= matrix[row]![k]! * found[k]!;
    found[row] = value / matrix[row]![row]!;
  }
  return found;
}
