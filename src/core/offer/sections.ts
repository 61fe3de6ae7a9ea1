import type { Plan, SectionSummary } from '../plan/model';
import { colourOfKey, type Job, type JobSection, type PartSurvey } from '../record';
import type { BoundChoices, LeftAlone, OfferSection } from './model';
import type { Part } from '../vehicle';

/** What is done on each section, and what is deliberately not. */
export function offerSections(
  job: Job,
  plan: Pick<Plan, 'sections' | 'parts'>,
  net: readonly Part[],
): OfferSection[] {
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  return job.sections.map((section): OfferSection => {
    const own = plan.sections.filter((one) => one.base === section.key);
    const panels = net.filter((part) => part.section === section.key);
    return {
      section: section.key,
      name: section.name,
      level: section.level,
      depth: section.depth,
      colours: section.level === 'Keep' ? [] : coloursOn(own, job),
      areaM2: own.reduce((sum, one) => sum + one.outsideM2 + one.insideM2, 0),
      coats: coatsOf(own),
      leftAlone: leftAloneOn(
        section,
        job,
        panels.flatMap((part) => surveys.get(part.key) ?? []),
      ),
    };
  });
}

/** Colours of a section and of the fields laid out on it, by area. */
function coloursOn(own: readonly SectionSummary[], job: Job): string[] {
  const areas = new Map<string, number>();
  for (const { colour, outsideM2 } of own) {
    const { name } = colourOfKey(job, colour);
    areas.set(name, (areas.get(name) ?? 0) + outsideM2);
  }
  return [...areas].sort((a, b) => b[1] - a[1]).map(([name]) => name);
}

/** Coats of the area that has most of the section. */
function coatsOf(own: readonly SectionSummary[]): OfferSection['coats'] {
  const [largest] = [...own].sort((a, b) => b.outsideM2 - a.outsideM2);
  return (largest?.layers ?? []).map(({ role, name, coats }) => ({ role, product: name, coats }));
}

function leftAloneOn(section: JobSection, job: Job, surveys: readonly PartSurvey[]): LeftAlone[] {
  const keys = (test: (one: PartSurvey) => boolean) => surveys.filter(test).map((one) => one.key);
  const absent = keys((one) => one.absent);
  const hidden = keys((one) => one.visibility === 'hidden' || one.visibility === 'lined');
  const spared = keys((one) => one.reference !== '');
  const failed = job.matchAttempts.filter((one) => one.colour === section.colour && one.verdict === 'fails');
  return [
    ...(section.level === 'Keep' ? [{ code: 'kept' as const }] : []),
    ...(section.level !== 'Keep' && section.depth !== 'bare'
      ? [{ code: 'old-layers' as const, depth: section.depth }]
      : []),
    ...(absent.length > 0 ? [{ code: 'absent' as const, panels: absent }] : []),
    ...(hidden.length > 0 ? [{ code: 'hidden' as const, panels: hidden }] : []),
    ...(spared.length > 0 ? [{ code: 'reference' as const, panels: spared }] : []),
    ...(failed.length > 0 ? [{ code: 'match-limit' as const, attempts: failed.length }] : []),
  ];
}

/**
 * What a signature binds of each section, by its key. The order in which a store
 * hands out surveys and lines says nothing, nor does a survey that only measures
 * or tests a panel: neither is bound.
 */
export function boundChoices(job: Job, net: readonly Part[]): Record<string, BoundChoices> {
  const lines = inOrder(job.constructions.map(({ colour, strip, shape }) => [colour, strip, shape]));
  return Object.fromEntries(
    job.sections.map((section): [string, BoundChoices] => {
      const own = net.filter((part) => part.section === section.key).map((part) => part.key);
      const panels = job.surveyed.filter((one) => own.includes(one.key) && isChoice(one));
      return [
        section.key,
        {
          level: section.level,
          depth: section.depth,
          system: section.system,
          colour: section.colour,
          insideColour: section.insideColour ?? '',
          coats: JSON.stringify(Object.entries(section.coats).sort()),
          panels: inOrder([
            ...own,
            ...panels.map(({ key, absent, level, depth }) => [key, absent, level, depth]),
          ]),
          lines,
        },
      ];
    }),
  );
}

/** Whether a survey says what is done with its panel, not only how it was found. */
const isChoice = ({ absent, level, depth }: PartSurvey) => absent || level !== null || depth !== null;

/** Rows as one text, the same in whatever order they came. */
function inOrder(rows: readonly (string | readonly unknown[])[]): string {
  return `[${rows
    .map((row) => JSON.stringify(row))
    .sort()
    .join()}]`;
}
