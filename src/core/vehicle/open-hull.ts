import type { BodyKind, Dimensions } from './body-kind';
import { partFromOutline, rectangle, type Part, type Point } from './part';

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

/** Open boat: topsides above the waterline, boot-top band, bottom to the keel, transom; port above, starboard below. */
export const openHull: BodyKind = {
  key: 'open-hull',
  name: 'Open boat hull',
  route: 'hull',
  dimensions: [
    { key: 'length', label: 'Length', unit: 'm', initial: 7, min: 2, max: 16 },
    { key: 'beam', label: 'Beam', unit: 'm', initial: 2.4, min: 0.8, max: 5 },
    { key: 'depth', label: 'Height, keel to sheer', unit: 'm', initial: 1.1, min: 0.4, max: 4 },
  ],
  parts: (d) => {
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
    return [...half('left', -1, portWaterline), ...half('right', 1, starboardWaterline), transom];
  },
  sections: () => {
    const hull = {
      group: 'hull',
      loose: false,
      substrate: 'laminate',
      oldFinish: 'gelcoat',
      depth: 'scuff',
    } as const;
    return [
      { ...hull, key: 'topsides', name: 'Topsides', system: 'marine-two-part' },
      { ...hull, key: 'boot-top', name: 'Boot-top stripe', system: 'marine-two-part' },
      { ...hull, key: 'bottom', name: 'Bottom', system: 'underwater' },
    ];
  },
};
