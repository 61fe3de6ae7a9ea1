/** A measure along a strip: `atMm` from its front end, `mm` there. */
export interface Station {
  atMm: number;
  mm: number;
}

/** What heights are measured from: the level of the lowest point, an edge of the strip, or an edge of a row of panels. */
export const datums = ['base', 'lower', 'upper', 'panel-lower', 'panel-upper'] as const;
export type Datum = (typeof datums)[number];

/** Straight from station to station, or faired through them as a batten bends round its pins. */
export const fairings = ['straight', 'faired'] as const;

/** A line as it is laid out on the object: heights at stations, upwards from something that can be found there. */
export interface LaidLine {
  datum: Datum;
  /** A panel of the row whose edge is meant; empty where the datum names no panel. */
  panel: string;
  fairing: (typeof fairings)[number];
  stations: Station[];
}

export const bandEnds = ['square', 'mitred', 'rounded'] as const;
export const bandLies = ['centred', 'above', 'below'] as const;
export const outlineSides = ['both', 'above', 'below'] as const;

/** A fine line along the edges of a band, laid on its outside. */
export interface BandOutline {
  colour: string;
  widthMm: number;
  sides: (typeof outlineSides)[number];
}

/** Everything on one side of a line. */
export interface FieldShape {
  kind: 'field';
  line: LaidLine;
  side: 'above' | 'below';
}

/** A line with width; the width may change from station to station. */
export interface BandShape {
  kind: 'band';
  line: LaidLine;
  widths: Station[];
  lies: (typeof bandLies)[number];
  /** Where it begins and ends, from the front end of its strip; null for the end of the strip. */
  fromMm: number | null;
  toMm: number | null;
  ends: (typeof bandEnds)[number];
  outline: BandOutline | null;
}

/** Stripes above each other, from a line upwards: widths with the gaps between them. */
export interface StripesShape {
  kind: 'stripes';
  line: LaidLine;
  widthsMm: number[];
  gapsMm: number[];
}

/** A box for a number or lettering: one figure a letter, or the whole of it where no letters are named. */
export interface BoxShape {
  kind: 'box';
  line: LaidLine;
  /** Its front edge, from the front end of the strip. */
  atMm: number;
  lengthMm: number;
  heightMm: number;
  letters: string;
}

export type ConstructionShape = FieldShape | BandShape | StripesShape | BoxShape;
export type ConstructionKind = ConstructionShape['kind'];

/** Strips of a panel layout that constructions lie on; a loose piece is named by its panel. */
export const strips = ['left', 'right', 'both', 'top', 'front', 'rear'] as const;

/** No construction has more stations, no set more stripes, no box more letters than this. */
export const mostStations = 60;
export const mostStripes = 40;
export const mostLetters = 24;
