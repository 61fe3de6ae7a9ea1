import { figuresFrom, type Figures } from '../figures';
import {
  closingAt,
  waitingAt,
  withinLimits,
  type ClosingKey,
  type Product,
  type Shelf,
  type WaitKey,
} from '../film';
import type { Job, StepFact } from '../record';
import type { Caution } from '../safety';
import type { MonthAir, PlaceKind, Shop } from '../shop';
import type { Part } from '../vehicle';
import { catalogueWith, operationIn, type Catalogue } from './catalogue';
import type { Operation } from './operation';
import { crewMinutes, overheadShare, personMinutes, quantityOf, roomForCrew } from './labour';
import { airsOf, longestWait, monthsOf, shortestWindow } from './place-air';
import { cautionsOf, needsOf } from './step-needs';
import { asComputed, type WorkMeasure, type WorkOptions } from './work-options';
import type { LinkReason, SoftWindow, Stay, Step, StepLink, StepNetwork, StepWarning } from './step';

export interface StepContext {
  job: Job;
  parts: readonly Part[];
  shop: Shop;
  shelf: Shelf;
  /** The shop's own and changed entries of the operation catalogue. */
  operations?: readonly Operation[];
  /** What is known of steps as they are built; the facts of the job where nobody says more. */
  factsOf?: (steps: readonly Step[]) => StepFact[];
}

/** Collects the steps of a job with their links; every route writes into one of these. */
export class StepDraft {
  constructor(
    readonly context: StepContext,
    readonly network: StepNetwork = {
      steps: [],
      links: [],
      stays: [],
      softWindows: [],
      warnings: [],
      programme: { bodies: [], passes: [], covers: [] },
      facts: context.job.facts,
    },
  ) {
    this.entries = catalogueWith(context.operations ?? []);
    this.figures = figuresFrom(context.shop.figures, context.job.figures);
    for (const step of network.steps) this.byKey.set(step.key, step);
  }

  /** The figures of the shop and of this job. */
  readonly figures: Figures;
  readonly entries: Catalogue;
  private readonly byKey = new Map<string, Step>();
  private readonly known = new Map<string, unknown>();
  private readonly warned = new Set<string>();

  /** An entry of the catalogue as this shop has it. */
  operation(code: string): Operation {
    return operationIn(this.entries, code);
  }

  /** Adds one step of attended work and returns its key. */
  work(options: WorkOptions): string {
    const operation = this.operation(options.operation);
    const { flashMin = 0, hold = null, faces = operation.faces } = options;
    const { quantity, rate, fixedMin, share, learned, worked, crew } = this.reckon(options);
    const step: Step = {
      key: options.key,
      operation: operation.code,
      name: options.name ?? operation.name,
      subject: options.subject,
      sections: options.sections,
      faces,
      shut: options.shut ?? [],
      phase: options.phase ?? operation.phase,
      kind: operation.pauses ? 'splittable' : 'contiguous',
      minutes: crewMinutes(worked, crew, this.figures) + flashMin,
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
        rateFrom: (options.isTyped ?? options.rate === undefined) ? this.rateFrom(operation) : 'catalogue',
        learned,
      },
      coat: options.coat ?? null,
      grit: options.grit ?? null,
      spread: options.spread ?? null,
      covering: options.covering ?? [],
      pass: options.pass ?? null,
      needs: [
        ...needsOf(operation.basis, options.consumes ?? operation.consumes, quantity.amount * share),
        ...(options.needs ?? []),
      ],
      cautions: [
        ...new Set([...operation.cautions, ...(options.cautions ?? []), ...this.cautionsOf(options.coat)]),
      ],
      tags: operation.tags,
      overhead: options.coat ? 0 : overheadShare(options.parts),
      inspection: options.inspection ?? operation.inspection,
      checks: options.checks ?? operation.checks,
      lost: operation.lost,
      because: options.because.length > 0 ? options.because : [{ code: 'operation', why: operation.why }],
      leaves: options.leaves === undefined ? operation.leaves : options.leaves,
      ...asComputed,
      heldBy: [],
    };
    this.network.steps.push(step);
    this.byKey.set(step.key, step);
    for (const from of options.after) this.link(from, options.key, { code: 'order' });
    return options.key;
  }

  /** What a step comes to before it is added: quantity, rate, person-minutes and the crew that finds room. */
  reckon(options: WorkMeasure) {
    const operation = this.operation(options.operation);
    const { share = 1, faces = operation.faces } = options;
    const quantity = quantityOf(operation, options.parts, faces, this.figures);
    const rate = options.rate ?? this.rateOf(operation) ?? 0;
    const fixedMin = options.fixedMin ?? operation.fixedMin;
    const learned = this.learnedOf(operation);
    const worked = personMinutes(fixedMin, rate, quantity.weighted, share * learned);
    const crew = this.crewFor(operation, options.crew, quantity.amount * share);
    return { quantity, rate, fixedMin, share, learned, worked, crew };
  }

  /** What the product of a coat asks to beware of. */
  private cautionsOf(coat: Step['coat'] | undefined): readonly Caution[] {
    return cautionsOf(coat ? this.context.shelf.get(coat.product) : undefined);
  }

  /** Hands on a step: as many as are wanted, find room on `amount` of its surface and are able. */
  private crewFor(operation: Operation, asked: number | undefined, amount: number): number {
    const wanted = asked ?? operation.usualCrew;
    const room = operation.basis === 'm²' ? roomForCrew(amount, this.figures) : wanted;
    const able = this.context.shop.people.filter((person) => person.skills.includes(operation.skill)).length;
    if (able === 0) this.warn({ code: 'no-skill', skill: operation.skill });
    const most = asked === undefined ? operation.mostCrew : 4;
    return Math.max(1, Math.min(Math.max(wanted, operation.leastCrew), room, able, most));
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
    Object.assign(this.stepOf(key), {
      kind: 'passive',
      minutes,
      personMinutes: 0,
      crew: 0,
      people: [],
      place: null,
    });
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
    if (this.warned.has(text)) return;
    this.warned.add(text);
    this.network.warnings.push(warning);
  }

  /** Airs that the first place of a kind can have while the job runs; 18 °C where the shop has no such place. */
  private airs(kind: PlaceKind): MonthAir[] {
    return this.once(`air ${kind}`, () => {
      const { shop, job } = this.context;
      const place = shop.places.find((one) => one.kind === kind);
      return place
        ? airsOf(place, monthsOf(job.arrival, job.promised))
        : [{ workC: 18, nightC: 18, humidity: 50 }];
    });
  }

  /** A large job asks for the same wait of the same product a thousand times. */
  private once<T>(name: string, work: () => T): T {
    if (!this.known.has(name)) this.known.set(name, work());
    return this.known.get(name) as T;
  }

  /** Air of a kind of place in working hours of the coldest month, °C. */
  airC(kind: PlaceKind): number {
    return Math.min(...this.airs(kind).map((air) => air.workC));
  }

  /** Highest humidity that a kind of place has in working hours while the job runs, %. */
  humidity(kind: PlaceKind): number {
    return Math.max(...this.airs(kind).map((air) => air.humidity));
  }

  /** A waiting time of a product in a kind of place; outside its limits a warning and the sheet's own time. */
  waits(product: Product, key: WaitKey, kind: PlaceKind): number {
    return this.once(`${key} ${kind} ${product.code}`, () => {
      const sheet = product.coating!;
      this.checkAir(product, kind);
      const shift = this.context.shop.shifts[0] ?? { startMin: 480, endMin: 1020 };
      return longestWait(sheet, key, this.airs(kind), shift) ?? waitingAt(sheet, key, sheet.sheetC) ?? 0;
    });
  }

  /** A closing window of a product in a kind of place; null where it never closes. */
  closes(product: Product, key: ClosingKey, kind: PlaceKind): number | null {
    return this.once(`${key} ${kind} ${product.code}`, () => {
      const sheet = product.coating!;
      this.checkAir(product, kind);
      return shortestWindow(sheet, key, this.airs(kind)) ?? closingAt(sheet, key, sheet.sheetC);
    });
  }

  private checkAir(product: Product, kind: PlaceKind): void {
    const { minAirC, maxAirC } = product.coating!;
    const outside = this.airs(kind).find((air) => !withinLimits({ minAirC, maxAirC }, air.workC));
    if (outside)
      this.warn({
        code: 'air-outside-limits',
        product: product.code,
        airC: outside.workC,
        minAirC,
        maxAirC,
      });
  }

  /** Adds fixed person-minutes to a step that stands already; its crew shares them. */
  addMinutes(key: string, minutes: number): void {
    if (minutes <= 0) return;
    const step = this.stepOf(key);
    step.personMinutes += Math.round(minutes);
    step.minutes += crewMinutes(minutes, Math.max(1, step.crew), this.figures);
    step.figure.fixedMin += minutes;
  }

  /** Steps of which anything is known: begun or done. */
  get begun(): ReadonlySet<string> {
    return new Set(this.network.facts.map((fact) => fact.step));
  }

  /** @throws Error for a key of no step: our own bug */
  stepOf(key: string): Step {
    const step = this.byKey.get(key);
    if (!step) throw new Error(`no such step: ${key}`);
    return step;
  }

  /** The shop's rate of an operation, else the catalogue's; null where a rule sets it. */
  rateOf({ code, rate }: Operation): number | null {
    const { job, shop } = this.context;
    return job.rates[code] ?? shop.rates[code] ?? rate;
  }

  /** The shop's own factor; a rate typed for this job is meant as it stands. */
  learnedOf({ code }: Operation): number {
    const { job, shop } = this.context;
    return job.rates[code] === undefined ? (shop.learned[code] ?? 1) : 1;
  }

  private rateFrom({ code }: Operation): Step['figure']['rateFrom'] {
    const { job, shop } = this.context;
    return job.rates[code] !== undefined ? 'job' : shop.rates[code] !== undefined ? 'shop' : 'catalogue';
  }
}
