import type { Part } from './part';

export const substrates = ['steel', 'galvanised', 'aluminium', 'laminate', 'timber', 'plastic'] as const;
export type Substrate = (typeof substrates)[number];

/** One figure the user types to describe the object. */
export interface Dimension {
  key: string;
  label: string;
  unit: 'm' | '%' | '';
  initial: number;
  min: number;
  max: number;
}

export type Dimensions = Readonly<Record<string, number>>;

/** A section as a body kind proposes it; the job may change everything but the key. */
export interface SectionProposal {
  key: string;
  name: string;
  /** Sections of one group stand on one body and share its place; loose groups travel by themselves. */
  group: string;
  loose: boolean;
  substrate: Substrate;
  system: string;
  oldFinish: 'enamel' | 'one-part' | 'gelcoat' | 'none';
  depth: 'bare' | 'stable' | 'scuff';
}

export interface BodyKind {
  key: string;
  name: string;
  /** Which route of work it takes. */
  route: 'panel' | 'hull' | 'aircraft';
  dimensions: Dimension[];
  /** Names of the three main dimensions a person measures first, in order. */
  parts(dimensions: Dimensions): Part[];
  sections(dimensions: Dimensions): SectionProposal[];
  /** Where wheels stand along a side, the foremost first; none where it has none of its own. */
  wheels?(dimensions: Dimensions): Wheel[];
}

export interface Wheel {
  fromFrontM: number;
  radiusM: number;
}

/** Fills missing dimensions from the kind's own first figures. */
export function completeDimensions(kind: BodyKind, given: Dimensions): Dimensions {
  return Object.fromEntries(kind.dimensions.map((one) => [one.key, given[one.key] ?? one.initial]));
}
