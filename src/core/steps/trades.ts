import { baseOf, basesOf, type Harm, type Job, type Opening, type SendOut } from '../record';
import { dayAfter } from '../shop';
import { minuteAt, type Minute } from '../units';
import type { StepDraft } from './draft';
import { passesOf } from './fittings';
import { followersOf } from './order-by-hand';
import { stepsFrom } from './top-coats';
import type { Step } from './step';

/** Minutes to keep an edge soft: to set it up once, and a metre of it. */
const openingMin: Record<Opening['method'], { once: number; perM: number }> = {
  foam: { once: 2, perM: 2 },
  'back-taped': { once: 3, perM: 6 },
  wrapped: { once: 8, perM: 2 },
  'sprayed-together': { once: 0, perM: 0 },
};
const openingWords: Record<Opening['method'], string> = {
  foam: 'foam in the gap',
  'back-taped': 'tape folded back on itself',
  wrapped: 'wrapped whole',
  'sprayed-together': 'sprayed together with the outside',
};

/** Puts what the lists say of openings, covers, and blend lines into the steps they concern. */
export function addTrades(draft: StepDraft): void {
  addOpenings(draft);
  addCovers(draft);
  addBlends(draft);
}

const say = (step: Step, text: string): void => {
  step.checks = [...step.checks, text];
};

const isOn = (step: Step, section: string | undefined): boolean =>
  section !== undefined && basesOf(step).includes(section);

function sectionsOfParts(draft: StepDraft): ReadonlyMap<string, string> {
  return new Map(draft.context.parts.map((part) => [part.key, baseOf(part.section)]));
}

/** Every pass that masks a section masks its openings again; minutes by the metre of edge. */
function addOpenings(draft: StepDraft): void {
  const sections = sectionsOfParts(draft);
  for (const one of draft.context.job.openings) {
    const section = sections.get(one.part);
    if (section === undefined) continue;
    const { once, perM } = openingMin[one.method];
    for (const step of draft.network.steps.filter((each) => isOn(each, section))) {
      if (passesOf([step], section) === 0) continue;
      draft.addMinutes(step.key, once + perM * one.lengthM);
      const line = one.barrier ? `, line at ${one.barrier}` : '';
      const exit = one.exit ? `, overspray leaves ${one.exit}` : '';
      say(step, `${one.part} ${one.what}: ${openingWords[one.method]}${line}${exit}`);
    }
  }
}

/** Whether a step does that kind of harm to what stands near it. */
const does: Record<Harm, (step: Step) => boolean> = {
  stripper: (step) => step.phase === 'strip' && (step.tags.includes('wet') || step.tags.includes('fume')),
  dust: (step) => step.tags.includes('dusty'),
  overspray: (step) => step.coat !== null,
  solvent: (step) => /wash|wipe|degrease/.test(step.operation),
  compound: (step) => step.operation === 'polish',
};

function addCovers(draft: StepDraft): void {
  for (const step of draft.network.steps) sayCovers(draft.context.job, step);
}

/** What stands near a step and would be harmed by it is covered. */
export function sayCovers({ covers }: Pick<Job, 'covers'>, step: Step): void {
  for (const { what, harm, cover } of covers)
    if (does[harm](step)) say(step, `cover ${what}${cover ? ` with ${cover}` : ''}`);
}

/** The line a blend runs out to stands with the last coat it belongs to, and with the blending itself. */
function addBlends(draft: StepDraft): void {
  const sections = sectionsOfParts(draft);
  for (const { part, line, material, widthMm, timing } of draft.context.job.blends) {
    const section = sections.get(part);
    const own = draft.network.steps.filter((step) => isOn(step, section));
    const roles = timing === 'clear' ? ['clear', 'topcoat'] : ['colour', 'topcoat'];
    const last = own.filter((step) => step.coat && roles.includes(step.coat.role)).at(-1);
    const text = `${part}: fade out to ${line || 'the edge'} over ${widthMm} mm${material ? `, ${material}` : ''}`;
    if (last) say(last, text);
    for (const step of own) if (step.operation === 'blend-edge') say(step, text);
  }
}

interface Awaited {
  name: string;
  /** Does a step wait for it? */
  holds(step: Step): boolean;
  until: Minute | null;
}

/**
 * Work that others must do first, and pieces that are outside: what waits for them is not planned before their day and hour, and
 * where nobody named a day it is planned and not booked. A piece that is outside is worked by nobody from the hour it leaves to
 * the hour it is back: whatever is done to it alone comes before or after.
 */
export function waitForOthers(draft: StepDraft): void {
  const { job, shop } = draft.context;
  const sections = sectionsOfParts(draft);
  const out = job.sendOuts.filter((one) => one.returnedOn === null);
  const backOf = ({ dueOn, sentOn, leadDays, leadIn, backAt }: SendOut): Minute | null => {
    const day = dueOn ?? (sentOn === null ? null : dayAfter(shop, sentOn, leadDays, leadIn));
    return day === null ? null : minuteAt(day, backAt ?? 0, shop.timeZone);
  };
  const awaited: Awaited[] = [
    ...job.milestones
      .filter((one) => one.tie === 'before' && !one.done)
      .map((one) => ({
        name: one.what || one.trade,
        holds: (step: Step) => step.phase === one.phase,
        until: one.onDate === null ? null : minuteAt(one.onDate, 0, shop.timeZone),
      })),
    ...out.map((one) => ({
      name: `${one.what} is outside`,
      holds: (step: Step) =>
        step.phase === one.phase && (!sections.has(one.part) || isOn(step, sections.get(one.part))),
      until: backOf(one),
    })),
  ];
  const { begun } = draft;
  for (const { name, holds, until } of awaited)
    for (const step of draft.network.steps) {
      if (begun.has(step.key) || !holds(step)) continue;
      if (until === null) step.heldBy = [...step.heldBy, name];
      else step.notBefore = Math.max(step.notBefore, until);
    }
  const gone = out.flatMap((one) => {
    const back = backOf(one);
    if (one.sentOn === null || back === null) return [];
    return [{ ...one, from: minuteAt(one.sentOn, one.leaveAt ?? 0, shop.timeZone), back }];
  });
  spareWhatIsGone(draft, gone);
}

/** Of work whose panels are all away at some time: the hours in which it is not done. */
function spareWhatIsGone(
  draft: StepDraft,
  gone: readonly (SendOut & { from: Minute; back: Minute })[],
): void {
  if (gone.length === 0) return;
  const panelsOf = panelsBySection(draft);
  const away = new Set(gone.map((one) => one.part));
  for (const step of draft.network.steps) {
    const panels = step.sections.flatMap((key) => panelsOf.get(key) ?? []);
    if (step.kind === 'passive' || panels.length === 0 || !panels.every((panel) => away.has(panel))) continue;
    const own = gone.filter((one) => panels.includes(one.part));
    step.limits = [
      ...step.limits,
      ...own.map(({ id, what, from, back }) => ({ kind: 'away' as const, id, what, from, to: back })),
    ];
  }
}

/** Keys of the panels of each area of the job. */
function panelsBySection(draft: StepDraft): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>();
  for (const { section, key } of draft.context.parts)
    found.set(section, [...(found.get(section) ?? []), key]);
  return found;
}

/** Until the first article is accepted, the booth sessions of the units behind it are planned but not booked. */
export function holdBehindFirstArticle(draft: StepDraft): void {
  const { job } = draft.context;
  const approval = draft.network.steps.find((step) => step.operation === 'approve-first');
  if (!approval || approval.skipped) return;
  const accepted = job.signOffs.some((one) => one.step === approval.key);
  const { begun } = draft;
  if (accepted || begun.has(approval.key)) return;
  const behind = stepsFrom(followersOf(draft), approval.key);
  const sessions = new Set(
    draft.network.steps.flatMap((step) => (step.coat && behind.has(step.key) ? [step.coat.session] : [])),
  );
  for (const step of draft.network.steps)
    if (!begun.has(step.key) && (sessions.has(step.coat?.session ?? '') || sessions.has(step.hold ?? '')))
      step.heldBy = [...step.heldBy, 'first article not accepted'];
}
