import { boundsOf } from '../geometry';
import type { Part, Side } from '../vehicle';

/** Who works where on one step: a run of panels on one side, so that nobody stands in another's dust or reach. */
export interface CrewZone {
  person: string;
  parts: string[];
  areaM2: number;
  /** Sides the panels lie on, and whether low or high on them. */
  where: string;
}

const sideWords: Record<Side, string> = {
  left: 'left side',
  right: 'right side',
  top: 'top',
  bottom: 'underside',
  front: 'front',
  rear: 'rear',
  loose: 'loose parts',
};
const sideOrder: readonly Side[] = ['left', 'front', 'right', 'rear', 'top', 'bottom', 'loose'];

/**
 * Splits the panels of a step among its crew: round the vehicle side by side and along each side, so that neighbours stay
 * with one person, cut where each has an even share of the area. On a side that two share the cut lies along its length,
 * not one above the other: nobody works under somebody.
 */
export function crewZones(
  parts: readonly Pick<Part, 'key' | 'side' | 'outline' | 'outsideM2'>[],
  people: readonly string[],
): CrewZone[] {
  if (people.length < 2 || parts.length < people.length) return [];
  const along = (part: (typeof parts)[number]) => {
    const { left, right } = boundsOf(part.outline);
    return (left + right) / 2;
  };
  const ordered = [...parts].sort(
    (a, b) =>
      sideOrder.indexOf(a.side) - sideOrder.indexOf(b.side) ||
      along(a) - along(b) ||
      a.key.localeCompare(b.key),
  );
  const whole = ordered.reduce((sum, part) => sum + part.outsideM2, 0);
  const zones = people.map((person): CrewZone & { sides: Set<Side> } => ({
    person,
    parts: [],
    areaM2: 0,
    where: '',
    sides: new Set<Side>(),
  }));
  let done = 0;
  ordered.forEach((part, i) => {
    // The middle of the panel decides whose share it falls in; the last panels are kept for who has none yet.
    const share = whole > 0 ? (done + part.outsideM2 / 2) / whole : i / ordered.length;
    const zone = zones[Math.min(people.length - 1, Math.floor(share * people.length))]!;
    zone.parts.push(part.key);
    zone.areaM2 += part.outsideM2;
    zone.sides.add(part.side);
    done += part.outsideM2;
  });
  return zones.map(({ sides, ...zone }) => ({
    ...zone,
    where: [...sides].map((side) => sideWords[side]).join(', '),
  }));
}
