import type { BodyKind, Dimensions } from './body-kind';
import { rectangle, type Point } from '../geometry';
import { partFromOutline, type Part, type PartDraft, type Side } from './part';

const gap = 0.2;
const groundClearanceM = 0.35;
const wheelDiameterM = 0.85;

interface Box {
  length: number;
  width: number;
  /** Developed height of a side from sill to gutter, m. */
  girth: number;
  bays: number;
  glass: number;
}

const boxOf = (d: Dimensions): Box => ({
  length: d.length!,
  width: d.width!,
  girth: d.height! - groundClearanceM,
  bays: Math.max(3, Math.round(d.length! / 1.1)),
  glass: d.sideGlass! / 100,
});

/** Rows of a side from the sill up, as shares of its girth. */
const rows = { skirt: 0.18, body: 0.38, window: 0.36, cove: 0.08 };

const inset = (x: number, y: number, width: number, height: number, area: number): Point[] => {
  const scale = Math.sqrt(Math.min(0.92, area / (width * height)));
  const [w, h] = [width * scale, height * scale];
  return rectangle(x + (width - w) / 2, y + (height - h) / 2, w, h);
};

/** One side; the sill lies at the outer edge of the net on both sides. */
function sideParts(box: Box, side: 'left' | 'right', top: number): Part[] {
  const letter = side === 'left' ? 'L' : 'R';
  const bayM = box.length / box.bays;
  const wheelBays = new Set([1, box.bays - 2]);
  const closed = box.glass < 0.12;
  const curve = closed
    ? { curveFactor: 1.05, curveReason: 'closed side with swages' }
    : { curveFactor: 1, curveReason: 'flat between the windows' };
  let from = 0;
  const band = (share: number) => {
    const start = from;
    from += share * box.girth;
    const height = share * box.girth;
    return { height, y: side === 'right' ? top + box.girth - start - height : top + start };
  };
  const drafts: PartDraft[] = [];
  const draft = (
    code: string,
    name: string,
    i: number,
    y: number,
    height: number,
    extra: Partial<PartDraft> = {},
  ) =>
    drafts.push({
      key: `${code}${i + 1}${letter}`,
      name: `${side} ${name} ${i + 1}`,
      section: 'sides',
      side,
      outline: rectangle(i * bayM, y, bayM, height),
      shape: 'flat',
      // One joint to the next bay, up its height.
      seamM: height,
      ...curve,
      ...extra,
    });
  const bands = {
    skirt: band(rows.skirt),
    body: band(rows.body),
    window: band(rows.window),
    cove: band(rows.cove),
  };
  const glassM2 = (box.glass * box.length * box.girth) / box.bays;
  for (let i = 0; i < box.bays; i += 1) {
    if (!wheelBays.has(i)) draft('K', 'skirt', i, bands.skirt.y, bands.skirt.height);
    draft('B', 'body panel', i, bands.body.y, bands.body.height, {
      shape: closed ? 'curved' : 'beaded',
      beadM: closed ? 0 : bayM,
      insideM2: i === 0 || i === box.bays - 1 ? 0.3 : 0,
    });
    draft('W', 'window panel', i, bands.window.y, bands.window.height, {
      holes: glassM2 > 0.02 ? [inset(i * bayM, bands.window.y, bayM, bands.window.height, glassM2)] : [],
    });
    draft('C', 'cove', i, bands.cove.y, bands.cove.height, { shape: 'curved' });
  }
  return drafts.map(partFromOutline);
}

function roofParts(box: Box, top: number): Part[] {
  const count = Math.max(2, Math.round(box.length / 1.5));
  const step = box.length / count;
  return Array.from({ length: count }, (_, i) =>
    partFromOutline({
      key: `R${i + 1}`,
      name: `roof ${i + 1}`,
      section: 'roof',
      side: 'top',
      outline: rectangle(i * step, top, step, box.width),
      shape: 'curved',
      curveFactor: 1.03,
      curveReason: 'roof, crowned across',
      seamM: box.width,
    }),
  );
}

/** The ends fold out from the roof: three panels up the height, the middle one glazed. */
function endParts(box: Box, end: Extract<Side, 'front' | 'rear'>, top: number): Part[] {
  const letter = end === 'front' ? 'F' : 'E';
  const third = box.girth / 3;
  return [0, 1, 2].map((i) => {
    const x = end === 'front' ? box.length + gap + i * third : -gap - (i + 1) * third;
    const glazed = i === 1;
    return partFromOutline({
      key: `${letter}${3 - i}`,
      name: `${end} ${['upper', 'window', 'lower'][i]!}`,
      section: 'sides',
      side: end,
      outline: rectangle(x, top, third, box.width),
      holes: glazed ? [inset(x, top, third, box.width, 0.72 * third * box.width)] : [],
      shape: 'curved',
      curveFactor: 1.05,
      curveReason: 'end panel, rounded at the corners',
      seamM: box.width,
    });
  });
}

function wingParts(box: Box, count: number): Part[] {
  return Array.from({ length: count }, (_, i) => {
    const left = i % 2 === 0;
    const front = i < 2;
    const x = front ? box.length + 0.35 : -1.45;
    const y = left ? -0.1 : box.girth * 2 + box.width + gap * 2 - wheelDiameterM + 0.1;
    return partFromOutline({
      key: `G${i + 1}`,
      name: `${front ? 'front' : 'rear'} wing ${left ? 'left' : 'right'}`,
      section: 'wings',
      side: 'loose',
      outline: rectangle(x, y, 1.05, wheelDiameterM),
      shape: 'beaded',
      curveFactor: 1.25,
      curveReason: 'separate wing, double curvature',
      insideM2: 0.95,
      beadM: 2.4,
    });
  });
}

/** Coach or van: two sides in bays, a roof in panels, two ends, and wings that come off. */
export const boxBody: BodyKind = {
  key: 'box-body',
  name: 'Coach or van, box body',
  route: 'panel',
  dimensions: [
    { key: 'length', label: 'Length', unit: 'm', initial: 7.6, min: 2.5, max: 15 },
    { key: 'width', label: 'Width', unit: 'm', initial: 2.3, min: 1.2, max: 3 },
    { key: 'height', label: 'Height', unit: 'm', initial: 2.7, min: 1.2, max: 4.5 },
    { key: 'sideGlass', label: 'Glass in the sides', unit: '%', initial: 25, min: 0, max: 60 },
    { key: 'wings', label: 'Separate wings', unit: '', initial: 0, min: 0, max: 4 },
  ],
  parts: (dimensions) => {
    const box = boxOf(dimensions);
    const roofTop = box.girth + gap;
    return [
      ...sideParts(box, 'left', 0),
      ...roofParts(box, roofTop),
      ...sideParts(box, 'right', roofTop + box.width + gap),
      ...endParts(box, 'front', roofTop),
      ...endParts(box, 'rear', roofTop),
      ...wingParts(box, Math.round(dimensions.wings!)),
    ];
  },
  wheels: (dimensions) => {
    const { length, bays } = boxOf(dimensions);
    const middle = (bay: number) => ((bay + 0.5) * length) / bays;
    return [1, bays - 2].map((bay) => ({ fromFrontM: middle(bay), radiusM: wheelDiameterM / 2 }));
  },
  sections: (dimensions) => {
    const shell = {
      group: 'body',
      loose: false,
      system: 'base-clear',
      oldFinish: 'enamel',
      depth: 'bare',
    } as const;
    return [
      { ...shell, key: 'sides', name: 'Body sides and ends', substrate: 'steel' },
      { ...shell, key: 'roof', name: 'Roof', substrate: 'steel' },
      ...(dimensions.wings! >= 1
        ? [
            {
              ...shell,
              key: 'wings',
              name: 'Separate wings',
              group: 'wings',
              loose: true,
              substrate: 'steel',
            } as const,
          ]
        : []),
    ];
  },
};
