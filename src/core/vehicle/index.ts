import { boxBody } from './box-body';
import { lowWing } from './low-wing';
import { openHull } from './open-hull';
import type { BodyKind } from './body-kind';

export * from './body-kind';
export * from './part';

export const bodyKinds: readonly BodyKind[] = [boxBody, openHull, lowWing];

/** @returns the body kind of that key, or undefined */
export const bodyKindOf = (key: string): BodyKind | undefined => bodyKinds.find((kind) => kind.key === key);
