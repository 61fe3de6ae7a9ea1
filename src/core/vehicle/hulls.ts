import type { BodyKind, Dimensions } from './body-kind';
import { rectangle, type Point } from '../geometry';
import { partFromOutline, type Part } from './part';

/** Height of the topsides and half girth of the bottom at five stations, stern to bow, as shares of their largest. */
const topsideProfile = [0.9, 0.9, 0.92, 0.95, 0.93];
const bottomProfile = [0.62, 0.78, 0.74, 0.55, 0.06];
const bootTopM = 0.12;
const gap = 0.35;

const freeboardM = (d: Dimensions) => 0.52 * d.depth!;
/** Half girth of the bottom amidships: the slant from waterline to keel. */
const halfGirthM = (d: Dimensions) => Math.hypot(d.beam! / 2, 0.48 * d.depth!);

type Strip = { code: string; name: string; section: string; curveFactor: number; curveReason: string };

/** A strip of four panels between stations; `grow` is +1 when it widens downward on the net, −1 upward. */
function stripParts(
  d: Dimensions,
  strip: Strip,
  side: 'left' | 'right',
  base: number,
  grow: 1 | -1,
  heights: readonly number[],
): Part[] {
  const stepM = d.length! / 4;
  const letter = side === 'left' ? 'P' : 'S';
  return [0, 1, 2, 3].map((i) => {
    const outline: Point[] = [
      [i * stepM, base],
      [(i + 1) * stepM, base],
      [(i + 1) * stepM, base + grow * heights[i + 1]!],
      [i * stepM, base + grow * heights[i]!],
    ];
    return partFromOutline({
      key: `${strip.code}${i + 1}${letter}`,
      name: `${side === 'left' ? 'port' : 'starboard'} ${strip.name} ${i + 1}`,
      section: strip.section,
      side,
      outline,
      shape: 'curved',
      curveFactor: strip.curveFactor,
      curveReason: strip.curveReason,
    });
  });
}

/** Deck in four panels a side of the middle line, narrowing to the bow, with a share cut out for the cockpit. */
const deckProfile = [0.86, 0.96, 1, 0.82, 0.12];
const cockpitShare = 0.45;

function deckParts(d: Dimensions, top: number): Part[] {
  const stepM = d.length! / 4;
  const middle = top + d.beam! / 2;
  return [0, 1, 2, 3].flatMap((i) =>
    (['left', 'right'] as const).map((side) => {
      const grow = side === 'left' ? -1 : 1;
      const half = (at: number) => middle + (grow * deckProfile[at]! * d.beam!) / 2;
      const outline: Point[] = [
        [i * stepM, middle],
        [(i + 1) * stepM, middle],
        [(i + 1) * stepM, half(i + 1)],
        [i * stepM, half(i)],
      ];
      // The two panels abaft carry the cockpit: their inner edge is an opening.
      const cockpitHalf = (deckProfile[i]! * d.beam! * cockpitShare) / 2;
      const open =
        i < 2
          ? [
              rectangle(
                i * stepM + 0.05,
                Math.min(middle, middle + grow * cockpitHalf),
                stepM - 0.1,
                cockpitHalf,
              ),
            ]
          : [];
      return partFromOutline({
        key: `D${i + 1}${side === 'left' ? 'P' : 'S'}`,
        name: `${side === 'left' ? 'port' : 'starboard'} deck ${i + 1}`,
        section: 'deck',
        side: 'top',
        outline: side === 'left' ? outline : [...outline].reverse(),
        holes: open,
        shape: 'flat',
        curveFactor: 1.03,
        curveReason: 'deck with camber and coamings',
        seamM: stepM,
      });
    }),
  );
}

/** A boat's hull: topsides above the waterline, boot-top band, bottom to the keel, transom; port above, starboard below. */
const hull = (own: Pick<BodyKind, 'key' | 'name'>, decked: boolean): BodyKind => ({
  ...own,
  route: 'hull',
  dimensions: [
    { key: 'length', label: 'Length', unit: 'm', initial: 7, min: 2, max: 16 },
    { key: 'beam', label: 'Beam', unit: 'm', initial: 2.4, min: 0.8, max: 5 },
    { key: 'depth', label: 'Height, keel to sheer', unit: 'm', initial: 1.1, min: 0.4, max: 4 },
  ],
  parts: (d) => {
    const half = halfOf(d);
    const portWaterline = freeboardM(d);
    const starboardWaterline = portWaterline + 2 * (bootTopM + halfGirthM(d)) + gap;
    const transom = partFromOutline({
      key: 'TR',
      name: 'transom',
      section: 'topsides',
      side: 'rear',
      outline: rectangle(-0.6 - d.depth! * 0.6, portWaterline + bootTopM, d.depth! * 0.6, d.beam!),
      shape: 'flat',
    });
    const deckTop = starboardWaterline + freeboardM(d) + gap;
    return [
      ...half('left', -1, portWaterline),
      ...half('right', 1, starboardWaterline),
      transom,
      ...(decked ? deckParts(d, deckTop) : []),
    ];
  },
  sections: () => hullSections(decked),
});

/** Topsides, boot-top and bottom of one half, from the waterline outwards. */
function halfOf(d: Readonly<Record<string, number>>) {
  const topside = topsideProfile.map((share) => share * freeboardM(d) - bootTopM);
  const bottom = bottomProfile.map((share) => share * halfGirthM(d));
  const boot = topsideProfile.map(() => bootTopM);
  const flat = { curveFactor: 1, curveReason: 'topsides, nearly unrollable' };
  const half = (side: 'left' | 'right', grow: 1 | -1, waterline: number) => [
    ...stripParts(
      d,
      { code: 'T', name: 'topside', section: 'topsides', ...flat },
      side,
      waterline,
      grow,
      topside,
    ),
    ...stripParts(
      d,
      { code: 'W', name: 'boot-top', section: 'boot-top', ...flat },
      side,
      waterline,
      grow === 1 ? -1 : 1,
      boot,
    ),
    ...stripParts(
      d,
      {
        code: 'B',
        name: 'bottom',
        section: 'bottom',
        curveFactor: 1.1,
        curveReason: 'bilge, double curvature',
      },
      side,
      waterline - grow * bootTopM,
      grow === 1 ? -1 : 1,
      bottom,
    ),
  ];
  return half;
}

/** What a hull is worked in: topsides, stripe, bottom, and the deck where there is one. */
function hullSections(decked: boolean) {
  const common = {
    group: 'hull',
    loose: false,
    substrate: 'laminate',
    oldFinish: 'gelcoat',
    depth: 'scuff',
  } as const;
  return [
    { ...common, key: 'topsides', name: 'Topsides', system: 'marine-two-part' },
    { ...common, key: 'boot-top', name: 'Boot-top stripe', system: 'marine-two-part' },
    { ...common, key: 'bottom', name: 'Bottom', system: 'underwater' },
    ...(decked ? [{ ...common, key: 'deck', name: 'Deck', system: 'marine-two-part' }] : []),
  ];
}

export const openHull = hull({ key: 'open-hull', name: 'Open boat hull' }, false);
export const deckedHull = hull({ key: 'decked-hull', name: 'Decked boat hull' }, true);
