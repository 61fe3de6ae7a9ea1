import { figuresFrom, type Figures } from '@/core/figures';
import { shelfOf, type Product, type Shelf } from '@/core/film';
import type { Plan, PlannedStep } from '@/core/plan';
import {
  colourOfKey,
  type Caps,
  type Job,
  type ScopeChange,
  type SignOff,
  type StepEdit,
} from '@/core/record';
import type { Shop } from '@/core/shop';
import { kitOfStep } from '@/core/stores';
import { changedBeneath } from '@/core/handover';
import { localDateOf } from '@/core/units';
import { panelsOf } from '@/core/vehicle';
import type { JobView } from '../frame/job-view';
import type { Locale } from '../words/format';
import { namedAreas, namesOf } from '../words/names';
import { changeGround } from '../what-if/change-ground';
import type { ChangeGround } from '../what-if/change-words';
import { warningsShown } from '../warnings/warnings-shown';
import { panelsShown, type SectionPanels } from './panels-props';
import { roundsShown, type RoundsShown } from './rounds-props';
import { craftShown, type StepCraft } from './step-craft-props';
import { schoolsShown, type SchoolsShown } from './schools-props';

/** A panel with the area that keeps its own colour, and its fields in others. */
export interface PartShown {
  key: string;
  name: string;
  section: string;
  fields: { area: string; colour: string }[];
}

export interface StepsRoomProps {
  job: string;
  bodyKind: string;
  /** Places by their id. */
  placeNames: Record<string, string>;
  steps: PlannedStep[];
  /** What was changed by hand, by step, with the row's version. */
  edits: Record<string, StepEdit & { seen: number }>;
  scope: (ScopeChange & { seen: number })[];
  /** Steps put in by hand, by their key in the plan, with the row's id and version. */
  added: Record<string, { id: string; seen: number }>;
  /** Releases of holds as they were typed, by step. */
  /** Releases, each with how many panels it binds and those whose work beneath it was changed since. */
  signOffs: Record<
    string,
    Pick<SignOff, 'name' | 'licence' | 'date'> & {
      seen: number;
      isSigned: boolean;
      binds: number;
      changed: string[];
    }
  >;
  /** Rates typed for this job, by operation, with the version of the job. */
  rates: { values: Readonly<Record<string, number>>; seen: number };
  people: { id: string; name: string; skills: readonly string[] }[];
  schools: SchoolsShown;
  rounds: RoundsShown[];
  panels: SectionPanels[];
  /** What a step asks of the hand, by step. */
  craft: Record<string, StepCraft>;
  /** Today in the shop, for what is typed with a day. */
  today: string;
  labourRateMinorPerHour: number;
  /** Protective kit each step uses up, for everybody in it, and what of it is on the shelf. */
  kit: Record<string, { product: string; amount: number; onHand: number }[]>;
  caps: Caps;
  parts: PartShown[];
  covers: Plan['covers'];
  /** Name of the colour of each area. */
  areaColours: Record<string, string>;
  now: number;
  sections: { key: string; name: string; colourName: string }[];
  productNames: Record<string, string>;
  resourceNames: Record<string, string>;
  locale: Locale;
  warnings: JobView['warnings'];
  /** What remedies may name. */
  ground: ChangeGround;
}

const partsShown = (job: Job, plan: Plan): PartShown[] =>
  panelsOf(plan.parts).map(({ key, name, section }) => ({
    key,
    name,
    section,
    fields: plan.parts.flatMap((part) =>
      part.key === key && part.section !== section && part.field?.colour
        ? [{ area: part.section, colour: colourOfKey(job, part.field.colour).name }]
        : [],
    ),
  }));

const kitOfSteps = (
  plan: Plan,
  shelf: Shelf,
  onHand: Record<string, number>,
  figures: Figures,
): StepsRoomProps['kit'] =>
  Object.fromEntries(
    plan.steps
      .filter((step) => step.state === 'planned')
      .map((step) => [
        step.key,
        kitOfStep(step, shelf, figures).map((need) => ({ ...need, onHand: onHand[need.product] ?? 0 })),
      ]),
  );

/** Names of people and places by id. */
export const resourceNamesOf = (shop: Shop): Record<string, string> =>
  Object.fromEntries([...shop.people, ...shop.places].map((one) => [one.id, one.name]));

/** Releases of the job, each with what it binds and whether that was changed since. */
const releasesShown = (
  job: Job,
  plan: Plan,
  versions: Readonly<Record<string, number>>,
): StepsRoomProps['signOffs'] =>
  Object.fromEntries(
    job.signOffs.map(({ step, name, licence, date, signedBy, bound }) => [
      step,
      {
        name,
        licence,
        date,
        seen: versions[`${job.number}/${step}`] ?? 1,
        isSigned: signedBy !== '',
        binds: bound === null ? 0 : Object.keys(bound.parts).length,
        changed: bound === null ? [] : changedBeneath(bound, plan),
      },
    ]),
  );

export function stepsProps(
  job: Job,
  plan: Plan,
  shop: Shop,
  products: readonly Product[],
  versions: Record<string, number> = {},
  onHand: Record<string, number> = {},
): StepsRoomProps {
  const productNames = Object.fromEntries(products.map((product) => [product.code, product.name]));
  const names = namesOf(plan, namedAreas(job.sections, plan), (code) => productNames[code] ?? code);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  return {
    job: job.number,
    bodyKind: job.bodyKind,
    placeNames: Object.fromEntries(shop.places.map(({ id, name }) => [id, name])),
    steps: plan.steps,
    edits: Object.fromEntries(
      job.stepEdits.map((edit) => [
        edit.step,
        { ...edit, seen: versions[`${job.number}/edit/${edit.step}`] ?? 1 },
      ]),
    ),
    scope: job.scope.map((change) => ({ ...change, seen: versions[`${job.number}/${change.id}`] ?? 1 })),
    added: Object.fromEntries(
      job.addedSteps.map(({ id }) => [`added/${id}`, { id, seen: versions[`${job.number}/${id}`] ?? 1 }]),
    ),
    signOffs: releasesShown(job, plan, versions),
    rates: { values: job.rates, seen: versions[job.number] ?? 1 },
    people: shop.people.map(({ id, name, skills }) => ({ id, name, skills })),
    schools: schoolsShown(job, plan, { shelf: shelfOf(products), shop }, versions),
    rounds: roundsShown(job, plan, versions),
    panels: panelsShown(job, plan, versions),
    craft: craftShown(job, plan, { shop, shelf: shelfOf(products) }),
    today: localDateOf(plan.computedAt, shop.timeZone),
    labourRateMinorPerHour: shop.labourRateMinorPerHour,
    kit: kitOfSteps(plan, shelfOf(products), onHand, figuresFrom(shop.figures, job.figures)),
    caps: job.caps,
    parts: partsShown(job, plan),
    covers: plan.covers,
    areaColours: Object.fromEntries(
      plan.sections.map((area) => [area.section, colourOfKey(job, area.colour).name]),
    ),
    now: plan.computedAt,
    sections: job.sections.map(({ key, name, colour }) => ({
      key,
      name,
      colourName: colourOfKey(job, colour).name,
    })),
    productNames,
    resourceNames: resourceNamesOf(shop),
    locale,
    warnings: warningsShown(plan, { job, shop, names }),
    ground: changeGround(job, [], shop, versions),
  };
}
