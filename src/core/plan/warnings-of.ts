import { figuresFrom } from '../figures';
import { checkStack } from '../film';
import { experienceOf, type Experience, type MatchedEntry } from '../log';
import { isOpenDay } from '../shop';
import { breachesOf } from '../money';
import type { JobSection } from '../record';
import { catalogueWith, plainMinutes, stackOf, type SectionStack } from '../steps';
import type { Surface } from '../surface';
import { coversBeforePaint } from '../survey';
import { costOfMinutes, toMinor, type Minor } from '../units';
import { colourWarnings } from './colour-warnings';
import { dryEdges } from './dry-edges';
import { fieldLines } from './field-lines';
import { fieldRidges } from './field-ridges';
import type { Plan, PlanInput, PlannedStep, PlanWarning, PlanWindow } from './model';
import type { PlacedNetwork } from './placed-network';
import { lateSamples } from './sample-warnings';
import { schemeWarnings } from './scheme-warnings';
import { oldTape } from './tape';
import { tapeRating } from './tape-rating';
import { forecastStops } from './true-air';
import {
  allowanceAhead,
  batchesApart,
  closingWindows,
  earlyRefit,
  hardDays,
  lateRounds,
  overMaterialCaps,
  painterChanges,
  scarceHands,
  workAir,
} from './watch';

/** The log on the steps of today, and the surfaces these work on. */
interface Matched {
  matched: readonly MatchedEntry[];
  surfaces: ReadonlyMap<string, readonly Surface[]>;
}

/** What the manager is to be told of a plan. @param told all the rest of it */
export function warningsOf(taken: PlacedNetwork, told: Omit<Plan, 'warnings'>, log: Matched): PlanWarning[] {
  const { input, parts, sections, network, placed, warnings } = taken;
  const { job, shop, shelf, now } = input;
  const { steps, windows, budgets, lateDays, shopping, stays } = told;
  const figures = figuresFrom(shop.figures, job.figures);
  const entries = catalogueWith(input.operations ?? []);
  const lines = fieldLines(sections, parts, network.programme);
  return [
    ...(lateDays > 0 ? [{ code: 'late' as const, days: lateDays }] : []),
    ...breachesOf(budgets).map((breach) => ({ code: 'over-cap' as const, ...breach })),
    ...overMaterialCaps(job.materialCaps, told, shelf, figures),
    ...windows.flatMap((one) =>
      one.state === 'broken' ? [{ code: 'window-broken' as const, window: one.key, step: one.to }] : [],
    ),
    ...placed.unplaced.map((step) => ({ code: 'no-room' as const, step })),
    ...coversBeforePaint(job.surveyed, parts, steps, shop.timeZone).map((late) => ({
      code: 'covered-unpainted' as const,
      ...late,
    })),
    ...closingWindows(windows, steps),
    ...oldTape(steps, entries, tapeRating(told, shop, figures)).map((tape) => ({
      code: 'old-tape' as const,
      ...tape,
    })),
    ...remediesOf(windows, steps, shop.labourRateMinorPerHour),
    ...schemeWarnings(job, sections, parts),
    ...fieldRidges(job, lines, (one) => stackOf(one, shelf)),
    ...colourWarnings(job, sections, {
      stackOf: (one) => stackOf(one, shelf),
      lines,
      now,
      timeZone: shop.timeZone,
    }),
    ...dryEdges(steps, { stays, parts, shop, shelf, figures }).map((edge) => ({
      code: 'edge-dries' as const,
      ...edge,
    })),
    ...batchesApart(job, told),
    ...lateRounds(sections, steps, paceOfJob(input, steps), shop),
    ...earlyRefit(steps, { stays, shop, shelf, figures }),
    ...scarceHands(steps, shop, shelf),
    ...hardDays(told, shop, figures, now),
    ...workAir(steps, { entries, stays, shop, shelf }),
    ...painterChanges(steps, shop, shelf),
    ...allowanceAhead(told.allowance, steps, { entries, ...log }),
    ...lateSamples(shopping, steps, sections, shop.timeZone),
    ...warnings,
    ...missedPins(steps),
    ...forecastStops(input, network, steps),
    ...network.warnings,
    ...sections.flatMap((section) => stackWarnings(section, stackOf(section, shelf))),
  ];
}

/** What this job has shown so far of its operations; nothing where no section has a last day for its rounds. */
function paceOfJob({ job, shop }: PlanInput, steps: readonly PlannedStep[]) {
  if (!job.sections.some((one) => one.stopRule?.lastDay)) return new Map<string, Experience>();
  const taught = steps
    .filter((step) => step.coat === null)
    .map((step) => ({ ...step, plainMin: plainMinutes(step) }));
  return experienceOf(job, taught, (date) => isOpenDay(shop, date), shop.timeZone);
}

/** What each window that scuffing had to reopen costs in minutes and money. */
function remediesOf(
  windows: readonly PlanWindow[],
  steps: readonly PlannedStep[],
  rateMinorPerHour: Minor,
): PlanWarning[] {
  const remedied = windows.flatMap((one) => (one.remedy === null ? [] : [[one.remedy, one] as const]));
  return [...new Map(remedied)].flatMap(([key, { product, to }]) => {
    const scuffing = steps.find((step) => step.key === key);
    // What was scuffed is done and paid for.
    if (scuffing?.state !== 'planned' || product === null) return [];
    const { personMinutes, materialsMinor } = scuffing;
    const costMinor = toMinor(costOfMinutes(personMinutes, rateMinorPerHour) + materialsMinor);
    return [{ code: 'remedied', product, step: to, personMinutes, costMinor }];
  });
}

/** Steps that could not begin at the minute they are pinned to. */
const missedPins = (steps: readonly PlannedStep[]): PlanWarning[] =>
  steps.flatMap(({ key, state, start, pinnedAt }) =>
    state === 'planned' && pinnedAt !== null && start !== pinnedAt
      ? [{ code: 'pin-missed' as const, step: key, wanted: pinnedAt, start }]
      : [],
  );

/** What the sheets and the trade say against a section's stack; notes stay in the Film room. */
const stackWarnings = (section: JobSection, { layers }: SectionStack): PlanWarning[] =>
  checkStack(layers, section.substrate, section.depth === 'bare').flatMap((fault) =>
    fault.grade === 'note' || section.level === 'Keep'
      ? []
      : [{ code: 'stack' as const, section: section.key, fault }],
  );
