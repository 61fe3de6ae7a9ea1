import type { Level } from '../film';
import type { Plan } from '../plan/model';
import { withScheme, type Job } from '../record';
import { makeOffer, type OfferGiven } from './make-offer';
import type { Offer, OfferWay } from './model';

/** Another way that is told beside a quote: all that is painted at another level, or a scheme that was kept. */
export type WayAsked = { kind: 'level'; level: Level } | { kind: 'scheme'; id: string };

/** The job done another way, and what that is called; null where there is no such way, or it is the one that is planned. */
export function jobOfWay(job: Job, way: WayAsked): { name: string; job: Job } | null {
  if (way.kind === 'scheme') {
    const kept = job.alternatives.find((one) => one.id === way.id);
    return kept ? { name: kept.name, job: withScheme(job, kept.scheme) } : null;
  }
  const changes = job.sections.some((one) => one.level !== 'Keep' && one.level !== way.level);
  if (!changes || way.level === 'Keep') return null;
  return {
    name: way.level,
    job: {
      ...job,
      level: way.level,
      sections: job.sections.map((one) => (one.level === 'Keep' ? one : { ...one, level: way.level })),
    },
  };
}

/** What another way comes to by its own plan, with the same rates, discount and taxes as the quote beside it. */
export function offerWay(name: string, plan: Plan, given: OfferGiven): OfferWay {
  return wayOf(name, makeOffer(plan, given), plan.finishDate);
}

/** The quoted way, told as the others are. */
export const quotedWay = (offer: Offer): OfferWay =>
  wayOf('as quoted', offer, offer.stages.at(-1)?.expectedOn ?? null);

function wayOf(
  name: string,
  { sections, lines, netMinor, grossMinor, warranty }: Offer,
  readyOn: OfferWay['readyOn'],
): OfferWay {
  return {
    name,
    sections: sections.map((one) => ({
      name: one.name,
      level: one.level,
      coats: one.coats.reduce((sum, { coats }) => sum + coats, 0),
    })),
    hours: lines.reduce((sum, line) => sum + (line.kind === 'labour' ? line.quantity : 0), 0),
    netMinor,
    grossMinor,
    readyOn,
    warranty,
  };
}
