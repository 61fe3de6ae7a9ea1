import { reachAdvice, type EdgeAdvice } from '@/core/booth';
import type { Shelf } from '@/core/film';
import { painterOf, roundOfCoat } from '@/core/plan/coat-round';
import type { Plan, PlannedStep } from '@/core/plan';
import { placeTaken, workAirC } from '@/core/plan/place-taken';
import { figuresFrom, type Figures } from '@/core/figures';
import { tapeRating } from '@/core/plan/tape-rating';
import { maskTacks, type MaskTack } from '@/core/readings/mask-tack';
import { baseOf, standingEntries, type Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import { crewZones, isRisky, ladderOf, polishCard, withShopWays, type PolishStage } from '@/core/steps';
import { panelsOf } from '@/core/vehicle';

/** What one step asks of the hand, beyond hours and materials. */
export interface StepCraft {
  tack: MaskTack | null;
  polish: PolishStage[];
  round: (EdgeAdvice & { wetEdgeMin: number; platform: boolean; fromBothSides: boolean }) | null;
  /** Who of the crew works on which panels; empty for one person. */
  zones: { person: string; where: string; areaM2: number; first: string; last: string }[];
  looked: { who: string; at: number; note: string }[];
  /** A risky step ahead with no trial before it. */
  untried: boolean;
}

/** The craft of every step that has some, by key. */
export function craftShown(
  job: Job,
  plan: Plan,
  { shop, shelf }: { shop: Shop; shelf: Shelf },
): Record<string, StepCraft> {
  const bayC = shop.places.find((place) => place.kind === 'bay')?.airC ?? 18;
  const figures = figuresFrom(shop.figures, job.figures);
  const tacks = maskTacks(plan.steps, shelf, { bayC, rated: tapeRating(plan, shop, figures) });
  const sections = new Map(withShopWays(job, shop).sections.map((section) => [section.key, section]));
  const names = new Map(shop.people.map((person) => [person.id, person.name]));
  const looks = standingEntries(job.log).filter((entry) => entry.kind === 'inspected');
  const trials = plan.steps.filter((step) => /trial|test-panel/.test(step.operation) && !step.skipped);
  const stays = new Map(plan.stays.map((stay) => [stay.key, stay]));
  const found: Record<string, StepCraft> = {};
  for (const step of plan.steps) {
    const section = sections.get(step.sections[0]?.split(':')[0] ?? '');
    const craft: StepCraft = {
      tack: tacks.get(step.key) ?? null,
      polish:
        section && step.operation === 'polish'
          ? padsOf(polishCard(ladderOf(section), step.figure.quantity, section.oldFinish === 'lacquer'), step)
          : [],
      round: step.coat
        ? roundOf(step, job, shelf, {
            airC: workAirC(placeTaken(step, stays, shop), step.start, shop.timeZone),
            figures,
            parts: plan.parts,
            painter: painterOf(step, shop.people),
          })
        : null,
      zones: zonesOf(step, plan, names),
      looked: looks
        .filter((entry) => entry.step === step.key)
        .map(({ people, at, note }) => ({
          who: people.map((id) => names.get(id) ?? id).join(' and '),
          at,
          note,
        })),
      untried:
        step.state === 'planned' &&
        isRisky(step, shelf) &&
        !trials.some((trial) => trial.end <= step.start && sharesSection(trial, step)),
    };
    if (
      craft.zones.length > 0 ||
      craft.tack ||
      craft.polish.length > 0 ||
      craft.round ||
      craft.looked.length > 0 ||
      craft.untried
    )
      found[step.key] = craft;
  }
  return found;
}

/** The pad of this step; all of them where the shop has made one step of all. */
const padsOf = (card: PolishStage[], { grit }: PlannedStep): PolishStage[] =>
  grit === null ? card : card.slice(grit.nth - 1, grit.nth);

/** Work by the square metre ahead is shared out by panel; done work is history. */
function zonesOf(step: PlannedStep, plan: Plan, names: ReadonlyMap<string, string>): StepCraft['zones'] {
  if (step.state === 'done' || step.figure.unit !== 'm²') return [];
  const people = step.uses.flatMap((id) => names.get(id) ?? []);
  return crewZones(panelsOf(plan.parts.filter((part) => step.sections.includes(part.section))), people).map(
    ({ person, where, areaM2, parts }) => ({
      person,
      where,
      areaM2,
      // A page carries the ends of the run, not every panel of every step.
      first: parts[0] ?? '',
      last: parts.at(-1) ?? '',
    }),
  );
}

/** A trial of the whole job, or of one of the sections, counts for it. */
const sharesSection = (trial: PlannedStep, step: PlannedStep): boolean =>
  trial.sections.length === 0 ||
  trial.sections.some((key) => step.sections.some((own) => baseOf(own) === baseOf(key)));

function roundOf(
  step: PlannedStep,
  job: Job,
  shelf: Shelf,
  { parts, ...given }: { airC: number; figures: Figures; painter: string | null; parts: Plan['parts'] },
): StepCraft['round'] {
  const sheet = shelf.get(step.coat!.product)?.coating;
  if (!sheet || sheet.method !== 'spray') return null;
  const { advice, edgeMin } = roundOfCoat({ ...step, coat: step.coat! }, parts, { sheet, ...given });
  const { width = 0, height = 0 } = job.dimensions;
  const reach = reachAdvice({ widthM: width, heightM: height });
  return { ...advice, wetEdgeMin: edgeMin, ...reach };
}
