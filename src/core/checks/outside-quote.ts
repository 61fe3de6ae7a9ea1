import type { Fault } from '../exchange';
import type { Job } from '../record';
import { refusalsOf } from '../steps';
import { partsOfJob } from '../survey';
import { bodyKindOf } from '../vehicle';

/**
 * Why a quote of an outside stripper cannot be written down: sending such a panel out is refused, so that nothing would ever
 * go by the quote.
 * @param place of the quote in what was sent
 */
export function outsideQuoteFaults(job: Job, panels: readonly string[], place: string): Fault[] {
  const parts = new Map(partsOfJob(job).map((part) => [part.key, part]));
  const route = bodyKindOf(job.bodyKind)?.route ?? 'panel';
  return panels.flatMap((key): Fault[] => {
    const section = job.sections.find((one) => one.key === parts.get(key)?.section);
    if (!section) return [];
    const substrate = job.surveyed.find((one) => one.key === key)?.substrate ?? section.substrate;
    const [refusal] = refusalsOf('outside', {
      substrate,
      oldFinish: section.oldFinish,
      route,
      outerSkin: true,
      leadPositive: false,
      sheetMm: null,
      airC: 20,
      outsideQuoteMinor: null,
    });
    if (!refusal) return [];
    const why = refusal.code === 'aircraft-skin' ? 'the skin of an aircraft' : substrate;
    return [{ place, reason: `${key} is ${why}: it is not sent out to be stripped, so no quote is taken` }];
  });
}
