import { colourOrder } from '../programme';
import { clockOf, type Job, type JobSection } from '../record';
import type { Group } from './group';
import { roundsOf, situationOf } from './section-situation';
import type { Route, SectionSituation, SituationFlag } from './situation';
import type { LoopKey } from './work-state';

/** All that the builder needs to know of one section. */
export interface SectionWork {
  group: Group;
  section: JobSection;
  /** What it shares its steps with: the key of the section, or of its lot. */
  clock: string;
  situation: SectionSituation;
  rounds: Record<LoopKey, number>;
  /** First clock of those painted in the same session; its own where it is painted alone. */
  lot: string;
  /** First section of the job that has its colour and system: samples and their approvals are shared by these. */
  colour: string;
  /** Painted before it on the same body. */
  before: SectionWork | null;
  /** Its place among all that is painted, the body's lots one after the other. */
  place: number;
}

/** The sections of a job with their situation, rounds, lot and place in the order of painting. */
export function sectionWorks(job: Job, route: Route, groups: readonly Group[]): SectionWork[] {
  const all = groups.flatMap((group) => {
    const works = new Map(
      group.sections.map((section): [string, SectionWork] => {
        const situation = situationOf(job, route, group, section);
        const rounds = roundsOf(section, group.stackOf(section), situation);
        const clock = clockOf(section);
        return [
          section.key,
          {
            group,
            section,
            clock,
            situation,
            rounds,
            lot: clock,
            colour: colourOf(section, groups),
            before: null,
            place: 0,
          },
        ];
      }),
    );
    const ordered = paintOrder(group, works, job.colourOrder);
    paintLots(ordered);
    // Lots follow each other as their first sections do; what is painted together stands together in the order.
    const lots = [...new Set(ordered.map((work) => work.lot))];
    const inLots = [...ordered].sort((a, b) => lots.indexOf(a.lot) - lots.indexOf(b.lot));
    for (const [place, work] of inLots.entries()) {
      work.place = place;
      const earlier = lots[lots.indexOf(work.lot) - 1];
      work.before = ordered.findLast((one) => one.lot === earlier) ?? null;
    }
    return group.sections.map((section) => works.get(section.key)!);
  });
  for (const work of all) if (isBesideKept(work, all)) flag(work, 'beside-kept');
  const first = firstUnit(all);
  for (const work of all)
    if (first && work.group === first.group && work.lot === first.lot) flag(work, 'first-unit');
  return all;
}

function colourOf({ colourName, system }: JobSection, groups: readonly Group[]): string {
  const first = groups
    .flatMap((group) => group.sections)
    .find((one) => one.colourName === colourName && one.system === system)!;
  return first.base ?? first.key;
}

function flag(work: SectionWork, name: SituationFlag): void {
  work.situation = { ...work.situation, flags: new Set([...work.situation.flags, name]) };
}

/** Something on the same body keeps its paint, and has to be covered while this is primed. */
const isBesideKept = ({ group, situation }: SectionWork, all: readonly SectionWork[]): boolean =>
  !group.loose &&
  situation.flags.has('painted') &&
  all.some((one) => one.group === group && !one.situation.flags.has('painted'));

/** The unit that is finished and accepted first: the one that is painted before the others. */
export function firstUnit(works: readonly SectionWork[]): SectionWork | undefined {
  const comesLater = (work: SectionWork): boolean =>
    work.before !== null && (asksForFirst(work.before) || comesLater(work.before));
  return works.find((work) => asksForFirst(work) && !comesLater(work));
}

/** Loose units of which one is finished and accepted before the others are painted. */
const asksForFirst = ({ section, situation }: SectionWork): boolean =>
  section.loose && situation.schools['first-article'] === 'one-first' && situation.flags.has('painted');

/** The sections of a body in the order in which they are painted. */
function paintOrder(
  group: Group,
  works: ReadonlyMap<string, SectionWork>,
  byHand: readonly string[],
): SectionWork[] {
  const own = group.sections.map((section) => works.get(section.key)!);
  const ranked = own.map((work) => ({ work, clock: work.clock, rank: rankOf(work) }));
  return colourOrder(ranked, byHand).map(({ work }) => work);
}

/** Where the trade paints a section: a stripe first where its tape becomes the mask, what looks up, the rest, a stripe at last. */
function rankOf({ group, section, situation: { flags, schools } }: SectionWork): number {
  if (flags.has('stripe')) return schools.stripe === 'first' ? 0 : 3;
  return group.partsOf(section).some((part) => part.side === 'top') ? 1 : 2;
}

/** Schools that shape the steps a lot has in common. */
const shared = ['assembly', 'clears', 'polish-time', 'tape', 'texture'] as const;

/** Sections of one colour, system, clear and school that get their last coats assembled are painted as one lot. */
function paintLots(ordered: readonly SectionWork[]): void {
  const firsts = new Map<string, string>();
  for (const work of ordered) {
    // An airframe gets one colour in one session; a hull is laid by hand, section by section.
    if (work.situation.route === 'hull') continue;
    if (work.situation.route === 'panel' && work.situation.schools.assembly === 'apart') continue;
    const { system, colourName, level, lead = level } = work.section;
    const schools = shared.map((key) => work.situation.schools[key]);
    // What is laid on an airframe differs by panel in one session; elsewhere the level shapes the steps.
    const own = work.situation.route === 'aircraft' ? [] : [lead, work.rounds.clears];
    const alike = JSON.stringify([system, colourName, ...own, ...schools]);
    if (!firsts.has(alike)) firsts.set(alike, work.clock);
    work.lot = firsts.get(alike)!;
  }
}
