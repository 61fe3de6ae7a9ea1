import type { Product } from '@/core/film';
import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import { namesOf } from '../words/names';
import { warningText } from '../words/warning-words';
import type { StepsRoomProps } from './steps-room';

/** Names of people and places by id. */
export const resourceNamesOf = (shop: Shop): Record<string, string> =>
  Object.fromEntries([...shop.people, ...shop.places].map((one) => [one.id, one.name]));

export function stepsProps(job: Job, plan: Plan, shop: Shop, products: readonly Product[]): StepsRoomProps {
  const productNames = Object.fromEntries(products.map((product) => [product.code, product.name]));
  const names = namesOf(plan, job.sections, (code) => productNames[code] ?? code);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  return {
    job: job.number,
    steps: plan.steps,
    sections: job.sections.map(({ key, name }) => ({ key, name })),
    productNames,
    resourceNames: resourceNamesOf(shop),
    locale,
    warnings: plan.warnings.map((warning) => warningText(warning, names, locale)),
  };
}
