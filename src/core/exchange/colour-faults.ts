import { coatSystemOf, isGroundCoat, isUpperRole, type CoatSystem, type Shelf } from '../film';
import type { Construction, Job, JobColour, KeptScheme } from '../record';
import { bodyKindOf } from '../vehicle';
import type { Fault } from './faults';

/** What a colour is held against: the shop's own systems, its shelf, and the kind of body it goes on. */
export interface ColourGround {
  systems: readonly CoatSystem[];
  shelf: Shelf;
  bodyKind: string;
}

/** Why a colour cannot have the coat system or the ground coat that it names. */
export const colourFaults = (
  colour: Partial<Pick<JobColour, 'system' | 'groundCoat'>>,
  place: string,
  ground: ColourGround,
): Fault[] => [
  ...systemFaults(colour, `${place}.system`, ground),
  ...groundCoatFaults(colour, `${place}.groundCoat`, ground),
];

/** Why a colour cannot have a product as its ground coat. */
export function groundCoatFaults(
  { groundCoat }: Partial<Pick<JobColour, 'groundCoat'>>,
  place: string,
  { shelf, bodyKind }: ColourGround,
): Fault[] {
  if (groundCoat === undefined || groundCoat === null) return [];
  const at = (reason: string): Fault[] => [{ place, reason }];
  if (bodyKindOf(bodyKind)?.route === 'hull')
    return at('a hull is laid by roller: choose an undercoat in that shade for its system');
  const product = shelf.get(groundCoat);
  if (!product) return at(`there is no product ${groundCoat} on the shelf`);
  return isGroundCoat(product) ? [] : at(`${product.name} is no sealer: it is not sprayed with the colour`);
}

function systemFaults(
  { system }: Partial<Pick<JobColour, 'system'>>,
  place: string,
  { systems, bodyKind }: ColourGround,
): Fault[] {
  if (system === undefined || system === null) return [];
  const at = (reason: string): Fault[] => [{ place, reason }];
  const known = coatSystemOf(system, systems);
  if (!known) return at(`there is no coat system ${system}`);
  const route = bodyKindOf(bodyKind)?.route;
  if (route !== undefined && known.route !== route)
    return at(`${known.name} is made for ${routes[known.route]}, and this is ${routes[route]}`);
  return known.layers.some(({ role }) => isUpperRole(role)) ? [] : at(`${known.name} has no layer of colour`);
}

const routes = { panel: 'a body of panels', hull: 'a hull', aircraft: 'an aircraft' } as const;

type Coloured = Pick<Job, 'colours'>;

/** A fault for a colour that the job does not have; null and what is not named are no colour. */
export const unknownColour = (
  { colours }: Coloured,
  key: string | null | undefined,
  place: string,
): Fault[] =>
  key === undefined || key === null || colours.some((one) => one.id === key)
    ? []
    : [{ place, reason: `there is no colour ${key} in this job` }];

const ofConstruction = (job: Coloured, { colour, shape }: Construction, place: string): Fault[] => [
  ...unknownColour(job, colour, `${place}.colour`),
  ...(shape.kind === 'band'
    ? unknownColour(job, shape.outline?.colour, `${place}.shape.outline.colour`)
    : []),
];

const ofSection = (
  job: Coloured,
  { colour, insideColour }: KeptScheme['sections'][number],
  place: string,
): Fault[] => [
  ...unknownColour(job, colour, `${place}.colour`),
  ...unknownColour(job, insideColour, `${place}.insideColour`),
];

/** Why a kept scheme would not stand by itself: a colour that it names and does not hold. */
export const keptSchemeFaults = (scheme: KeptScheme, place: string): Fault[] => [
  ...scheme.sections.flatMap((one, i) => ofSection(scheme, one, `${place}.sections[${i}]`)),
  ...scheme.constructions.flatMap((one, i) => ofConstruction(scheme, one, `${place}.constructions[${i}]`)),
];

/** Colours that a job names and does not have, each at its place. */
export const colourReferenceFaults = (job: Job): Fault[] => [
  ...job.sections.flatMap((one, i) => ofSection(job, one, `job.sections[${i}]`)),
  ...job.constructions.flatMap((one, i) => ofConstruction(job, one, `job.constructions[${i}]`)),
  ...job.looseItems.flatMap((one, i) => unknownColour(job, one.colour, `job.looseItems[${i}].colour`)),
  ...job.matchAttempts.flatMap((one, i) => unknownColour(job, one.colour, `job.matchAttempts[${i}].colour`)),
  ...job.samples.flatMap((one, i) => unknownColour(job, one.colour, `job.samples[${i}].colour`)),
  ...job.alternatives.flatMap((one, i) => [
    ...unknownColour(job, one.ifUnmatched, `job.alternatives[${i}].ifUnmatched`),
    ...keptSchemeFaults(one.scheme, `job.alternatives[${i}].scheme`),
  ]),
];
