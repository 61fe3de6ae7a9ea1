import type { Change } from '../changes';
import { figureEntry, figuresFrom, type FigureKey } from '../figures';
import { laddersWith, levels, type Ladder, type Level } from '../film';
import type { Plan, PlannedStep, PlanWarning } from '../plan';
import { baseOf, type Job } from '../record';
import { skills, type Shop } from '../shop';
import { ladderKeyOf, ladderOf } from '../steps';
import { hiddenShareKey } from '../survey';
import { localDateOf, minutesPerDay } from '../units';

interface Ground {
  plan: Plan;
  job: Job;
  shop: Shop;
}

/** What might be done otherwise about a warning, the nearest first; empty where nothing but what it says helps. */
export function remediesFor(warning: PlanWarning, ground: Ground): Change[] {
  const { plan, job } = ground;
  const step = 'step' in warning ? plan.steps.find((one) => one.key === warning.step) : undefined;
  switch (warning.code) {
    case 'late':
      return [
        ...moreHours,
        ...hand(busiestSkill(plan)),
        ...(plan.finishDate ? [{ kind: 'promise' as const, date: plan.finishDate }] : []),
      ];
    case 'over-cap':
      return [raisedCap(warning), ...lowerLevels(job)];
    case 'over-material-cap':
      return lowerLevels(job);
    case 'allowance-short':
      return [heldShare(warning, ground)];
    case 'window-broken':
    case 'remedied':
      return [...pinsBefore(step, plan), ...moreHours];
    case 'window-tight':
      return moreHours;
    case 'rounds-late':
      return [...fewerRounds(warning.section, job), ...moreHours];
    case 'pin-closes-window':
    case 'pin-missed':
      return unpinned(step);
    case 'no-room':
      return [...unpinned(step), { kind: 'overtime', minutes: 120 }, ...hand(step?.people[0])];
    case 'no-skill':
      return hand(warning.skill);
    case 'hard-days':
      return [...typed('strain.kept', 1), ...hand(warning.kind === 'machine' ? 'polish' : 'prep')];
    case 'painter-changes':
      return onePainter(warning, ground);
    case 'scarce-hands':
      return [...hand(step?.people[0]), ...moreHours];
    case 'session-over-shift':
      return [
        { kind: 'overtime', minutes: Math.min(360, Math.ceil(warning.minutes - warning.shiftMin)) },
        ...hand('paint'),
      ];
    case 'old-tape':
      return typed('tape.days', warning.days);
    case 'refit-early':
      return step ? [later(step, warning.neededMin - warning.waitedMin)] : [];
    case 'edge-dries':
      return step?.coat ? typed('session.second-painter', Math.floor(step.coat.areaM2)) : [];
    case 'forecast-stop':
      return step ? [later(step, minutesPerDay), later(step, 2 * minutesPerDay)] : [];
    case 'work-air':
      return warmedFor(warning, step);
    case 'air-longer':
    case 'air-outside-limits':
      return warmed(warning, ground);
    default:
      return ofFilm(warning, ground);
  }
}

/** Warnings about what is laid and what is left of it. */
function ofFilm(warning: PlanWarning, { plan, job, shop }: Ground): Change[] {
  const coats = (areas: readonly string[], role: 'clear' | 'topcoat' | 'colour' | 'build', count: number) => [
    { kind: 'coats' as const, sections: [...new Set(areas.map(baseOf))], role, coats: count },
  ];
  switch (warning.code) {
    case 'thin-clear':
      return [
        ...coats([warning.section], 'clear', warning.needed),
        ...shorterLadders(warning.section, job, shop),
      ];
    case 'thin-topcoat':
      return [
        ...coats([warning.section], 'topcoat', warning.needed),
        ...shorterLadders(warning.section, job, shop),
      ];
    case 'ridge-cut': {
      const areas = plan.parts.flatMap((one) => (warning.panels.includes(one.key) ? [one.section] : []));
      return coats(areas, 'clear', warning.coats);
    }
    case 'ground-shows':
    case 'line-shows': {
      const summary = plan.sections.find((one) => warning.areas.includes(one.section));
      const role = summary?.layers.some((one) => one.role === 'topcoat') ? 'topcoat' : 'colour';
      return warning.coats === null ? [] : coats(warning.areas, role, warning.coats);
    }
    case 'kept-thin': {
      const section = plan.parts.find((one) => one.key === warning.part)?.section;
      if (section === undefined) return [];
      return [
        ...shorterLadders(section, job, shop),
        { kind: 'level', section: baseOf(section), level: 'Work' },
      ];
    }
    case 'film-limit': {
      const build = plan.sections
        .find((one) => one.section === warning.section)
        ?.layers.find((one) => one.role === 'build' && one.coats > 1);
      return build ? coats([warning.section], 'build', build.coats - 1) : [];
    }
    case 'lifting-kept':
      return [{ kind: 'depth', section: baseOf(warning.section), depth: 'bare' }];
    case 'kept-not-stripped':
      return [{ kind: 'level', section: baseOf(warning.section), level: 'Work' }];
    case 'gloss-over-straightness': {
      const level = lower(job.sections.find((one) => one.key === baseOf(warning.section))?.level);
      return level ? [{ kind: 'level', section: baseOf(warning.section), level }] : [];
    }
    default:
      return [];
  }
}

const moreHours: Change[] = [{ kind: 'saturdays' }, { kind: 'overtime', minutes: 60 }];

/** The painter of the first coat lays all of its session. */
function onePainter(
  { step: key, from }: Extract<PlanWarning, { code: 'painter-changes' }>,
  { plan, shop }: Ground,
): Change[] {
  const coat = plan.steps.find((one) => one.key === key)?.coat;
  const painter = shop.people.find((one) => one.name === from[0]);
  if (!coat || !painter) return [];
  const steps = plan.steps.flatMap((one) =>
    one.coat?.session === coat.session && one.coat.product === coat.product && one.state === 'planned'
      ? [one.key]
      : [],
  );
  return [{ kind: 'painter', steps, person: painter.id, name: painter.name }];
}

const hand = (name: string | undefined): Change[] =>
  skills.flatMap((skill): Change[] => (skill === name ? [{ kind: 'extra-person', skill }] : []));

/** One level lower asks for fewer rounds. */
function fewerRounds(section: string, job: Job): Change[] {
  const level = lower(job.sections.find((one) => one.key === section)?.level);
  return level ? [{ kind: 'level', section, level }] : [];
}

/** The skill that most minutes ahead ask for. */
function busiestSkill({ steps }: Plan): string | undefined {
  const sums = new Map<string, number>();
  for (const step of steps)
    if (step.state === 'planned' && step.people[0] !== undefined)
      sums.set(step.people[0], (sums.get(step.people[0]) ?? 0) + step.personMinutes);
  return [...sums].sort((a, b) => b[1] - a[1])[0]?.[0];
}

const nameOf = ({ name, subject }: PlannedStep): string => `${name}, ${subject}`.slice(0, 120);

const unpinned = (step: PlannedStep | undefined): Change[] =>
  step && step.pinnedAt !== null ? [{ kind: 'unpin', step: step.key, name: nameOf(step) }] : [];

const later = (step: PlannedStep, minutes: number): Change => ({
  kind: 'pin',
  step: step.key,
  name: nameOf(step),
  at: step.start + minutes,
});

/** Fixed starts ahead, up to the step itself: one of them may be what holds it. */
const pinsBefore = (step: PlannedStep | undefined, { steps }: Plan): Change[] =>
  step
    ? steps
        .filter((one) => one.state === 'planned' && one.start <= step.start)
        .flatMap(unpinned)
        .slice(0, 3)
    : [];

function typed(key: FigureKey, value: number): Change[] {
  const { least, most } = figureEntry(key);
  if (value > most) return [];
  return [{ kind: 'figures', figures: [{ key, scope: 'job', of: '', value: Math.max(least, value) }] }];
}

function raisedCap({ budget, planned }: Extract<PlanWarning, { code: 'over-cap' }>): Change {
  // Whole hours, or whole pounds of a hundred minor units.
  const amount = budget === 'materials' ? Math.ceil(planned / 100) * 100 : Math.ceil(planned / 60);
  return { kind: 'cap', budget, amount };
}

const lower = (level: Level | undefined): Level | undefined => {
  const less = level === undefined ? undefined : levels[levels.indexOf(level) - 1];
  return less === 'Keep' ? undefined : less;
};

/** The largest sections one level lower. */
const lowerLevels = ({ sections }: Job): Change[] =>
  sections
    .flatMap((section): Change[] => {
      const level = lower(section.level);
      return level ? [{ kind: 'level', section: section.key, level }] : [];
    })
    .slice(0, 2);

const takenUm = ({ steps }: Ladder): number => steps.reduce((sum, one) => sum + one.removalUm, 0);

/** Sequences that take less film, the one that takes most of them first; none from the gun, which sands nothing. */
function shorterLadders(area: string, job: Job, shop: Shop): Change[] {
  const section = job.sections.find((one) => one.key === baseOf(area));
  if (!section) return [];
  const all = laddersWith(shop.ladders);
  const present = takenUm(all.find((one) => one.key === ladderKeyOf(section)) ?? ladderOf(section));
  return all
    .filter((one) => one.use === 'colour' && one.steps.length > 0 && takenUm(one) < present)
    .sort((a, b) => takenUm(b) - takenUm(a))
    .slice(0, 2)
    .map(({ key }) => ({ kind: 'ladder', section: section.key, ladder: key }));
}

/** So much held that what was found, carried on over all panels, is covered. */
function heldShare(
  { projectedMin, heldMin }: Extract<PlanWarning, { code: 'allowance-short' }>,
  { job, shop, plan }: Ground,
): Change {
  const year = Number(localDateOf(plan.computedAt, shop.timeZone).slice(0, 4));
  const key = hiddenShareKey(job.builtYear ?? year, year);
  const share = plan.allowance?.share ?? 0;
  const present = figuresFrom(shop.figures, job.figures)(key);
  const needed = heldMin > 0 ? present + share * (projectedMin / heldMin - 1) : present;
  const value = Math.min(figureEntry(key).most, Math.ceil(needed * 100) / 100);
  return { kind: 'figures', figures: [{ key, scope: 'job', of: '', value }] };
}

/** The place of some work at its limit, or the work a day later. */
const warmedFor = (
  { place, limitC }: Extract<PlanWarning, { code: 'work-air' }>,
  step: PlannedStep | undefined,
): Change[] => [
  ...(place === null ? [] : [{ kind: 'air' as const, place, airC: limitC }]),
  ...(step ? [later(step, minutesPerDay)] : []),
];

/** Its place kept as warm as the film asks, or as it dries at on its sheet. */
function warmed(
  warning: Extract<PlanWarning, { code: 'air-longer' | 'air-outside-limits' }>,
  { shop }: Ground,
): Change[] {
  if (warning.code === 'air-longer') {
    const bay = shop.places.find((one) => one.kind === 'bay');
    return bay ? [{ kind: 'air', place: bay.id, airC: Math.max(20, bay.airC) }] : [];
  }
  const { airC, minAirC, maxAirC } = warning;
  const wanted = airC < minAirC ? minAirC : maxAirC;
  return shop.places
    .filter(
      (one) => (one.kind === 'booth' || one.kind === 'bay') && (one.airC < minAirC || one.airC > maxAirC),
    )
    .map((one) => ({ kind: 'air', place: one.id, airC: wanted }));
}
