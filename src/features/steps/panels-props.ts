import { panelCoats, type PanelCoat } from '@/core/log';
import type { Plan } from '@/core/plan';
import { areaOfCoat } from '@/core/readings/area-of-coat';
import { baseOf, basesOf, type Fit, type Job } from '@/core/record';
import { panelRounds, panelTools, roundsOfWork, type PanelRounds, type PanelTools } from '@/core/steps';
import { panelsOf } from '@/core/vehicle';

/** One panel with its place in the assembly, the coats on its faces, its rounds and its tools. */
export interface PanelRow {
  part: string;
  name: string;
  fit: Fit;
  fitNote: string;
  seen: number | null;
  outside: string;
  inside: string;
  hasInside: boolean;
  rounds: PanelRounds;
  tools: PanelTools;
  /** It is off while its section is painted assembled: it must hang before the last colour coats. */
  hangBy: number | null;
}

export interface SectionPanels {
  section: string;
  name: string;
  panels: PanelRow[];
}

/** The part tree of a job: sections, their panels, what lies on which face, how each is worked. */
export function panelsShown(job: Job, plan: Plan, versions: Record<string, number>): SectionPanels[] {
  const coats = panelCoats(job.log);
  const areaOf = areaOfCoat(plan);
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  return job.sections.flatMap((section) => {
    const parts = panelsOf(plan.parts.filter((part) => baseOf(part.section) === section.key));
    if (parts.length === 0) return [];
    const rounds = panelRounds(roundsOfWork(plan.steps, section.key), parts, job.marks);
    const assembly = section.schools.assembly ?? job.schools.assembly;
    const lastColour = plan.steps
      .filter(
        (step) =>
          step.coat &&
          step.state === 'planned' &&
          (step.coat.role === 'colour' || step.coat.role === 'topcoat') &&
          basesOf(step).includes(section.key),
      )
      .map((step) => step.start)
      .sort((a, b) => b - a)[0];
    return [
      {
        section: section.key,
        name: section.name,
        panels: parts.map((part, i) => {
          const survey = surveys.get(part.key);
          const fit = survey?.fit ?? 'fixed';
          const own = coats.filter((coat) => coat.part === part.key && areaOf(coat) === part.section);
          const together = assembly === 'assembled' || assembly === 'loosely-hung';
          return {
            part: part.key,
            name: part.name,
            fit,
            fitNote: survey?.fitNote ?? '',
            seen: versions[`${job.number}/survey/${part.key}`] ?? null,
            outside: coatWords(own.filter((coat) => coat.face === 'outside')),
            inside: coatWords(own.filter((coat) => coat.face === 'inside')),
            hasInside: part.insideM2 > 0,
            rounds: rounds[i]!,
            tools: panelTools(part),
            hangBy: fit === 'off' && together ? (lastColour ?? null) : null,
          };
        }),
      },
    ];
  });
}

/** Coats of a face in the order they lie: epoxy 1, build 4, colour 3. */
function coatWords(coats: readonly PanelCoat[]): string {
  const counts = new Map<string, number>();
  for (const { role } of coats) counts.set(role, (counts.get(role) ?? 0) + 1);
  return [...counts].map(([role, count]) => `${role} ${count}`).join(', ');
}
