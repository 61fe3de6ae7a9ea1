import type { BodyKind, Dimension, Dimensions, SectionProposal } from './body-kind';
import { sheetParts, wheelsOf, type SheetBody, type SidePanel } from './sheet-body';

export const shell = { section: 'shell' } as const;
export const closure = { section: 'closures', inside: 0.45, beads: 1 } as const;

export const steelSection = (
  key: string,
  name: string,
  more: Partial<SectionProposal> = {},
): SectionProposal => ({
  key,
  name,
  group: 'body',
  loose: false,
  substrate: 'steel',
  system: 'base-clear',
  oldFinish: 'enamel',
  depth: 'bare',
  ...more,
});
export const carSections = () => [
  steelSection('shell', 'Body shell'),
  steelSection('closures', 'Doors, bonnet and lids'),
];

export const carDimensions = (length: number, width: number, height: number): Dimension[] => [
  { key: 'length', label: 'Length', unit: 'm', initial: length, min: 2.4, max: 6.5 },
  { key: 'width', label: 'Width', unit: 'm', initial: width, min: 1.2, max: 2.3 },
  { key: 'height', label: 'Height', unit: 'm', initial: height, min: 1, max: 2.4 },
];

const groundClearanceM = 0.18;
/** A tape from the sill over the turned-out side to the gutter is a little longer than the height. */
const tumblehome = 1.05;
export const sizeOf = (d: Dimensions) => ({
  lengthM: d.length!,
  widthM: d.width!,
  girthM: (d.height! - groundClearanceM) * tumblehome,
});

/** Sill, rear quarter, front wing: what every closed car has along its side, around the doors from `a` to `b`. */
const lowerSide = (a: number, b: number): SidePanel[] => [
  {
    ...shell,
    code: 'S',
    name: 'sill',
    outline: [0.3, 0, 0.7, 0, 0.7, 0.13, 0.3, 0.13],
    inside: 0.3,
  },
  {
    ...shell,
    code: 'Q',
    name: 'rear quarter',
    outline: [0, 0.2, 0.1, 0.13, a, 0.13, a, 0.62, 0, 0.58],
    inside: 0.15,
    beads: 1,
  },
  {
    ...shell,
    code: 'W',
    name: 'front wing',
    outline: [b, 0.13, 0.9, 0.13, 1, 0.2, 1, 0.5, b, 0.62],
    inside: 0.2,
    beads: 1,
  },
];
const arches = [
  { x: 0.19, radiusM: 0.33 },
  { x: 0.81, radiusM: 0.33 },
];
export const door = (
  code: string,
  name: string,
  outline: SidePanel['outline'],
  glass: SidePanel['outline'],
): SidePanel => ({
  ...closure,
  code,
  name,
  outline,
  glass,
});

const saloonBody: SheetBody = {
  arches,
  side: [
    ...lowerSide(0.3, 0.68),
    door(
      'D2',
      'rear door',
      [0.3, 0.13, 0.48, 0.13, 0.48, 0.95, 0.34, 0.95, 0.3, 0.62],
      [0.33, 0.64, 0.465, 0.64, 0.465, 0.91, 0.36, 0.91],
    ),
    door(
      'D1',
      'front door',
      [0.48, 0.13, 0.68, 0.13, 0.68, 0.62, 0.6, 0.95, 0.48, 0.95],
      [0.495, 0.64, 0.66, 0.64, 0.595, 0.91, 0.495, 0.91],
    ),
    {
      ...shell,
      code: 'P',
      name: 'rear pillar',
      outline: [0.17, 0.608, 0.3, 0.62, 0.34, 0.95, 0.27, 0.95],
    },
    {
      ...shell,
      code: 'A',
      name: 'screen pillar',
      outline: [0.68, 0.62, 0.72, 0.605, 0.63, 0.95, 0.6, 0.95],
    },
    {
      ...shell,
      code: 'G',
      name: 'roof rail',
      outline: [0.27, 0.95, 0.63, 0.95, 0.61, 1, 0.29, 1],
    },
  ],
  middle: [
    { ...closure, code: 'LB', name: 'boot lid', from: 0.01, to: 0.16, width: 0.8, inside: 0.9 },
    { ...shell, code: 'RF', name: 'roof', from: 0.29, to: 0.6, width: 0.76 },
    { ...closure, code: 'BN', name: 'bonnet', from: 0.7, to: 0.97, width: 0.84, inside: 0.9 },
  ],
  ends: [
    { ...shell, end: 'front', code: 'FP', name: 'front panel', heightM: 0.35, width: 0.9 },
    { ...shell, end: 'front', code: 'FB', name: 'front bumper cover', heightM: 0.32, width: 1 },
    { ...shell, end: 'rear', code: 'RP', name: 'rear panel', heightM: 0.4, width: 0.9 },
    { ...shell, end: 'rear', code: 'RB', name: 'rear bumper cover', heightM: 0.32, width: 1 },
  ],
  loose: [],
};

/** Three-box car: four doors, boot lid. */
export const saloon: BodyKind = {
  key: 'saloon',
  name: 'Car, three boxes',
  route: 'panel',
  dimensions: carDimensions(4.4, 1.72, 1.42),
  parts: (d) => sheetParts(saloonBody, sizeOf(d)),
  wheels: (d) => wheelsOf(saloonBody, d.length!),
  sections: carSections,
};

const coupeBody: SheetBody = {
  ...saloonBody,
  side: [
    ...lowerSide(0.36, 0.68),
    door(
      'D1',
      'door',
      [0.36, 0.13, 0.68, 0.13, 0.68, 0.62, 0.59, 0.95, 0.4, 0.95, 0.36, 0.62],
      [0.39, 0.64, 0.66, 0.64, 0.585, 0.91, 0.42, 0.91],
    ),
    {
      ...shell,
      code: 'P',
      name: 'rear pillar',
      outline: [0.15, 0.6, 0.36, 0.62, 0.4, 0.95, 0.32, 0.95],
    },
    {
      ...shell,
      code: 'A',
      name: 'screen pillar',
      outline: [0.68, 0.62, 0.72, 0.605, 0.62, 0.95, 0.59, 0.95],
    },
    {
      ...shell,
      code: 'G',
      name: 'roof rail',
      outline: [0.32, 0.95, 0.62, 0.95, 0.6, 1, 0.34, 1],
    },
  ],
  middle: [
    { ...closure, code: 'LB', name: 'boot lid', from: 0.01, to: 0.17, width: 0.8, inside: 0.9 },
    { ...shell, code: 'RF', name: 'roof', from: 0.34, to: 0.59, width: 0.76 },
    { ...closure, code: 'BN', name: 'bonnet', from: 0.69, to: 0.97, width: 0.84, inside: 0.9 },
  ],
};

/** Two-door car. */
export const coupe: BodyKind = {
  ...saloon,
  key: 'coupe',
  name: 'Car, two doors',
  dimensions: carDimensions(4.2, 1.68, 1.3),
  parts: (d) => sheetParts(coupeBody, sizeOf(d)),
  wheels: (d) => wheelsOf(coupeBody, d.length!),
};

const estateBody: SheetBody = {
  ...saloonBody,
  side: [
    ...saloonBody.side.filter((panel) => ['S', 'Q', 'W', 'D1', 'D2', 'A'].includes(panel.code)),
    {
      ...shell,
      code: 'P',
      name: 'side over the wheel',
      outline: [0, 0.58, 0.3, 0.62, 0.34, 0.95, 0.04, 0.95],
      glass: [0.05, 0.65, 0.28, 0.66, 0.315, 0.91, 0.075, 0.91],
    },
    {
      ...shell,
      code: 'G',
      name: 'roof rail',
      outline: [0.04, 0.95, 0.63, 0.95, 0.61, 1, 0.05, 1],
    },
  ],
  middle: [
    { ...shell, code: 'R2', name: 'roof, rear', from: 0.05, to: 0.34, width: 0.8, beads: 3 },
    { ...shell, code: 'R1', name: 'roof, front', from: 0.34, to: 0.6, width: 0.8, beads: 3 },
    { ...closure, code: 'BN', name: 'bonnet', from: 0.7, to: 0.97, width: 0.84, inside: 0.9 },
  ],
  ends: [
    ...saloonBody.ends.filter((panel) => panel.end === 'front'),
    {
      ...closure,
      end: 'rear',
      code: 'TG',
      name: 'tailgate',
      heightM: 0.95,
      width: 0.85,
      glass: 0.35,
      inside: 0.6,
    },
    { ...shell, end: 'rear', code: 'RB', name: 'rear bumper cover', heightM: 0.32, width: 1 },
  ],
};

/** Estate car. A closed van is the box body. */
export const estate: BodyKind = {
  ...saloon,
  key: 'estate',
  name: 'Estate car',
  dimensions: carDimensions(4.8, 1.82, 1.75),
  parts: (d) => sheetParts(estateBody, sizeOf(d)),
  wheels: (d) => wheelsOf(estateBody, d.length!),
};
