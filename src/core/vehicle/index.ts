import { highWing, lowWing } from './aircraft';
import type { BodyKind } from './body-kind';
import { boxBody } from './box-body';
import { coupe, estate, saloon } from './cars';
import { deckedHull, openHull } from './hulls';
import { pickup } from './pickup';
import { looseList } from './loose-parts';
import { tractorUnit } from './tractor-unit';
import { vintage } from './vintage';

export type { Point } from '../geometry';
export * from './body-kind';
export * from './neighbours';
export * from './part';

export const bodyKinds: readonly BodyKind[] = [
  boxBody,
  saloon,
  coupe,
  estate,
  pickup,
  vintage,
  tractorUnit,
  openHull,
  deckedHull,
  lowWing,
  highWing,
  looseList,
];

/** @returns the body kind of that key, or undefined */
export const bodyKindOf = (key: string): BodyKind | undefined => bodyKinds.find((kind) => kind.key === key);
