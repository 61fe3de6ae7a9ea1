import { bodyKindOf } from '../vehicle';
import { addAircraftRoute } from './aircraft-route';
import { StepDraft, type StepContext } from './draft';
import { addHullRoute } from './hull-route';
import { addPanelRoute } from './panel-route';
import type { StepNetwork } from './step';

/** Room to walk and spray around a vehicle in the booth, m at each end. */
const walkRoomM = 0.75;

/**
 * From parts, survey, system and level to the network of steps, each with its minutes, needs, cautions and reasons.
 * The body kind names the route; keys of steps stay the same for the same work, so facts and pins find them again.
 */
export function buildSteps(context: StepContext): StepNetwork {
  const draft = new StepDraft(context);
  const kind = bodyKindOf(context.job.bodyKind);
  switch (kind?.route) {
    case 'panel':
      addPanelRoute(draft);
      break;
    case 'hull':
      addHullRoute(draft);
      break;
    case 'aircraft':
      addAircraftRoute(draft);
      break;
    case undefined:
      break;
  }
  checkPlaces(draft);
  return draft.network;
}

function checkPlaces(draft: StepDraft): void {
  const { shop, job } = draft.context;
  const kinds = new Set([
    ...draft.network.stays.map((stay) => stay.placeKind),
    ...draft.network.steps.flatMap((step) => step.place ?? []),
  ]);
  for (const placeKind of kinds)
    if (!shop.places.some((place) => place.kind === placeKind)) draft.warn({ code: 'no-place', placeKind });
  const booths = shop.places.filter((place) => place.kind === 'booth');
  const neededM = (job.dimensions.length ?? 0) + 2 * walkRoomM;
  const longest = Math.max(0, ...booths.map((booth) => booth.lengthM));
  const sprays = draft.network.stays.some((stay) => stay.kind === 'session');
  if (sprays && booths.length > 0 && longest < neededM)
    draft.warn({ code: 'too-long-for-booth', neededM, boothM: longest });
}
