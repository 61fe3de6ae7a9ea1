import { depthEstimates, stripEstimates, type DepthEstimate, type StripEstimate } from '../../core/steps';
import {
  advicePart,
  finishOf,
  optionJob,
  optionKeys,
  partsOfJob,
  untestedShare,
  type OptionKey,
} from '../../core/survey';
import { bodyKindOf } from '../../core/vehicle';
import { readSnapshot } from './snapshot';
import { plansOf, scenarioOf } from './what-if';

export interface PanelEstimates {
  estimates: StripEstimate[];
  depths: DepthEstimate[];
}

/** Every depth and every strip method on one panel; null when there is no such job or panel. */
export async function panelEstimates(number: string, partKey: string): Promise<PanelEstimates | null> {
  const { shop: found, jobs } = await readSnapshot(number);
  const { shop, shelf, operations } = found;
  const [stored] = jobs;
  const part = stored && partsOfJob(stored.job).find((one) => one.key === partKey);
  const section = part && stored.job.sections.find((one) => one.key === part.section);
  if (!part || !section) return null;
  const survey = stored.job.surveyed.find((one) => one.key === partKey);
  const estimates = stripEstimates(
    [part],
    {
      substrate: survey?.substrate ?? section.substrate,
      oldFinish: section.oldFinish,
      route: bodyKindOf(stored.job.bodyKind)?.route ?? 'panel',
      outerSkin: (survey?.visibility ?? 'seen') === 'seen' && part.shape !== 'tube',
      leadPositive: survey?.leadTest === 'positive',
      sheetMm: survey?.sheetMm ?? null,
      airC: shop.places.find((place) => place.kind === 'wash')?.airC ?? 18,
      outsideQuoteMinor: survey?.outsideQuoteMinor ?? null,
    },
    { shop, shelf, operations, rates: stored.job.rates },
  );
  const { depth } = advicePart(stored.job, section, partKey);
  const advised = depth === 'revive' ? 'scuff' : depth;
  const tested = survey !== undefined && survey.solventTest !== 'not-tested';
  return {
    estimates,
    depths: depthEstimates(
      [part],
      estimates,
      { advised, tested },
      { shop, shelf, operations, rates: stored.job.rates },
    ),
  };
}

export interface CostedOption {
  option: OptionKey;
  labourMin: number;
  materialsMinor: number;
  boothMin: number;
  grossMinor: number;
  finishDate: string | null;
  lateDays: number;
  finish: { lowest: string; highest: string } | null;
  /** Share of the area on which untested old film stays, 0..1. */
  untested: number;
}

/** The job corrected, partly and fully repainted, each through the whole pipeline; null when there is no such job. */
export async function costedOptions(number: string): Promise<CostedOption[] | null> {
  const given = await scenarioOf(number);
  if (!given) return null;
  const { job, input } = given;
  const parts = partsOfJob(job);
  // What is done is done and paid for in each of them: they differ in what is left, down to the panel.
  const options = optionKeys.map((option) => optionJob(job, parts, option));
  const plans = await plansOf(options.map((one) => input(one)));
  return plans.map((plan, i) => {
    const depths = new Map(options[i]!.surveyed.map((one) => [one.key, one.depth]));
    return {
      option: optionKeys[i]!,
      labourMin: plan.budgets.labourMin.planned,
      materialsMinor: plan.budgets.materialsMinor.planned,
      boothMin: plan.budgets.boothMin.planned,
      grossMinor: plan.quote.grossMinor,
      finishDate: plan.finishDate,
      lateDays: plan.lateDays,
      finish: finishOf(plan.sections),
      untested: untestedShare(job, parts, (part) => depths.get(part.key) !== 'bare'),
    };
  });
}
