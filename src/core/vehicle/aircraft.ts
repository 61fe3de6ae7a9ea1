import type { BodyKind, Dimensions } from './body-kind';
import { rectangle, type Point } from '../geometry';
import { partFromOutline, type Part, type PartDraft } from './part';

const gap = 0.3;
const fuselageWidthM = 1.1;

/** Girth of the fuselage at five stations, tail to cowl, as shares of the largest. */
const girthProfile = [0.28, 0.55, 0.82, 1, 0.95];

const largestGirthM = (d: Dimensions) => 1.95 * d.height!;
const chordM = (d: Dimensions) => 0.165 * d.span!;
const halfSpanM = (d: Dimensions) => (d.span! - fuselageWidthM) / 2;
const metal = { shape: 'riveted', curveFactor: 1, curveReason: 'skin between ribs, unrolls' } as const;

/** A skin with rivet lines round it and down its middle. */
const part = (draft: Omit<PartDraft, 'rivetM'>) => {
  const [[left, top], , [right, bottom]] = draft.outline as [Point, Point, Point];
  return partFromOutline({ ...draft, rivetM: 2 * (Math.abs(right - left) + Math.abs(bottom - top)) });
};

/** Four bays of the fuselage, a left and a right half unrolled from the spine; the keel is at the outer edges. */
function fuselageParts(d: Dimensions, spine: number): Part[] {
  const step = d.length! / 4;
  return (['left', 'right'] as const).flatMap((side) =>
    [0, 1, 2, 3].map((i) => {
      const grow = side === 'left' ? -1 : 1;
      const half = (at: number) => spine + grow * 0.5 * girthProfile[at]! * largestGirthM(d);
      return part({
        key: `F${i + 1}${side === 'left' ? 'L' : 'R'}`,
        name: `${side} fuselage ${i + 1}`,
        section: 'airframe',
        side,
        outline: [
          [i * step, spine],
          [(i + 1) * step, spine],
          [(i + 1) * step, half(i + 1)],
          [i * step, half(i)],
        ],
        ...metal,
        curveFactor: 1.05,
        curveReason: 'fuselage quarter, double curvature',
      });
    }),
  );
}

interface Surface {
  code: string;
  name: string;
  section: string;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Both faces of a surface, drawn side by side. */
const faces = (one: Surface): Part[] =>
  ['upper', 'lower'].map((face, i) =>
    part({
      key: `${one.code}${face === 'upper' ? 'U' : 'D'}`,
      name: `${one.name} ${face}`,
      section: one.section,
      side: 'loose',
      outline: rectangle(one.x + i * (one.width + 0.08), one.y, one.width, one.height),
      ...metal,
    }),
  );

function wingSurfaces(d: Dimensions, letter: 'L' | 'R', y: number): Surface[] {
  const side = letter === 'L' ? 'left' : 'right';
  const third = halfSpanM(d) / 3;
  return [0, 1, 2].map((i) => ({
    code: `W${i + 1}${letter}`,
    name: `${side} wing ${i + 1}`,
    section: 'wings',
    x: i * (2 * third + 0.25),
    y,
    width: third,
    height: chordM(d) * 0.8,
  }));
}

/** Control surfaces and tail, in one row under the wings. */
function controlSurfaces(d: Dimensions, y: number): Surface[] {
  const depth = chordM(d) * 0.28;
  const list: [string, string, number, number][] = [
    ['AL', 'left aileron', d.span! * 0.17, depth],
    ['AR', 'right aileron', d.span! * 0.17, depth],
    ['PL', 'left flap', d.span! * 0.19, depth],
    ['PR', 'right flap', d.span! * 0.19, depth],
    ['EL', 'elevator', d.span! * 0.28, 0.35],
    ['RD', 'rudder', d.height! * 0.45, 0.45],
  ];
  let x = 0;
  return list.map(([code, name, width, height]) => {
    const one = { code, name, section: 'controls', x, y, width: width / 2, height: height * 2 };
    x += width + 0.3;
    return one;
  });
}

/** Wing struts of a high-wing aircraft, two long narrow surfaces beneath the controls. */
const struts = (d: Dimensions, y: number): Surface[] =>
  ['left', 'right'].map((side, i) => ({
    code: `ST${i + 1}`,
    name: `${side} strut`,
    section: 'controls',
    x: i * (0.45 * d.span! + 0.4),
    y,
    width: 0.21 * d.span!,
    height: 0.12,
  }));

/** Light aircraft, wings and control surfaces off: airframe, wings and controls travel separately. */
const aircraft = (own: Pick<BodyKind, 'key' | 'name'>, strutted: boolean): BodyKind => ({
  ...own,
  route: 'aircraft',
  dimensions: [
    { key: 'length', label: 'Length', unit: 'm', initial: 6.8, min: 4, max: 14 },
    { key: 'span', label: 'Span', unit: 'm', initial: 9.2, min: 5, max: 20 },
    { key: 'height', label: 'Height', unit: 'm', initial: 2.1, min: 1.2, max: 5 },
  ],
  parts: (d) => {
    const spine = largestGirthM(d) / 2;
    const wingTop = largestGirthM(d) + gap;
    const tail: Surface = {
      code: 'TP',
      name: 'tailplane',
      section: 'airframe',
      x: d.length! + gap,
      y: spine - 0.5,
      width: d.span! * 0.3,
      height: 0.95,
    };
    const fin = { ...tail, code: 'FN', name: 'fin', y: spine + 0.75, width: d.height! * 0.45, height: 0.9 };
    const controlsTop = wingTop + 2 * chordM(d) * 0.8 + 2 * gap;
    return [
      ...fuselageParts(d, spine),
      ...faces(tail),
      ...faces(fin),
      ...wingSurfaces(d, 'L', wingTop).flatMap(faces),
      ...wingSurfaces(d, 'R', wingTop + chordM(d) * 0.8 + gap).flatMap(faces),
      ...controlSurfaces(d, controlsTop).flatMap(faces),
      ...(strutted ? struts(d, controlsTop + chordM(d) * 0.56 + 2 * gap).flatMap(faces) : []),
    ];
  },
  sections: () => {
    const skin = { substrate: 'aluminium', system: 'aircraft', oldFinish: 'enamel', depth: 'bare' } as const;
    return [
      { ...skin, key: 'airframe', name: 'Airframe', group: 'airframe', loose: false },
      { ...skin, key: 'wings', name: 'Wings', group: 'wings', loose: true },
      { ...skin, key: 'controls', name: 'Control surfaces', group: 'controls', loose: true },
    ];
  },
});

export const lowWing = aircraft({ key: 'low-wing', name: 'Low-wing light aircraft' }, false);
export const highWing = aircraft({ key: 'high-wing', name: 'High-wing light aircraft, strutted' }, true);
