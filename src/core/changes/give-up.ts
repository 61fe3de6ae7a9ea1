import { levels, type Level } from '../film';
import { planJob } from '../plan';
import type { Plan } from '../plan/model';
import { unkeptOf } from '../readings/unkept';
import { schoolKeys, schoolOptions, type SchoolKey } from '../record';
import { skills } from '../shop';
import { levelsDown, withChange, type Change } from './change';
import { inputOf, type Situation } from './situation';
import { figuresOf, type PlanFigures } from './figures';

export interface GiveUp {
  change: Change;
  figures: PlanFigures;
  /** Share of what is over, 1 for each of date, hours, materials and booth that it brings back whole. */
  gain: number;
  /** Level steps lost, weighted by the share of the outer area that loses them. */
  loss: number;
}

export interface GiveUps {
  base: PlanFigures;
  /** What the plan as it stands passes: days late, the caps, and what it cannot keep. */
  over: Over;
  best: GiveUp[];
}

/** By how much date and caps are passed, and how many windows, pins and steps the calendar cannot keep; 0 where all is kept. */
export interface Over {
  unkept: number;
  lateDays: number;
  labourMin: number;
  materialsMinor: number;
  boothMin: number;
}

const mostTold = 5;
const leastGain = 0.005;
/** A loss of nothing is not worth infinitely much. */
const leastLoss = 0.1;
/** Ways of working that change hours or passes but not what the owner gets; the others are matters of the finish. */
const neutralSchools: readonly SchoolKey[] = [
  'filler',
  'filler-sanding',
  'block-finish',
  'blocks',
  'openings',
  'tape',
  'trim',
  'polish-time',
];

/**
 * Tries every single change it knows and names the five that give most back for the least loss of finish, each planned
 * through the whole pipeline.
 * It pauses after each plan, so that a server can answer others meanwhile.
 * @returns null when date, caps, windows and pins are all kept
 */
export function* whatToGiveUp(given: Situation): Generator<void, GiveUps | null> {
  const plan = planJob(inputOf(given));
  const over = overOf(plan);
  if (Object.values(over).every((one) => one <= 0)) return null;
  const found: GiveUp[] = [];
  for (const change of candidates(given, plan)) {
    yield;
    const changed = withChange(given, change);
    if (!changed) continue;
    const other = planJob(inputOf(changed));
    const gain = gainOf(over, overOf(other));
    if (gain > leastGain) found.push({ change, figures: figuresOf(other), gain, loss: lossOf(plan, change) });
  }
  const worth = ({ gain, loss }: GiveUp) => gain / (leastLoss + loss);
  found.sort((a, b) => worth(b) - worth(a) || a.figures.labourMin - b.figures.labourMin);
  return { base: figuresOf(plan), over, best: found.slice(0, mostTold) };
}

function overOf(plan: Plan): Over {
  const { lateDays, budgets } = plan;
  const above = ({ planned, cap }: { planned: number; cap: number }) =>
    cap > 0 ? Math.max(0, planned - cap) : 0;
  return {
    unkept: unkeptOf(plan).length,
    lateDays: Math.max(0, lateDays),
    labourMin: above(budgets.labourMin),
    materialsMinor: above(budgets.materialsMinor),
    boothMin: above(budgets.boothMin),
  };
}

/** What is newly passed counts against what is brought back. */
function gainOf(before: Over, after: Over): number {
  return (Object.keys(before) as (keyof Over)[]).reduce((sum, key) => {
    if (before[key] > 0) return sum + (before[key] - after[key]) / before[key];
    return after[key] > 0 ? sum - 1 : sum;
  }, 0);
}

function lossOf(plan: Plan, change: Change): number {
  if (change.kind !== 'level') return 0;
  const whole = plan.sections.reduce((sum, one) => sum + one.outsideM2, 0);
  const own = plan.sections.filter((one) => one.base === change.section);
  const lost = own.reduce((sum, one) => sum + one.outsideM2 * levelsDown(one.level, change.level), 0);
  return whole > 0 ? lost / whole : 0;
}

function candidates({ job, shop }: Situation, plan: Plan): Change[] {
  const used = new Set(plan.steps.flatMap((step) => step.people));
  const lower = (level: Level): Level | undefined => levels[levels.indexOf(level) - 1];
  return [
    ...plan.steps.flatMap((step): Change[] =>
      step.pinnedAt === null || step.state !== 'planned'
        ? []
        : [{ kind: 'unpin', step: step.key, name: `${step.name}, ${step.subject}` }],
    ),
    { kind: 'saturdays' },
    { kind: 'overtime', minutes: 60 },
    ...skills.filter((one) => used.has(one)).map((skill): Change => ({ kind: 'extra-person', skill })),
    ...(shop.places.some((one) => one.kind === 'booth') && plan.finishDate
      ? [{ kind: 'rented-booth' as const, from: job.arrival, days: 366 }]
      : []),
    ...job.sections.flatMap((section): Change[] => {
      const level = lower(section.level);
      return level && level !== 'Keep' ? [{ kind: 'level', section: section.key, level }] : [];
    }),
    ...schoolKeys
      .filter((school) => neutralSchools.includes(school))
      .flatMap((school) =>
        schoolOptions[school].map((option): Change => ({ kind: 'school', section: null, school, option })),
      ),
  ];
}
