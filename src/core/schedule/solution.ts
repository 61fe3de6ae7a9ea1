import type { Figures } from './value';

/** A plan for every step, with what it was placed from. */
export interface Solution {
  aims: number[];
  figures: Figures;
  start: Float64Array;
  end: Float64Array;
  choice: Int32Array;
  holdResource: Int32Array;
  delay: Float64Array;
}
