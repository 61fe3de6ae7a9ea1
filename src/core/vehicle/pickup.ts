import type { BodyKind } from './body-kind';
import { carDimensions, carSections, closure, door, shell, sizeOf, steelSection } from './cars';
import { sheetParts, wheelsOf, type LoosePanel, type SheetBody } from './sheet-body';

const flare = (code: string, name: string): LoosePanel => ({
  section: 'flares',
  code,
  name,
  lengthM: 1.05,
  widthM: 0.24,
  faces: 2,
  curve: [1.25, 'pressed flare, double curvature'],
});

const pickupBody: SheetBody = {
  arches: [
    { x: 0.22, radiusM: 0.42 },
    { x: 0.8, radiusM: 0.42 },
  ],
  side: [
    {
      ...shell,
      code: 'S',
      name: 'sill',
      outline: [0.36, 0, 0.69, 0, 0.69, 0.13, 0.36, 0.13],
      inside: 0.3,
    },
    {
      ...shell,
      code: 'B',
      name: 'bed side',
      outline: [0, 0.16, 0.08, 0.13, 0.4, 0.13, 0.4, 0.62, 0, 0.62],
      inside: 0.85,
      beads: 1,
    },
    {
      ...shell,
      code: 'P',
      name: 'cab corner',
      outline: [0.4, 0.13, 0.45, 0.13, 0.45, 0.95, 0.4, 0.95],
    },
    door(
      'D1',
      'door',
      [0.45, 0.13, 0.68, 0.13, 0.68, 0.62, 0.61, 0.95, 0.45, 0.95],
      [0.47, 0.64, 0.66, 0.64, 0.605, 0.91, 0.47, 0.91],
    ),
    {
      ...shell,
      code: 'A',
      name: 'screen pillar',
      outline: [0.68, 0.62, 0.72, 0.62, 0.64, 0.95, 0.61, 0.95],
    },
    {
      ...shell,
      code: 'G',
      name: 'roof rail',
      outline: [0.4, 0.95, 0.64, 0.95, 0.62, 1, 0.4, 1],
    },
    {
      ...shell,
      code: 'W',
      name: 'front wing',
      outline: [0.68, 0.13, 0.93, 0.13, 1, 0.2, 1, 0.58, 0.68, 0.62],
      inside: 0.25,
      beads: 1,
    },
  ],
  middle: [
    {
      ...shell,
      code: 'BF',
      name: 'bed floor and inner front',
      from: 0.02,
      to: 0.39,
      width: 0.78,
      shape: 'beaded',
      beads: 6,
    },
    { ...shell, code: 'RF', name: 'roof', from: 0.41, to: 0.61, width: 0.78 },
    { ...closure, code: 'BN', name: 'bonnet', from: 0.7, to: 0.97, width: 0.86, inside: 0.9 },
  ],
  ends: [
    { ...shell, end: 'front', code: 'FP', name: 'front panel', heightM: 0.45, width: 0.95 },
    { ...shell, end: 'front', code: 'FB', name: 'front bumper', heightM: 0.3, width: 1 },
    { ...closure, end: 'rear', code: 'TG', name: 'tailgate', heightM: 0.55, width: 0.85, inside: 1 },
    { ...shell, end: 'rear', code: 'RW', name: 'cab rear wall', heightM: 0.8, width: 0.8, glass: 0.3 },
  ],
  loose: [
    flare('FL1', 'flare front left'),
    flare('FL2', 'flare rear left'),
    flare('FL3', 'flare front right'),
    flare('FL4', 'flare rear right'),
  ],
};

/** Pickup or 4x4 with flares that come off. */
export const pickup: BodyKind = {
  key: 'pickup',
  name: 'Pickup or 4x4, loose flares',
  route: 'panel',
  dimensions: carDimensions(4.9, 1.85, 1.85),
  parts: (d) => sheetParts(pickupBody, sizeOf(d)),
  wheels: (d) => wheelsOf(pickupBody, d.length!),
  sections: () => [
    ...carSections(),
    steelSection('flares', 'Flares', {
      group: 'flares',
      loose: true,
      substrate: 'plastic',
      depth: 'scuff',
      system: 'plastic-base-clear',
    }),
  ],
};
