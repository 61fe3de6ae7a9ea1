import { pullBy, type Shelf } from '../film';
import type { Plan, PlannedCover, PlannedStep } from '../plan/model';
import type { TapeRating } from '../plan/tape-rating';
import type { Minute } from '../units';

/** Why a mask must be changed though it is in its rating. */
export type RemaskWhy =
  /** Dust was made at the body while it was on: it falls off into the next coat. */
  | { code: 'dust'; step: string; at: Minute }
  /** It stays longer than its tape lets go cleanly. */
  | { code: 'rating'; days: number; ratedDays: number };

/** One masking of a plan: what it lies over, what it takes, where its tab stands in the order of pulling. */
export interface MaskSheet {
  step: string;
  name: string;
  subject: string;
  start: Minute;
  end: Minute;
  /** Written on its tab: bodies are lettered, masks of a body numbered in the order in which they are laid. */
  tab: string;
  /** Areas that lie beneath it; each may come free at another step. */
  over: { sections: readonly string[]; pulledBy: string | null; pulledAt: Minute | null }[];
  /** Tape by product in metres, film in m². */
  uses: { product: string; amount: number }[];
  /** Last day on which its tape still comes off cleanly. */
  pullBy: Minute;
  remask: RemaskWhy[];
  /** Nobody has begun it. */
  ahead: boolean;
}

/** Tabs in the order in which they are pulled at one step: what was laid last comes off first. */
export interface Pull {
  step: string;
  at: Minute;
  tabs: string[];
}

/** Tape, foam and film by product over the masks ahead, with the rolls they come to. */
export interface RollLine {
  product: string;
  amount: number;
  unit: string;
  /** The smallest roll there is, in the same unit, and how many are needed. */
  rollSize: number;
  rolls: number;
  masks: number;
}

const minutesADay = 1440;

/** Every masking of a plan, in the order in which they are laid. @param rated days after which the tape of each no longer comes off cleanly */
export function maskSheets(
  plan: Pick<Plan, 'steps' | 'covers' | 'programme'>,
  shelf: Shelf,
  rated: TapeRating,
): MaskSheet[] {
  const steps = new Map(plan.steps.map((step) => [step.key, step]));
  const byStep = new Map<string, PlannedCover[]>();
  for (const cover of plan.covers) byStep.set(cover.step, [...(byStep.get(cover.step) ?? []), cover]);
  const bodyOf = new Map(
    plan.programme.passes.flatMap(({ body, areas }) => areas.map((area) => [area, body] as const)),
  );
  const letters = new Map<string, string>();
  const counts = new Map<string, number>();
  const masks = [...byStep].flatMap(([key, covers]) => {
    const step = steps.get(key);
    return step ? [{ step, covers }] : [];
  });
  masks.sort((a, b) => a.step.start - b.step.start || a.step.end - b.step.end);
  return masks.map(({ step, covers }): MaskSheet => {
    const body = bodyOf.get(step.sections[0] ?? '') ?? '';
    const letter = letters.get(body) ?? String.fromCharCode(65 + (letters.size % 26));
    letters.set(body, letter);
    const nth = (counts.get(body) ?? 0) + 1;
    counts.set(body, nth);
    const until = Math.max(step.end, ...covers.map((cover) => cover.to ?? step.end));
    const ratedDays = rated(step, until);
    return {
      step: step.key,
      name: step.name,
      subject: step.subject,
      start: step.start,
      end: step.end,
      tab: `${letter}${nth}`,
      over: covers.map(({ sections, pulledBy, to }) => ({ sections, pulledBy, pulledAt: to })),
      uses: step.needs.filter(({ product }) => shelf.get(product)?.kind === 'masking'),
      pullBy: pullBy(step.end, ratedDays),
      remask: remaskOf(step, covers, plan.steps, { until, ratedDays }),
      ahead: step.state === 'planned',
    };
  });
}

/** What would make a mask unfit before it is pulled, each once. */
function remaskOf(
  step: PlannedStep,
  covers: readonly PlannedCover[],
  steps: readonly PlannedStep[],
  { until, ratedDays }: { until: Minute; ratedDays: number },
): RemaskWhy[] {
  const days = Math.ceil((until - step.end) / minutesADay);
  const found: RemaskWhy[] = days > ratedDays ? [{ code: 'rating', days, ratedDays }] : [];
  const on = new Set([...step.sections, ...covers.flatMap((cover) => cover.sections)]);
  const atBody = (one: PlannedStep) => one.sections.some((section) => on.has(section));
  const sprays = steps.filter((one) => one.coat && one.start >= step.end && one.end <= until && atBody(one));
  const dust = steps.find(
    (one) =>
      one.state !== 'done' &&
      one.tags.includes('dusty') &&
      one.start >= step.end &&
      atBody(one) &&
      sprays.some((coat) => coat.start >= one.end),
  );
  if (dust) found.push({ code: 'dust', step: dust.name, at: dust.start });
  return found;
}

/** What comes off when, in the order of the plan; at one step the last laid first. */
export function pullOrder(sheets: readonly MaskSheet[]): Pull[] {
  const pulls = new Map<string, Pull>();
  for (const { tab, over } of sheets)
    for (const { pulledBy, pulledAt } of over) {
      if (pulledBy === null || pulledAt === null) continue;
      const pull = pulls.get(pulledBy) ?? { step: pulledBy, at: pulledAt, tabs: [] };
      // Sheets come in the order in which they are laid.
      pull.tabs = [tab, ...pull.tabs.filter((one) => one !== tab)];
      pulls.set(pulledBy, pull);
    }
  return [...pulls.values()].sort((a, b) => a.at - b.at);
}

/** Rolls for the masks that nobody has begun. */
export function rollsOf(sheets: readonly MaskSheet[], shelf: Shelf): RollLine[] {
  const lines = new Map<string, RollLine>();
  for (const { product, amount } of sheets.flatMap((sheet) => (sheet.ahead ? sheet.uses : []))) {
    const known = shelf.get(product);
    const rollSize = Math.min(...(known?.packs ?? []).map((pack) => pack.size));
    const line = lines.get(product) ?? {
      product,
      amount: 0,
      unit: known?.unit ?? '',
      rollSize,
      rolls: 0,
      masks: 0,
    };
    line.amount += amount;
    line.masks += 1;
    line.rolls = Number.isFinite(rollSize) ? Math.ceil(line.amount / rollSize - 1e-9) : 0;
    lines.set(product, line);
  }
  return [...lines.values()].sort((a, b) => a.product.localeCompare(b.product));
}
