import { colourOrder } from '../programme';
import { clockOf, colourKeyOf, fieldAreaKey, systemOfColour, type Job, type JobSection } from '../record';
import type { CardGround } from './card-ground';
import type { Group } from './group';
import { schools } from './schools';
import { roundsOf, situationOf } from './section-situation';
import type { Route, SectionSituation, SituationFlag } from './situation';
import type { LoopKey } from './work-state';

/** All that the builder needs to know of one section. */
export interface SectionWork {
  group: Group;
  /** Where it gets its last coats: its own group, or the body that loose pieces are hung on for them. */
  paintedOn: Group;
  section: JobSection;
  /** What it shares its steps with: the key of the section, or of its lot. */
  clock: string;
  situation: SectionSituation;
  rounds: Record<LoopKey, number>;
  /** First clock of those painted in the same session; its own where it is painted alone. */
  lot: string;
  /** First clock of those that get their clear in the same sessions; the lot where each colour has its own. */
  over: string;
  /** First section of the job that has its colour and system: samples and their approvals are shared by these. */
  colour: string;
  /** Of insides in a colour of their own: what names the sample of that; null where they have none. */
  insideColour: string | null;
  /** Grounds besides its own that want a card. */
  grounds: readonly CardGround[];
  /** Painted before it on the same body. */
  before: SectionWork | null;
  /** Lots of its family that are covered while it is sprayed though they come later. */
  keepsFree: ReadonlySet<string>;
  /** Its place among all that is painted, the body's lots one after the other. */
  place: number;
}

const nothing: ReadonlySet<string> = new Set();

/** The sections of a job with their situation, rounds, lot and place in the order of painting. */
export function sectionWorks(job: Job, route: Route, groups: readonly Group[]): SectionWork[] {
  const all = groups.flatMap((group) =>
    group.sections.map((section): SectionWork => {
      const situation = situationOf(job, route, group, section);
      const rounds = roundsOf(section, group.stackOf(section), situation);
      const clock = clockOf(section);
      const lot = colourKeyOf(section);
      const colour = colourOf(section, groups);
      const insideColour = insideColourOf(section, groups);
      const own = { clock, lot, over: lot, colour, insideColour };
      return {
        group,
        paintedOn: group,
        section,
        situation,
        rounds,
        ...own,
        grounds: [],
        before: null,
        keepsFree: nothing,
        place: 0,
      };
    }),
  );
  hangLoosePieces(all);
  for (const group of groups) {
    const painted = all.filter((work) => work.paintedOn === group);
    const ordered = paintOrder(painted, job.colourOrder);
    paintLots(ordered);
    clearsOver(ordered);
    // Lots follow each other as their first sections do; what is painted or cleared together stands together in the order.
    const inOvers = together(ordered, (work) => work.over);
    const inLots = together(inOvers, (work) => work.lot);
    const lots = [...new Set(inLots.map((work) => work.lot))];
    for (const [place, work] of inLots.entries()) {
      work.place = place;
      const earlier = lots[lots.indexOf(work.lot) - 1];
      work.before = inLots.findLast((one) => one.lot === earlier) ?? null;
    }
  }
  for (const work of all) if (isBesideKept(work, all)) flag(work, 'beside-kept');
  for (const work of all)
    if (work.situation.route === 'aircraft' && !work.group.loose && work.before !== null)
      flag(work, 'later-colour');
  flagFamilies(all, job.colourCovers);
  const first = firstUnit(all);
  for (const work of all)
    if (first && work.group === first.group && work.lot === first.lot) flag(work, 'first-unit');
  return all;
}

function colourOf({ colour, system }: JobSection, groups: readonly Group[]): string {
  const first = groups
    .flatMap((group) => group.sections)
    .find((one) => one.colour === colour && systemOfColour(one.system) === systemOfColour(system))!;
  const base = first.base ?? first.key;
  return first.field === undefined ? base : fieldAreaKey(base, first.field);
}

/** An inside shares its sample with what has its colour by the same system outside; else with the first such inside. */
function insideColourOf(
  { insideColour, insideLaid, system }: JobSection,
  groups: readonly Group[],
): string | null {
  if (insideColour === null || insideLaid === undefined) return null;
  const all = groups.flatMap((group) => group.sections);
  const laid = systemOfColour(insideLaid.system ?? system);
  if (all.some((one) => one.colour === insideColour && systemOfColour(one.system) === laid))
    return colourOf({ ...all[0]!, colour: insideColour, system: laid }, groups);
  const first = all.find((one) => one.insideColour === insideColour)!;
  return fieldAreaKey(first.base ?? first.key, insideColour);
}

/** Adds what is known of an area once all of them are. */
export function flag(work: SectionWork, name: SituationFlag): void {
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

/** Loose pieces that get their last coats assembled are hung on the body whose colour they have. */
function hangLoosePieces(all: readonly SectionWork[]): void {
  const isAssembled = ({ situation: { route, schools: methods, flags } }: SectionWork) =>
    route === 'panel' && methods.assembly !== 'apart' && flags.has('painted');
  const isField = ({ section }: SectionWork) => section.field !== undefined;
  const hang = (work: SectionWork, group: Group) => {
    work.paintedOn = group;
    group.hung.push(work.section);
  };
  for (const work of all.filter((one) => one.group.loose && isAssembled(one) && !isField(one))) {
    const own = alikeOf(work);
    const body = all.find(
      (one) => !one.group.loose && isAssembled(one) && !isField(one) && alikeOf(one) === own,
    );
    if (body) hang(work, body.group);
  }
  // A field goes where its panels go.
  for (const work of all.filter((one) => one.group.loose && isField(one))) {
    const base = all.find((one) => one.clock === work.clock && !isField(one) && one.paintedOn !== one.group);
    if (base) hang(work, base.paintedOn);
  }
}

/** The sections of a body in the order in which they are painted. */
function paintOrder(own: readonly SectionWork[], byHand: readonly string[]): SectionWork[] {
  const ranked = own.map((work) => ({
    work,
    clock: colourKeyOf(work.section),
    rank: rankOf(work),
    isTurned: work.section.hullSide === 'second',
  }));
  return colourOrder(ranked, byHand).map(({ work }) => work);
}

/** Where the trade paints a section: a stripe first where its tape becomes the mask, what looks up, the rest, a stripe at last. */
function rankOf({ group, section, situation: { flags, schools } }: SectionWork): number {
  if (flags.has('stripe')) return schools.stripe === 'first' ? 0 : 3;
  return group.partsOf(section).some((part) => part.side === 'top') ? 1 : 2;
}

/** The same list with those of one name next to each other, where the first of them stands. */
function together<T>(list: readonly T[], nameOf: (one: T) => string): T[] {
  const names = [...new Set(list.map(nameOf))];
  return [...list].sort((a, b) => names.indexOf(nameOf(a)) - names.indexOf(nameOf(b)));
}

/** Colours under one clear share its sessions: the first of them names these. */
function clearsOver(ordered: readonly SectionWork[]): void {
  const firsts = new Map<string, string>();
  const nameOf = ({ section, situation }: SectionWork) =>
    situation.flags.has('clear-over') ? section.clearOver : undefined;
  // A field is named by what it is cut from, whichever is painted first.
  const bases = ordered.filter(({ section }) => section.field === undefined);
  for (const work of [...bases, ...ordered]) {
    const name = nameOf(work);
    if (name !== undefined && !firsts.has(name)) firsts.set(name, work.lot);
    work.over = name === undefined ? work.lot : firsts.get(name)!;
  }
}

/**
 * Fields under one clear with the one colour they are cut from: what lies round them is covered once, for all of their
 * colours and the clear; each later colour is only taped against those that stand.
 */
function flagFamilies(all: readonly SectionWork[], covers: Job['colourCovers']): void {
  const families = new Map<string, SectionWork[]>();
  for (const work of all.filter((one) => one.situation.flags.has('clear-over'))) {
    const key = `${work.paintedOn.key}|${work.over}`;
    families.set(key, [...(families.get(key) ?? []), work]);
  }
  for (const family of families.values()) {
    const bases = family.filter(({ section }) => section.field === undefined);
    const isOne = new Set(bases.map((one) => one.lot)).size === 1;
    const clocks = new Set(bases.map((one) => one.clock));
    if (!isOne || bases.length === family.length || family.some((one) => !clocks.has(one.clock))) continue;
    const firstLot = family.reduce((first, one) => (one.place < first.place ? one : first)).lot;
    for (const work of family) {
      flag(work, 'keeps-mask');
      const named = covers.flatMap(({ sprayed, covered }) => (sprayed === work.lot ? [covered] : []));
      const later = family.filter((one) => one.place > work.place && named.includes(one.lot));
      work.keepsFree = new Set(later.map((one) => one.lot));
      if (work.lot !== firstLot) flag(work, 'later-field');
      else if (later.length > 0) flag(work, 'keeps-free');
      if (work.lot !== firstLot || later.length > 0) flag(work, 'taped-field');
    }
  }
}

/** Schools that shape the steps a lot has in common. */
const shared = ['assembly', 'clears', 'polish-time', 'tape', 'texture'] as const;

/** Sections of one colour, system, clear and method that get their last coats assembled are painted as one lot. */
function paintLots(ordered: readonly SectionWork[]): void {
  const firsts = new Map<string, string>();
  for (const work of ordered) {
    // An airframe gets one colour in one session; a hull is laid by hand, section by section.
    if (work.situation.route === 'hull') continue;
    if (work.situation.route === 'panel' && work.situation.schools.assembly === 'apart') continue;
    const alike = alikeOf(work);
    if (!firsts.has(alike)) firsts.set(alike, colourKeyOf(work.section));
    work.lot = firsts.get(alike)!;
  }
}

/** What sections must have in common to get their last coats together. */
function alikeOf({ section, situation, rounds }: SectionWork): string {
  const { system, colour, level, lead = level, clearOver } = section;
  // What makes no difference on its build type keeps nothing apart.
  const { route } = situation;
  const kept = shared.filter((key) => schools[key].routes.some((one) => one === route));
  const methods = kept.map((key) => situation.schools[key]);
  // What is laid on an airframe differs by panel in one session; elsewhere the level shapes the steps.
  const own = route === 'aircraft' ? [] : [lead, rounds.clears, clearOver ?? ''];
  // What lies beneath the sealer was laid before.
  return JSON.stringify([systemOfColour(system), colour, ...own, ...methods]);
}
