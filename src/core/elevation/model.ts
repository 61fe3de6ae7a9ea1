import type { Ring } from '../geometry';

export const elevationViews = ['left', 'right', 'front', 'rear', 'top'] as const;
export type ElevationView = (typeof elevationViews)[number];

/** Something of an elevation: m from the left, and from the top, of its picture. */
export interface ElevationShape {
  /** A panel, a field of one, or what is not painted: wheels, glass, the ground. */
  kind: 'panel' | 'field' | 'wheel' | 'glass' | 'ground';
  /** The panel it is, or lies on; empty for what is none. */
  panel: string;
  /** Of a field: its colour. */
  colour: string | null;
  rings: Ring[];
}

/** The object from one side, to scale. */
export interface Elevation {
  view: ElevationView;
  widthM: number;
  heightM: number;
  /** From the back to the front of the picture. */
  shapes: ElevationShape[];
}
