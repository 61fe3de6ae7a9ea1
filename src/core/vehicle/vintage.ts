import type { BodyKind, SectionProposal } from './body-kind';
import { sheetParts, type LoosePanel, type SheetBody } from './sheet-body';

/** Every panel of a separate-wing car ends in a welt or a lip that is taped: half of its outline. */
const tub = { section: 'tub', beads: 1, trim: 0.5 } as const;
const loose = { section: 'wings', trim: 0.5 } as const;
const wing = (code: string, name: string): LoosePanel => ({
  ...loose,
  code,
  name,
  lengthM: 1.15,
  widthM: 0.5,
  faces: 2,
  shape: 'beaded',
  beads: 2,
  curve: [1.25, 'separate wing, double curvature'],
});
const flat = (code: string, name: string, lengthM: number, widthM: number): LoosePanel => ({
  ...loose,
  code,
  name,
  lengthM,
  widthM,
  faces: 2,
  shape: 'flat',
  curve: [1, 'flat apron or board'],
});

const body: SheetBody = {
  arches: [],
  side: [
    {
      ...tub,
      code: 'T',
      name: 'rear quarter',
      outline: [0.1, 0, 0.32, 0, 0.32, 0.62, 0.1, 0.58],
    },
    {
      ...tub,
      code: 'D2',
      name: 'rear door',
      outline: [0.32, 0, 0.47, 0, 0.47, 0.62, 0.32, 0.62],
      inside: 0.5,
    },
    {
      ...tub,
      code: 'D1',
      name: 'front door',
      outline: [0.47, 0, 0.62, 0, 0.62, 0.6, 0.47, 0.62],
      inside: 0.5,
    },
    {
      ...tub,
      code: 'C',
      name: 'scuttle side',
      outline: [0.62, 0, 0.69, 0, 0.69, 0.58, 0.62, 0.6],
    },
    {
      ...tub,
      code: 'B',
      name: 'bonnet side',
      outline: [0.69, 0.12, 0.95, 0.14, 0.95, 0.52, 0.69, 0.58],
      shape: 'beaded',
      beads: 8,
      inside: 0.9,
    },
  ],
  middle: [
    { ...tub, code: 'RT', name: 'rear deck', from: 0.1, to: 0.24, width: 0.62 },
    { ...tub, code: 'SC', name: 'scuttle top', from: 0.62, to: 0.69, width: 0.55 },
    { ...tub, code: 'BT', name: 'bonnet top', from: 0.69, to: 0.95, width: 0.4, inside: 0.9 },
  ],
  ends: [
    { ...tub, end: 'front', code: 'RS', name: 'radiator shell', heightM: 0.5, width: 0.3 },
    { ...tub, end: 'rear', code: 'RP', name: 'rear panel', heightM: 0.55, width: 0.62 },
  ],
  loose: [
    wing('G1', 'front wing left'),
    wing('G2', 'front wing right'),
    wing('G3', 'rear wing left'),
    wing('G4', 'rear wing right'),
    flat('RB1', 'running board left', 1.2, 0.26),
    flat('RB2', 'running board right', 1.2, 0.26),
    flat('AP1', 'front apron', 1, 0.22),
    flat('AP2', 'rear apron', 1.1, 0.24),
    flat('VL1', 'valance left', 1.3, 0.16),
    flat('VL2', 'valance right', 1.3, 0.16),
  ],
};

/** Open vintage car: a tub with bonnet, four separate wings, boards and aprons painted on both faces. */
export const vintage: BodyKind = {
  key: 'vintage',
  name: 'Vintage car, separate wings',
  route: 'panel',
  dimensions: [
    { key: 'length', label: 'Length', unit: 'm', initial: 4.2, min: 2.5, max: 6 },
    { key: 'width', label: 'Width over wings', unit: 'm', initial: 1.65, min: 1.1, max: 2.1 },
    { key: 'height', label: 'Height of the body sides', unit: 'm', initial: 1.25, min: 0.8, max: 2 },
  ],
  parts: (d) => sheetParts(body, { lengthM: d.length!, widthM: d.width!, girthM: d.height! }),
  // Its wings stand apart from the body: no arch says where the wheels are.
  wheels: (d) => [0.14, 0.82].map((share) => ({ fromFrontM: share * d.length!, radiusM: 0.35 })),
  sections: () => {
    const steel: Omit<SectionProposal, 'key' | 'name' | 'group' | 'loose'> = {
      substrate: 'steel',
      system: 'single-stage',
      oldFinish: 'enamel',
      depth: 'bare',
    };
    return [
      { ...steel, key: 'tub', name: 'Body tub and bonnet', group: 'body', loose: false },
      { ...steel, key: 'wings', name: 'Wings, boards and aprons', group: 'wings', loose: true },
    ];
  },
};
