import type { Because } from '../schedule';
import { atHandId, loudHoursId } from '../shop';
import type { StepNetwork } from '../steps';
import { closingName } from './booth-closures';
import type { PlanBecause, PlanInput } from './model';
import { limitId, limitName } from './shop-hours';

const linkPrefix = 'link ';
/** Id of a link of the network in the problem of the calendar, by its place in the list. */
export const linkId = (index: number): string => `${linkPrefix}${index}`;

/** What people, places, limits and steps of a job are called. */
export function namer({ shop, job }: PlanInput, network: StepNetwork): (id: string) => string {
  const names = new Map([
    ...shop.people.map((person) => [person.id, person.name] as const),
    ...shop.places.map((place) => [place.id, place.name] as const),
    [loudHoursId, 'Loud work'] as const,
    ...shop.people.map((person) => [atHandId(person.id), `${person.name}, at hand,`] as const),
    ...network.steps.flatMap((step) =>
      step.limits.map((limit) => [limitId(limit, step.minutes), limitName(limit)] as const),
    ),
    ...network.steps.map((step) => [step.key, `${job.number} ${step.name}`] as const),
    ...network.stays.map((stay) => [stay.key, `${job.number} ${stay.subject}`] as const),
  ]);
  return (id) => names.get(id) ?? closingName(id) ?? id;
}

/** A reason of the calendar in terms of the plan. */
export function inWords(because: Because, network: StepNetwork, name: (id: string) => string): PlanBecause {
  const linkOf = (id: string) => network.links[Number(id.slice(linkPrefix.length))];
  switch (because.kind) {
    case 'closed':
      return { kind: because.kind, who: because.resources.map(name), from: because.from, to: because.to };
    case 'resource':
      return {
        kind: 'resource',
        who: because.resources.map(name),
        holders: because.holders.map(name),
        from: because.from,
        to: because.to,
      };
    case 'window':
      return { kind: 'window', why: linkOf(because.link)?.why ?? null, from: because.from, to: because.to };
    case 'link':
      return {
        kind: 'link',
        from: because.from,
        min: because.min,
        why: linkOf(because.link)?.why ?? { code: 'order' },
      };
    case 'agreed':
    case 'not-before':
    case 'now':
      return because;
  }
}
