import { coatSystemOf, systemsWith, type Repair } from '../../core/film';
import { figuresOf, type PlanFigures } from '../../core/changes';
import type { Plan, PlanInput, PlanWarning } from '../../core/plan';
import { schoolOptions, type Job, type SchoolKey } from '../../core/record';
import type { Shop } from '../../core/shop';
import { minuteAt, type Minute } from '../../core/units';
import { inThread } from '../workers/pool';
import { currentMinute } from './clock';
import { planningShop } from './planning-shop';
import { readSnapshot } from './snapshot';

/** What a job is planned from but for a change, no accepted start of its own in the way; null where there is none. */
export async function scenarioOf(number: string) {
  const { shop: found, agreed, jobs } = await readSnapshot(number);
  const [stored] = jobs;
  if (!stored) return null;
  const { shop, shelf, operations } = planningShop(found);
  const commitments = [...agreed].filter(([other]) => other !== number).flatMap(([, one]) => one.commitments);
  const input = (job: Job, at: Shop = shop, now: Minute = currentMinute()): PlanInput => ({
    job,
    shop: at,
    shelf,
    operations,
    now,
    commitments,
    agreedStarts: new Map(),
  });
  return { job: stored.job, shop, shelf, input };
}

/** Plans them all on a thread. */
export const plansOf = (inputs: PlanInput[]): Promise<Plan[]> => inThread({ kind: 'plans', inputs });

export interface AirWhatIf {
  base: PlanFigures;
  changed: PlanFigures;
  changedPlan: Plan;
  /** Warnings that only the changed plan has. */
  breaks: PlanWarning[];
}

/** The job with every place at one temperature, day and night: what breaks, and what it costs in days. */
export async function whatIfAir(number: string, airC: number): Promise<AirWhatIf | null> {
  const given = await scenarioOf(number);
  if (!given) return null;
  const { job, shop, input } = given;
  // Neither the month nor a typed forecast stands before the air that is asked for.
  const places = shop.places.map((place) => ({ ...place, airC, profile: null, forecast: [] }));
  const [base, changedPlan] = await plansOf([input(job), input(job, { ...shop, places })]);
  if (!base || !changedPlan) return null;
  const known = new Set(base.warnings.map((warning) => JSON.stringify(warning)));
  const breaks = changedPlan.warnings.filter((warning) => !known.has(JSON.stringify(warning)));
  return { base: figuresOf(base), changed: figuresOf(changedPlan), changedPlan, breaks };
}

export interface SchoolFigures extends PlanFigures {
  option: string;
}

/**
 * From when ways of a job are compared: from today with what is done and used, once it is begun; before that as if it were
 * decided on the day of arrival.
 */
const comparedFrom = (job: Job, shop: Shop): Minute =>
  job.facts.length + job.log.length > 0
    ? currentMinute()
    : Math.min(minuteAt(job.arrival, 0, shop.timeZone), currentMinute());

/**
 * The whole job in each option of a school, on one section or all of them, through the whole pipeline; null where there is no
 * such job or section.
 */
export async function compareSchool(
  number: string,
  sectionKey: string | null,
  school: SchoolKey,
): Promise<SchoolFigures[] | null> {
  const given = await scenarioOf(number);
  if (!given) return null;
  const { job, shop, input } = given;
  if (sectionKey !== null && !job.sections.some((one) => one.key === sectionKey)) return null;
  const from = comparedFrom(job, shop);
  const options = schoolOptions[school];
  const plans = await plansOf(
    options.map((option) => {
      const taken = { [school]: option };
      const sections = job.sections.map((one) =>
        sectionKey === null || one.key === sectionKey
          ? { ...one, schools: { ...one.schools, ...taken } }
          : one,
      );
      return input({ ...job, sections }, shop, from);
    }),
  );
  return plans.map((plan, i) => ({ option: options[i]!, ...figuresOf(plan) }));
}

export interface SystemFigures extends PlanFigures {
  system: string;
  name: string;
  why: string;
  forgiveness: number;
  /** How far a damage goes in its most delicate layer. */
  repair: Repair;
  /** Whether it is made for the section's substrate. */
  fits: boolean;
}

const repairOrder: readonly Repair[] = ['spot', 'panel', 'whole'];

/** The whole job with one section in each system of its route that can be compared, through the whole pipeline. */
export async function compareSystems(number: string, sectionKey: string): Promise<SystemFigures[] | null> {
  const given = await scenarioOf(number);
  const section = given?.job.sections.find((one) => one.key === sectionKey);
  if (!given || !section) return null;
  const { job, shop, shelf, input } = given;
  const from = comparedFrom(job, shop);
  const route = coatSystemOf(section.system, shop.systems)?.route;
  const candidates = systemsWith(shop.systems).filter(
    (system) =>
      system.route === route &&
      (system.key === section.system || system.substrates.includes(section.substrate)),
  );
  const plans = await plansOf(
    candidates.map((system) => {
      const sections = job.sections.map((one) =>
        one.key === sectionKey ? { ...one, system: system.key, coats: {} } : one,
      );
      return input({ ...job, sections }, shop, from);
    }),
  );
  return candidates.map((system, i) => {
    const repairs = system.layers.flatMap((layer) => shelf.get(layer.product)?.coating?.repair ?? []);
    return {
      system: system.key,
      name: system.name,
      why: system.why,
      forgiveness: system.forgiveness,
      repair: repairOrder[Math.max(0, ...repairs.map((one) => repairOrder.indexOf(one)))]!,
      fits: system.substrates.includes(section.substrate),
      ...figuresOf(plans[i]!),
    };
  });
}
