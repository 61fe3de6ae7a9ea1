import type { Operation } from '../operation';
import { boothWork } from './booth';
import { fillerAndBuild } from './filler-build';
import { finishWork } from './finish';
import { inspections } from './inspections';
import { handWork } from './by-hand';
import { hullWork } from './hull';
import { maskAndColour } from './mask-colour';
import { maskFields } from './mask-fields';
import { maskOpenings } from './mask-openings';
import { metalWork } from './metal';
import { refitWork } from './refit';
import { stripWork } from './strip';
import { surveyWork } from './survey';

/**
 * The operation catalogue: person-minutes before shape and learned factors, the trade's labour anchors where it has
 * them and our own working defaults elsewhere. The shop's own entry replaces any; the order is that of the work.
 */
export const catalogue: readonly Operation[] = [
  ...surveyWork,
  ...stripWork,
  ...metalWork,
  ...fillerAndBuild,
  ...maskOpenings,
  ...maskAndColour,
  ...maskFields,
  ...boothWork,
  ...finishWork,
  ...refitWork,
  ...hullWork,
  ...inspections,
  ...handWork,
];

export type Catalogue = ReadonlyMap<string, Operation>;

const standard: Catalogue = new Map(catalogue.map((one) => [one.code, one]));

/** The catalogue with the shop's own and changed entries in it; a changed entry keeps its place in the order. */
export const catalogueWith = (own: readonly Operation[]): Catalogue =>
  own.length === 0
    ? standard
    : new Map([...standard, ...own.map((one) => [one.code, withRoles(one)] as const)]);

/** An entry that was changed before entries had roles, or limits of air, keeps those of the entry it was. */
function withRoles(one: Operation): Operation {
  const was = standard.get(one.code);
  const saysAir = 'leastC' in one && 'mostC' in one;
  return {
    ...one,
    does: one.does.length > 0 ? one.does : (was?.does ?? []),
    leastC: saysAir ? one.leastC : (was?.leastC ?? null),
    mostC: saysAir ? one.mostC : (was?.mostC ?? null),
  };
}

/** @throws Error for a code that is not in the catalogue: our own bug. */
export function operationIn(entries: Catalogue, code: string): Operation {
  const found = entries.get(code);
  if (!found) throw new Error(`no such operation: ${code}`);
  return found;
}

/** An entry of the standard catalogue. */
export const operationOf = (code: string): Operation => operationIn(standard, code);
