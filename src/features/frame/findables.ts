import type { Product } from '@/core/film';
import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import { panelsOf } from '@/core/vehicle';
import type { Findable } from './find';

/** All that can be found by name from within a job. */
export function findablesOf(job: Job, plan: Plan, products: readonly Product[]): Findable[] {
  const to = (station: string, hash = '') =>
    `/jobs/${job.number}/${station}${hash && `#${encodeURIComponent(hash)}`}`;
  return [
    ...job.sections.map((section) => ({
      text: section.name,
      kind: 'section',
      href: to('walkaround', section.key),
    })),
    ...panelsOf(plan.parts).map((part) => ({
      text: `${part.key} ${part.name}`,
      kind: 'part',
      href: to('walkaround', part.key),
    })),
    ...plan.steps
      .filter((step) => step.minutes > 0)
      .map((step) => ({ text: `${step.name}, ${step.subject}`, kind: 'step', href: to('steps', step.key) })),
    ...products.map((product) => ({ text: product.name, kind: 'product', href: `/shelf#${product.code}` })),
  ];
}
