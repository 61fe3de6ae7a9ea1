import { boundsOf, cutByLine, figureAreaM2, mirrored, rectangle, type Figure, type Point } from '../geometry';
import { ownPartOf, type OwnPart } from '../record';
import { partFromOutline, type Part, type Shape, type Side } from '../vehicle';

/** A key of at most 20 letters that is not taken: the wanted one, or with a number behind it. */
export function freeKey(wanted: string, taken: ReadonlySet<string>): string {
  const base = wanted.slice(0, 17);
  if (!taken.has(base)) return base;
  for (let i = 2; ; i += 1) if (!taken.has(`${base}${i}`)) return `${base}${i}`;
}

/**
 * Cuts a part in two along a straight line at a measured distance from its left edge (across) or top edge (along).
 * Inside area, beads, rivets and seams go with the outline's area; trim is taken anew.
 * @returns the two parts, or null where the line misses the part
 */
export function splitPart(
  part: Part,
  how: 'across' | 'along',
  offsetM: number,
  taken: ReadonlySet<string>,
): [OwnPart, OwnPart] | null {
  const { left, right, top, bottom } = boundsOf(part.outline);
  const [from, to]: [Point, Point] =
    how === 'across'
      ? [
          [left + offsetM, bottom],
          [left + offsetM, top],
        ]
      : [
          [left, top + offsetM],
          [right, top + offsetM],
        ];
  const { left: one, right: other } = cutByLine(part, from, to);
  if (one.length !== 1 || other.length !== 1) return null;
  const halves = [one[0]!, other[0]!].sort(
    (a, b) =>
      boundsOf(a.outline)[how === 'across' ? 'left' : 'top'] -
      boundsOf(b.outline)[how === 'across' ? 'left' : 'top'],
  );
  const whole = figureAreaM2(part) * part.curveFactor;
  const first = freeKey(`${part.key}a`, taken);
  const second = freeKey(`${part.key}b`, new Set([...taken, first]));
  const piece = (key: string, figure: Figure, nth: number): OwnPart => {
    const { section, side, shape, curveFactor, curveReason } = part;
    const name = `${part.name}, ${nth} of 2`;
    const made = partFromOutline({ key, name, section, side, shape, curveFactor, curveReason, ...figure });
    const share = whole > 0 ? made.outsideM2 / whole : 0.5;
    return ownPartOf({
      ...made,
      insideM2: part.insideM2 * share,
      beadM: part.beadM * share,
      rivetM: part.rivetM * share,
      seamM: part.seamM * share,
    });
  };
  return [piece(first, halves[0]!, 1), piece(second, halves[1]!, 2)];
}

const otherSide: Partial<Record<Side, Side>> = { left: 'right', right: 'left' };
const otherKey = (key: string): string =>
  key.endsWith('L')
    ? `${key.slice(0, -1)}R`
    : key.endsWith('R')
      ? `${key.slice(0, -1)}L`
      : key.endsWith('P')
        ? `${key.slice(0, -1)}S`
        : key.endsWith('S')
          ? `${key.slice(0, -1)}P`
          : `${key}m`;
const otherName = (name: string): string =>
  name.replace(/\b(left|right|port|starboard)\b/, (word) => {
    const swap: Record<string, string> = {
      left: 'right',
      right: 'left',
      port: 'starboard',
      starboard: 'port',
    };
    return swap[word]!;
  });

/** The same part on the other side, mirrored about the middle line of the net. */
export function mirrorPart(part: Part, net: readonly Part[], taken: ReadonlySet<string>): OwnPart {
  const { top, bottom } = boundsOf(net.flatMap((one) => one.outline));
  const axis = (top + bottom) / 2;
  return ownPartOf({
    ...part,
    key: freeKey(otherKey(part.key), taken),
    name: otherName(part.name) === part.name ? `${part.name}, mirrored` : otherName(part.name),
    side: otherSide[part.side] ?? part.side,
    outline: mirrored(part.outline, axis),
    holes: part.holes.map((hole) => mirrored(hole, axis)),
  });
}

/** Share of length × width that the wheel openings leave of a floor. */
const floorShare = 0.9;

/** The floor seen from below, by the body's own measures: painted as insides are, hidden once it stands on its wheels. */
export const undersidePart = (
  { length = 0, width = 0 }: Readonly<Record<string, number>>,
  section: string,
  net: readonly Part[],
  taken: ReadonlySet<string>,
): OwnPart => ({
  ...addedPart(
    {
      key: freeKey('U1', taken),
      name: 'underside',
      section,
      lengthM: length,
      widthM: width * floorShare,
      shape: 'beaded',
    },
    net,
  ),
  side: 'bottom',
  curveReason: 'length × width less a tenth for the wheels',
});

/** A plain rectangular part, laid beneath the net. */
export function addedPart(
  given: { key: string; name: string; section: string; lengthM: number; widthM: number; shape: Shape },
  net: readonly Part[],
): OwnPart {
  const { left, bottom } = boundsOf(net.flatMap((one) => one.outline));
  return ownPartOf(
    partFromOutline({
      key: given.key,
      name: given.name,
      section: given.section,
      side: 'loose',
      outline: rectangle(left, bottom + (net.length > 0 ? 0.25 : 0), given.lengthM, given.widthM),
      shape: given.shape,
      curveReason: 'measured flat',
    }),
  );
}
