import { experienceOf, learnedFactor, type Experience, type LearnedRow } from '../../core/log';
import { isOpenDay } from '../../core/shop';
import { catalogue, plainMinutes } from '../../core/steps';
import type { StoredShop } from '../repositories/shop-repository';
import { plansIn, type PlannedJob } from './plans';
import { readSnapshot } from './snapshot';

/** Learned factors of every operation somebody has finished, by hours worked, most first. */
export async function learnedFactors(): Promise<LearnedRow[]> {
  const snapshot = await readSnapshot(null);
  return learnedFrom(snapshot.shop, await plansIn(snapshot));
}

/** The same from plans that are at hand already. */
export function learnedFrom(
  { shop, wayVersions, operations }: StoredShop,
  plans: readonly PlannedJob[],
): LearnedRow[] {
  const names = new Map([...catalogue, ...operations].map((one) => [one.code, one.name]));
  const lists = new Map<string, Experience[]>();
  const ahead = new Map<string, { plainMin: number; learned: number }>();
  for (const { stored, plan } of plans) {
    const steps = plan.steps
      .filter((step) => step.coat === null)
      // A rate of one job teaches nothing of the shop's.
      .filter((step) => step.figure.rateFrom !== 'job')
      .map((step) => ({ ...step, plainMin: plainMinutes(step) }));
    const isOpen = (date: string) => isOpenDay(shop, date);
    for (const [operation, one] of experienceOf(stored.job, steps, isOpen, shop.timeZone)) {
      lists.set(operation, [...(lists.get(operation) ?? []), one]);
    }
    for (const step of plan.steps.filter((one) => one.state === 'planned')) {
      const { rate, weighted, share, learned } = step.figure;
      const before = ahead.get(step.operation)?.plainMin ?? 0;
      ahead.set(step.operation, { plainMin: before + rate * weighted * share, learned });
    }
  }
  return [...lists]
    .map(([operation, experience]) => {
      const { factor, days, variance } = learnedFactor(experience);
      const { plainMin, learned } = ahead.get(operation) ?? { plainMin: 0, learned: 1 };
      const sum = (value: (one: Experience) => number) =>
        experience.reduce((total, one) => total + value(one), 0);
      return {
        operation,
        name: names.get(operation) ?? operation,
        jobs: experience.length,
        days,
        factor,
        spread: Math.sqrt(variance),
        aheadMin: plainMin * learned,
        thenMin: plainMin * factor,
        actualMin: sum((one) => one.actualMin),
        plannedMin: sum((one) => one.plannedMin),
        accepted: shop.learned[operation] ?? 1,
        seen: wayVersions.learned[operation] ?? null,
      };
    })
    .sort((a, b) => b.actualMin - a.actualMin);
}
