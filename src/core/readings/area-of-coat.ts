import type { Plan } from '../plan/model';

/** A coat as the log has it on a panel. */
interface OnPanel {
  part: string;
  step: string;
}

/**
 * Tells which area of its panel a logged coat lies on: the field, or what keeps the panel's own colour, which also stands
 * for coats over all of the panel and for steps that the plan no longer has.
 */
export function areaOfCoat({ parts, steps }: Pick<Plan, 'parts' | 'steps'>) {
  const sections = new Map(steps.map((step) => [step.key, step.sections]));
  const byPanel = new Map<string, Plan['parts']>();
  for (const part of parts) byPanel.set(part.key, [...(byPanel.get(part.key) ?? []), part]);
  return ({ part, step }: OnPanel): string | undefined => {
    const areas = byPanel.get(part) ?? [];
    const own = areas.find((area) => (area.field?.colour ?? null) === null) ?? areas[0];
    const worked = areas.filter((area) => sections.get(step)?.includes(area.section));
    return (worked.length === 1 ? worked[0] : own)?.section;
  };
}
