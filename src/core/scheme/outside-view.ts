import type { Point } from '../geometry';
import type { Strip } from './strip';

/** Strips whose front end lies at the left for somebody who stands before them, the lower edge down. */
const frontAtLeft: ReadonlySet<string> = new Set(['left', 'top', 'rear']);

/** A strip as it is seen from outside: what is laid on it must not be its mirror image. */
export interface OutsideView {
  /** Where measures along the strip begin. */
  frontAt: 'left' | 'right';
  /** A point of the strip in the view: m from its left and from its top. */
  toView(point: Point): Point;
}

export function outsideView({
  key,
  lengthM,
  heightM,
}: Pick<Strip, 'key' | 'lengthM' | 'heightM'>): OutsideView {
  const isLeft = frontAtLeft.has(key);
  return {
    frontAt: isLeft ? 'left' : 'right',
    toView: ([u, v]) => [isLeft ? u : lengthM - u, heightM - v],
  };
}
