import type { JobSection } from '../record';
import type { ShoppingLine } from '../stores';
import { localDateOf, type LocalDate, type Minute } from '../units';

/** Paint of a colour has to be ordered before the day on which its sample is looked at. */
export interface SampleLate {
  code: 'sample-late';
  colour: string;
  product: string;
  orderBy: LocalDate;
  /** Day of the look. */
  looksOn: LocalDate;
}

/** What is asked of a step as it is planned. */
interface Look {
  operation: string;
  state: string;
  sections: readonly string[];
  end: Minute;
}

/** Colours whose paint cannot wait for the look at their sample; each once, by the line that is due first. */
export function lateSamples(
  shopping: readonly ShoppingLine[],
  steps: readonly Look[],
  sections: readonly JobSection[],
  timeZone: string,
): SampleLate[] {
  const told = new Map<string, SampleLate>();
  for (const { colour, product, orderBy, short, waitsFor } of shopping) {
    if (!colour || short <= 0 || waitsFor.length === 0 || told.has(colour.key)) continue;
    const areas = new Set(sections.flatMap((one) => (one.colour === colour.key ? [one.key] : [])));
    const looks = steps.filter(
      (step) =>
        step.operation === 'approve-sample' &&
        step.state === 'planned' &&
        step.sections.some((key) => areas.has(key)),
    );
    if (looks.length === 0) continue;
    const looksOn = localDateOf(Math.max(...looks.map((one) => one.end)), timeZone);
    if (looksOn <= orderBy) continue;
    told.set(colour.key, { code: 'sample-late', colour: colour.name, product, orderBy, looksOn });
  }
  return [...told.values()];
}
