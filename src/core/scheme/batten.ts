import { toleranceM, type Point } from '../geometry';
import type { Station } from '../record';

/** A measure along a strip, m at m from the front end. */
export type Measure = (u: number) => number;

interface Pins {
  u: readonly number[];
  m: readonly number[];
}

const pinsOf = (stations: readonly Station[]): Pins => {
  const sorted = [...stations].sort((a, b) => a.atMm - b.atMm);
  return { u: sorted.map(({ atMm }) => atMm / 1000), m: sorted.map(({ mm }) => mm / 1000) };
};

/** The piece between two pins that a place lies in; the last pin begins none. */
const pieceAt = ({ u }: Pins, place: number): number => {
  const next = u.findIndex((pin) => pin > place);
  return Math.max(0, (next < 0 ? u.length : next) - 1);
};

/** Straight from station to station; before the first and after the last it stays as it is there. */
export function straightMeasure(stations: readonly Station[]): Measure {
  const pins = pinsOf(stations);
  const { u, m } = pins;
  return (place) => {
    if (place <= u[0]!) return m[0]!;
    const i = pieceAt(pins, place);
    if (i >= u.length - 1) return m.at(-1)!;
    return m[i]! + ((m[i + 1]! - m[i]!) * (place - u[i]!)) / (u[i + 1]! - u[i]!);
  };
}

/**
 * Faired through the stations as a thin batten bends round pins: the natural cubic spline, straight beyond its ends.
 * Source: de Boor, A Practical Guide to Splines (second derivatives by the tridiagonal system, zero at both ends).
 */
export function fairedMeasure(stations: readonly Station[]): Measure {
  const pins = pinsOf(stations);
  const { u, m } = pins;
  if (u.length < 3) return straightMeasure(stations);
  const bend = secondDerivatives(pins);
  const slopeAt = (i: number, share: 0 | 1): number => {
    const h = u[i + 1]! - u[i]!;
    const chord = (m[i + 1]! - m[i]!) / h;
    return share === 0
      ? chord - (h * (2 * bend[i]! + bend[i + 1]!)) / 6
      : chord + (h * (bend[i]! + 2 * bend[i + 1]!)) / 6;
  };
  const last = u.length - 1;
  return (place) => {
    if (place <= u[0]!) return m[0]! + slopeAt(0, 0) * (place - u[0]!);
    if (place >= u[last]!) return m[last]! + slopeAt(last - 1, 1) * (place - u[last]!);
    const i = pieceAt(pins, place);
    const h = u[i + 1]! - u[i]!;
    const b = (place - u[i]!) / h;
    const a = 1 - b;
    const curve = ((a ** 3 - a) * bend[i]! + (b ** 3 - b) * bend[i + 1]!) * (h ** 2 / 6);
    return a * m[i]! + b * m[i + 1]! + curve;
  };
}

/** Second derivatives at the pins by Thomas's algorithm. */
function secondDerivatives({ u, m }: Pins): number[] {
  const n = u.length;
  const bend = new Array<number>(n).fill(0);
  const carry = new Array<number>(n).fill(0);
  for (let i = 1; i < n - 1; i += 1) {
    const [before, after] = [u[i]! - u[i - 1]!, u[i + 1]! - u[i]!];
    const share = before / (before + after);
    const pivot = share * bend[i - 1]! + 2;
    const turn = (m[i + 1]! - m[i]!) / after - (m[i]! - m[i - 1]!) / before;
    bend[i] = (share - 1) / pivot;
    carry[i] = ((6 * turn) / (before + after) - share * carry[i - 1]!) / pivot;
  }
  bend[n - 1] = 0;
  for (let i = n - 2; i >= 0; i -= 1) bend[i] = bend[i]! * bend[i + 1]! + carry[i]!;
  return bend;
}

/** A curve may leave its chord by this, m: below what a tape can be laid to. */
const sagM = 0.00005;
const shortestM = 0.002;

/** A height drawn as short straight pieces between places that must be met. */
export function drawn(height: Measure, places: readonly number[], isCurved: boolean): Point[] {
  const at = (u: number): Point => [u, height(u)];
  const between = (from: Point, to: Point, deep: number): Point[] => {
    const [u, v] = at((from[0] + to[0]) / 2);
    // A bend may cancel itself in the middle: a quarter is asked as well.
    const quarter = (from[0] * 3 + to[0]) / 4;
    const off = Math.max(
      Math.abs(v - (from[1] + to[1]) / 2),
      Math.abs(height(quarter) - (from[1] * 3 + to[1]) / 4),
    );
    if (deep === 0 || to[0] - from[0] < shortestM || off <= sagM) return [];
    return [...between(from, [u, v], deep - 1), [u, v], ...between([u, v], to, deep - 1)];
  };
  const points: Point[] = [];
  for (const [i, place] of places.entries()) {
    const point = at(place);
    const last = points.at(-1);
    if (last && point[0] - last[0] < toleranceM) continue;
    if (last && isCurved && i > 0) points.push(...between(last, point, 12));
    points.push(point);
  }
  return points;
}
