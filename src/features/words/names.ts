import { isOfField } from '@/core/record';
import type { Plan } from '@/core/plan';
import type { Names } from './step-words';

export interface JobNames extends Names {
  section(key: string): string;
}

/** Sections of a job and the fields that its plan cuts out of them, by name. */
export const namedAreas = (
  sections: readonly { key: string; name: string }[],
  plan: Pick<Plan, 'sections'>,
): { key: string; name: string }[] => [
  ...sections,
  ...plan.sections.flatMap(({ section, name }) => (isOfField(section) ? [{ key: section, name }] : [])),
];

/** Names for the sentences of one job: steps by key, sections by key, products by code. */
export function namesOf(
  plan: Pick<Plan, 'steps'>,
  sections: readonly { key: string; name: string }[],
  product: (code: string) => string,
): JobNames {
  const steps = new Map(plan.steps.map((step) => [step.key, `${step.name}, ${step.subject}`]));
  const sectionNames = new Map(sections.map((section) => [section.key, section.name]));
  return {
    product,
    step: (key) => steps.get(key) ?? key,
    // A lot is named after its section; what it differs in stands behind the colon of its key.
    section: (key) => {
      const whole = sectionNames.get(key);
      if (whole !== undefined) return whole;
      const [base, own] = key.split(':');
      const name = sectionNames.get(base ?? key) ?? key;
      return own ? `${name} (${own.replace(/-/g, ', ')})` : name;
    },
  };
}
