import type { BodyKind, SectionProposal } from './body-kind';
import { sheetParts, wheelsOf, type LoosePanel, type SheetBody } from './sheet-body';

const cab = { section: 'cab', shape: 'riveted', seams: 0.5 } as const;
const off = (code: string, name: string, lengthM: number, widthM: number, section = 'tanks'): LoosePanel => ({
  section,
  code,
  name,
  lengthM,
  widthM,
  faces: 1,
  shape: 'curved',
  curve: [1.05, 'rolled round, ends closed'],
});

const body: SheetBody = {
  arches: [{ x: 0.78, radiusM: 0.55 }],
  side: [
    {
      ...cab,
      code: 'SL',
      name: 'sleeper, lower',
      outline: [0.02, 0, 0.46, 0, 0.46, 0.48, 0.02, 0.48],
      beads: 2,
    },
    {
      ...cab,
      code: 'SU',
      name: 'sleeper, upper',
      outline: [0.02, 0.48, 0.46, 0.48, 0.46, 1, 0.02, 1],
      glass: [0.14, 0.62, 0.3, 0.62, 0.3, 0.74, 0.14, 0.74],
      beads: 2,
    },
    {
      ...cab,
      code: 'D1',
      name: 'door',
      outline: [0.46, 0.16, 0.86, 0.16, 0.86, 0.86, 0.46, 0.86],
      glass: [0.5, 0.52, 0.83, 0.52, 0.8, 0.82, 0.5, 0.82],
      inside: 0.4,
    },
    {
      ...cab,
      code: 'ST',
      name: 'step panel',
      outline: [0.46, 0, 1, 0, 1, 0.16, 0.46, 0.16],
    },
    {
      ...cab,
      code: 'CP',
      name: 'front corner',
      outline: [0.86, 0.16, 1, 0.16, 1, 0.86, 0.86, 0.86],
      curve: [1.1, 'rounded corner'],
    },
    {
      ...cab,
      code: 'RG',
      name: 'roof rail',
      outline: [0.46, 0.86, 1, 0.86, 0.97, 1, 0.46, 1],
    },
  ],
  middle: [
    { ...cab, code: 'R2', name: 'roof, rear', from: 0.02, to: 0.46, width: 0.92 },
    { ...cab, code: 'R1', name: 'roof, front', from: 0.46, to: 0.96, width: 0.92 },
  ],
  ends: [
    { ...cab, end: 'front', code: 'F1', name: 'front, above the screen', heightM: 0.35, width: 0.92 },
    { ...cab, end: 'front', code: 'F2', name: 'screen surround', heightM: 0.95, width: 1, glass: 0.72 },
    { ...cab, end: 'front', code: 'F3', name: 'front panel', heightM: 0.75, width: 1, beads: 3 },
    { ...cab, end: 'front', code: 'F4', name: 'bumper', heightM: 0.45, width: 1 },
    { ...cab, end: 'rear', code: 'E1', name: 'rear wall, upper', heightM: 1.2, width: 0.94, beads: 3 },
    { ...cab, end: 'rear', code: 'E2', name: 'rear wall, lower', heightM: 1, width: 0.94, beads: 3 },
  ],
  loose: [
    off('DF', 'roof deflector', 2.1, 0.9, 'fairings'),
    off('SF1', 'side fairing left', 1.5, 0.7, 'fairings'),
    off('SF2', 'side fairing right', 1.5, 0.7, 'fairings'),
    off('TK1', 'tank left', 1.5, 2.2),
    off('TK2', 'tank right', 1.2, 2.2),
    off('MG1', 'rear mudguard left', 1.3, 0.7, 'fairings'),
    off('MG2', 'rear mudguard right', 1.3, 0.7, 'fairings'),
  ],
};

/** Cab-forward tractor unit with sleeper: cab, fairings and tanks; the chassis stays as it is. */
export const tractorUnit: BodyKind = {
  key: 'tractor-unit',
  name: 'Tractor unit, cab forward, with sleeper',
  route: 'panel',
  dimensions: [
    { key: 'length', label: 'Length of the cab', unit: 'm', initial: 2.3, min: 1.5, max: 3.5 },
    { key: 'width', label: 'Width', unit: 'm', initial: 2.45, min: 2, max: 2.6 },
    { key: 'height', label: 'Height of the cab', unit: 'm', initial: 2.6, min: 1.8, max: 3.4 },
  ],
  parts: (d) => sheetParts(body, { lengthM: d.length!, widthM: d.width!, girthM: d.height! }),
  wheels: (d) => wheelsOf(body, d.length!),
  sections: () => {
    const common: Omit<SectionProposal, 'key' | 'name' | 'group' | 'loose' | 'substrate'> = {
      system: 'base-clear',
      oldFinish: 'enamel',
      depth: 'stable',
    };
    return [
      { ...common, key: 'cab', name: 'Cab', group: 'cab', loose: false, substrate: 'steel' },
      {
        ...common,
        key: 'fairings',
        name: 'Deflector and fairings',
        group: 'loose',
        loose: true,
        substrate: 'laminate',
      },
      { ...common, key: 'tanks', name: 'Tanks', group: 'loose', loose: true, substrate: 'aluminium' },
    ];
  },
};
