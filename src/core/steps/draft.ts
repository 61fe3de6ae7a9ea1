import { dryingFactor, type Product, type Shelf } from '../film';
import type { Job } from '../record';
import type { Caution } from '../safety';
import type { PlaceKind, Shop } from '../shop';
import type { Part } from '../vehicle';
import { operationOf } from './catalogue';
import { crewMinutes, personMinutes, quantityOf, roomForCrew, type Faces } from './labour';
import type {
  LinkReason,
  SoftWindow,
  Stay,
  Step,
  StepLink,
  StepNetwork,
  StepReason,
  StepWarning,
} from './step';

export interface StepContext {
  job: Job;
  parts: readonly Part[];
  shop: Shop;
  shelf: Shelf;
}

export interface WorkOptions {
  key: string;
  operation: string;
  subject: string;
  sections: string[];
  parts: readonly Part[];
  because: StepReason[];
  after: readonly string[];
  faces?: Faces;
  /** Share of the quantity that is worked, 0..1. */
  share?: number;
  /** Rate in place of the catalogue's, where the level or the ladder sets it. */
  rate?: number;
  hold?: string | null;
  /** Kind of place in place of the catalogue's. */
  place?: PlaceKind;
  name?: string;
  fixedMin?: number;
  crew?: number;
  flashMin?: number;
  coat?: Step['coat'];
  cautions?: Caution[];
  leaves?: Step['leaves'];
  phase?: Step['phase'];
}

/** Collects the steps of a job with their links; every route writes into one of these. */
export class StepDraft {
  constructor(
    readonly context: StepContext,
    readonly network: StepNetwork = { steps: [], links: [], stays: [], softWindows: [], warnings: [] },
  ) {}

  /** Adds one step of attended work and returns its key. */
  work(options: WorkOptions): string {
    const operation = operationOf(options.operation);
    const { shop } = this.context;
    const quantity = quantityOf(operation, options.parts, options.faces ?? 'outside');
    const share = options.share ?? 1;
    const ownRate = shop.rates[operation.code];
    const rate = options.rate ?? ownRate ?? operation.rate ?? 0;
    const fixedMin = options.fixedMin ?? operation.fixedMin;
    const worked = personMinutes(fixedMin, rate, quantity.weighted, share);
    const wanted = options.crew ?? operation.usualCrew;
    const room = operation.basis === 'm²' ? roomForCrew(quantity.amount * share) : wanted;
    const able = shop.people.filter((person) => person.skills.includes(operation.skill)).length;
    const crew = Math.max(1, Math.min(wanted, room, able));
    if (able === 0) this.warn({ code: 'no-skill', skill: operation.skill });
    const flashMin = options.flashMin ?? 0;
    const product = options.coat ? this.context.shelf.get(options.coat.product) : undefined;
    const hold = options.hold ?? null;
    this.network.steps.push({
      key: options.key,
      operation: operation.code,
      name: options.name ?? operation.name,
      subject: options.subject,
      sections: options.sections,
      phase: options.phase ?? operation.phase,
      kind: operation.pauses ? 'splittable' : 'contiguous',
      minutes: crewMinutes(worked, crew) + flashMin,
      personMinutes: Math.round(worked) + flashMin * crew,
      crew,
      people: Array.from({ length: crew }, () => operation.skill),
      place: hold === null ? (options.place ?? operation.place) : null,
      hold,
      notBefore: 0,
      figure: {
        fixedMin,
        rate,
        unit: operation.basis,
        quantity: quantity.amount,
        weighted: quantity.weighted,
        share,
        flashMin,
        ownRate: options.rate === undefined && ownRate !== undefined,
      },
      coat: options.coat ?? null,
      needs: operation.consumes.map((one) => ({
        product: one.product,
        amount: one.perUnit * (operation.basis === 'fixed' ? 1 : quantity.amount * share),
      })),
      cautions: [...new Set([...operation.cautions, ...(options.cautions ?? []), ...cautionsOf(product)])],
      because: options.because,
      leaves: options.leaves === undefined ? operation.leaves : options.leaves,
    });
    for (const from of options.after) this.link(from, options.key, { code: 'order' });
    return options.key;
  }

  /** Adds a wait that nobody attends. */
  wait(
    key: string,
    operation: string,
    subject: string,
    sections: string[],
    minutes: number,
    hold: string | null,
  ): string {
    this.work({ key, operation, subject, sections, parts: [], because: [], after: [], hold, fixedMin: 0 });
    const step = this.network.steps.at(-1)!;
    Object.assign(step, { kind: 'passive', minutes, personMinutes: 0, crew: 0, people: [], place: null });
    return key;
  }

  link(from: string, to: string, why: LinkReason, min = 0, max: number | null = null): void {
    this.network.links.push({ from, to, min, max, why } satisfies StepLink);
  }

  stay(stay: Stay): void {
    this.network.stays.push(stay);
  }

  softWindow(window: SoftWindow): void {
    this.network.softWindows.push(window);
  }

  /** Each warning once, however many steps give rise to it. */
  warn(warning: StepWarning): void {
    const text = JSON.stringify(warning);
    if (!this.network.warnings.some((one) => JSON.stringify(one) === text))
      this.network.warnings.push(warning);
  }

  /** Air of the first place of a kind, °C; 18 where the shop has no such place. */
  airC(kind: PlaceKind): number {
    return this.context.shop.places.find((place) => place.kind === kind)?.airC ?? 18;
  }

  /** Drying factor of a product in a place; outside its limits a warning and the sheet's own times. */
  factor(product: Product, kind: PlaceKind): number {
    const sheet = product.coating!;
    const airC = this.airC(kind);
    const factor = dryingFactor(sheet, airC);
    if (factor === null)
      this.warn({
        code: 'air-outside-limits',
        product: product.code,
        airC,
        minAirC: sheet.minAirC,
        maxAirC: sheet.maxAirC,
      });
    return factor ?? 1;
  }

  stepOf(key: string): Step {
    const step = this.network.steps.find((one) => one.key === key);
    if (!step) throw new Error(`no such step: ${key}`);
    return step;
  }
}

const cautionByHazard: Partial<Record<Product['hazards'][number], Caution>> = {
  isocyanate: 'isocyanate',
  solvent: 'solvent',
  chromate: 'chromate',
  biocide: 'biocide',
  acid: 'acid',
  caustic: 'caustic',
  peroxide: 'peroxide',
};

const cautionsOf = (product: Product | undefined): Caution[] =>
  (product?.hazards ?? []).flatMap((hazard) => cautionByHazard[hazard] ?? []);
