import { figuresFrom } from '../core/figures';
import { standardShelf, shelfOf } from '../core/film';
import { makeOffer, type Offer } from '../core/offer';
import { commitmentsOf } from '../core/plan/commitments';
import { withWork } from '../core/log';
import { planJob, type Plan } from '../core/plan';
import type { Job } from '../core/record';
import type { Commitment } from '../core/schedule';
import { addDays, localDateOf, minuteAt, weekdayOf, type Minute } from '../core/units';
import { storeScenario, type Scenario, type ScenarioJob } from '../server/services/scenario';
import { openStretches } from '../core/shop';
import { demoAccounts } from './accounts';
import { dated, demoJobs } from './jobs';
import { logUntil, playUntil } from './play-job';
import { demoNotes } from './records';
import { demoShop } from './shop';
import { demoMoves, demoTrials } from './stores';

/** The demo scenario as it stands at a minute: each job planned at its arrival and played up to now. */
export function demoScenario(now: Minute): Scenario {
  const shelf = shelfOf(standardShelf);
  const today = localDateOf(now, demoShop.timeZone);
  const monday = addDays(today, 1 - weekdayOf(today));
  const commitments: Commitment[] = [];
  const openOf = (plan: Plan) =>
    openStretches(demoShop, localDateOf(plan.computedAt, demoShop.timeZone), 366);
  const people = new Set(demoShop.people.map((person) => person.id));
  const jobs: ScenarioJob[] = [];
  for (const demo of demoJobs) {
    const job = dated(demo, monday);
    const arrived = minuteAt(job.arrival, 0, demoShop.timeZone);
    const agreed = demo.agreed
      ? planJob({
          // When it was agreed nobody had seen the cards yet: they are steps of the plan.
          job: { ...job, samples: job.samples.map((one) => ({ ...one, verdict: 'at-risk' as const })) },
          shop: demoShop,
          shelf,
          now: arrived,
          commitments: [...commitments],
          agreedStarts: new Map(),
        })
      : null;
    if (agreed) commitments.push(...commitmentsOf(agreed));
    if (!agreed) {
      jobs.push({ job, agreed, accepted: null });
      continue;
    }
    const log = logUntil(agreed, now, people);
    const logged = new Set(log.map((entry) => entry.step));
    const facts = playUntil(agreed, now, openOf(agreed)).filter((fact) => !logged.has(fact.step));
    const played = { ...job, facts, log };
    const told = withWork(played, { shop: demoShop, shelf }, now);
    jobs.push({
      job: { ...played, log: told },
      agreed,
      accepted: demo.quoted ? quoteAt(job, agreed, arrived) : null,
    });
  }
  return {
    shop: demoShop,
    shelf: [...standardShelf],
    jobs,
    acceptedAt: now,
    moves: demoMoves(addDays(monday, -28)),
    trials: [...demoTrials],
    notes: demoNotes(monday),
    accounts: demoAccounts,
  };
}

/** The quote that was accepted when a job came in, before anything was found or added. */
const quoteAt = (job: Job, plan: Plan, now: Minute): Offer =>
  makeOffer(plan, {
    job: { ...job, scope: [], finds: [] },
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    figures: figuresFrom(demoShop.figures, job.figures),
    terms: demoShop.offerTerms,
    number: 1,
    now,
    discount: null,
    note: '',
  });

/** Puts the demo scenario into an empty database. */
export const loadDemo = (now: Minute): Promise<void> => storeScenario(demoScenario(now));
