import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import { quantityOf } from './labour';
import { ruledRate, ruledShare } from './level-work';
import type { Operation } from './operation';
import type { SectionWork } from './section-work';
import { spreadMore } from './spread-work';

/**
 * Rate and share of a step over areas of several levels: the means by what each has of the work, so that
 * rate × quantity × share is the sum over them. The rate is undefined where the catalogue's or the shop's stands.
 */
export function weightsOf(
  draft: StepDraft,
  operation: Operation,
  works: readonly SectionWork[],
  parts: readonly Part[],
): { rate: number | undefined; share: number } {
  const catalogued = draft.rateOf(operation) ?? 0;
  const areas = works.map(({ section, situation }) => {
    const factor = operation.levelFactor[section.level] ?? 1;
    const ruled = ruledRate(operation, section, situation);
    const own = parts.filter((part) => part.section === section.key);
    const more = spreadMore(draft, operation, section.key);
    const byLevel = ruled ?? (factor === 1 ? undefined : catalogued * factor);
    return {
      // Deeper filler takes longer, whatever its rate.
      own: more === 0 ? byLevel : Math.max(0, (byLevel ?? catalogued) + more),
      share: ruledShare(operation, section),
      weighted: quantityOf(operation, own, operation.faces, draft.figures).weighted,
    };
  });
  const [first] = areas;
  const isAlike = areas.every((one) => one.own === first!.own && one.share === first!.share);
  const sum = (value: (one: (typeof areas)[number]) => number) =>
    areas.reduce((total, one) => total + value(one), 0);
  const weighted = sum((one) => one.weighted);
  if (isAlike || weighted === 0) return { rate: first!.own, share: first!.share };
  const share = sum((one) => one.share * one.weighted) / weighted;
  const worked = sum((one) => (one.own ?? catalogued) * one.share * one.weighted);
  return { rate: share === 0 ? 0 : worked / (share * weighted), share };
}
