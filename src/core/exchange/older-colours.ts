import { sectionFields } from '../concepts/section';
import { fileKeys, text, without, wordBy } from '../concepts/field';
import { hexColour } from '../concepts/atoms';
import { unchosenColour, type Job, type JobColour, type JobSection } from '../record';

/** Sections as files up to version 3 have them: each names and shows its colour itself. */
export const olderSectionKeys = {
  ...fileKeys(without(sectionFields, 'colour')),
  ...fileKeys({ colourName: text(60, 1), colourHex: wordBy(hexColour()) }),
};

export type OlderSection = Omit<JobSection, 'colour'> & { colourName: string; colourHex: string };

/**
 * Colours of a job whose sections named their own: sections of one name have one colour, keyed by the first of them, so
 * that the steps of its sample keep their keys.
 */
export function withColours(job: Omit<Job, 'sections'> & { sections: readonly OlderSection[] }): Job {
  const firsts = new Map<string, JobColour>();
  const sections = job.sections.map(({ colourName: name, colourHex: hex, ...section }): JobSection => {
    const known = firsts.get(name);
    const colour = known ?? { ...unchosenColour, id: `c.${section.key}`, name, hex };
    firsts.set(name, colour);
    return { ...section, colour: colour.id };
  });
  return { ...job, sections, colours: [...firsts.values()] };
}
