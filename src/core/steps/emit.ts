import type { JobSection } from '../record';
import type { Part } from '../vehicle';
import { closeBareMetal, closeSpots } from './bare-metal';
import { addStage, keysOf, leading, subjectOf, type StageRoom } from './group';
import { quantityOf } from './labour';
import { ruledRate, ruledShare } from './level-work';
import type { StepDraft } from './draft';
import { HandFilms } from './hand-films';
import type { Laying } from './laying';
import { layRolled } from './rolled-coats';
import { OpenFilms } from './open-films';
import type { Role } from './operation';
import type { SectionWork } from './section-work';
import { afterSanding, type Session } from './session';
import { laySession } from './session-of-task';
import type { StepReason } from './step';
import { quoteOutside, stripMethod } from './stripping';
import type { Task } from './task-model';
import { inOrder, nodesOf, type Node } from './task-order';

/** Stays in the wash bay; every other stage is worked in a bay. */
const washStages = new Set(['strip', 'treat']);
const isWash = (stage: string) => washStages.has(stage.split('-')[0]!);
/** Work before the colour that only touches what lies beside the film, or dusts it. */
const leavesFilmAlone = new Set(['guide-coat', 'test-panel', 'approve-sample', 'approve-first']);

/** Operations of hanging panels loosely for the paint. */
const hangs: ReadonlySet<string> = new Set(['hang-loose', 'take-off-loose']);

/** Turns tasks into steps, stays and links, and knows what each task ended with. */
export class Emission implements Laying {
  /** Steps after which a task is over. */
  readonly ends = new Map<string, string[]>();
  /** The last film of each section, while nobody has worked on it yet. */
  readonly standing = new Map<string, Session>();
  readonly topmost = new Map<string, Session>();
  readonly open = new OpenFilms();
  private readonly byHand: HandFilms;

  constructor(
    readonly draft: StepDraft,
    readonly works: ReadonlyMap<string, SectionWork>,
    private readonly tasks: ReadonlyMap<string, Task>,
    private readonly isHull: boolean,
  ) {
    this.byHand = new HandFilms(draft);
  }

  all(): void {
    for (const node of nodesOf(this.tasks, this.isHull)) this.node(node);
  }

  partsOf(task: Task) {
    const parts = task.sections.flatMap((section) => this.works.get(section.key)!.group.partsOf(section));
    if (!hangs.has(task.operation.code)) return parts;
    // Where the survey names panels that go on loosely, only these are hung and taken off again.
    const loose = new Set(
      this.draft.context.job.surveyed.flatMap((one) => (one.fit === 'loose' ? [one.key] : [])),
    );
    const named = parts.filter((part) => loose.has(part.key));
    return named.length > 0 ? named : parts;
  }

  subjectOf = (task: Task): string => subjectOf(task.sections, task.group.sections);

  private node({ stage, tasks }: Node): void {
    const own = new Set(tasks.map((task) => task.key));
    const outside = tasks.flatMap((task) => [...task.needs.keys()].filter((key) => !own.has(key)));
    if (stage === null) {
      for (const task of tasks) this.task(task, { hold: null, place: undefined, after: [] });
      return;
    }
    const given = {
      key: stage,
      placeKind: isWash(stage) ? ('wash' as const) : ('bay' as const),
      phase: tasks[0]!.operation.phase,
      after: [...new Set(outside.flatMap((key) => this.ends.get(key)!))],
    };
    const leave = addStage(this.draft, tasks[0]!.group, given, (room) => {
      const needed = new Set(tasks.flatMap((task) => [...task.needs.keys()]));
      for (const task of inOrder(tasks)) this.task(task, room);
      return tasks.filter((task) => !needed.has(task.key)).flatMap((task) => this.ends.get(task.key)!);
    });
    // Only what stands outside waits for the room to be free again.
    for (const task of tasks) this.ends.set(task.key, leave);
  }

  private task(task: Task, room: StageRoom): void {
    switch (task.operation.kind) {
      case 'session':
        this.session(task);
        break;
      case 'rolled':
        this.ends.set(task.key, [layRolled(this, task, room.hold, this.before(task))]);
        break;
      case 'wait':
        this.wait(task, room);
        break;
      case 'work':
        this.work(task, room);
    }
  }

  private session(task: Task): void {
    const { firstCoat, unload } = laySession(this, task);
    this.settle(task, firstCoat);
    this.byHand.meet(task.operation, keysOf(task.sections), firstCoat);
    this.ends.set(task.key, [unload]);
  }

  /** Steps that end what a task waits for. */
  before(task: Task): string[] {
    return [...new Set([...task.needs.keys()].flatMap((key) => this.ends.get(key)!))];
  }

  private work(task: Task, room: StageRoom): void {
    const { draft } = this;
    const { operation, sections } = task;
    const { situation } = this.works.get(sections[0]!.key)!;
    const loose = sections.every((one) => one.loose);
    const parts = this.partsOf(task);
    const { rate, share } = this.weightsOf(task, parts);
    const stage = isWash(operation.stage ?? '') ? 'wash' : 'bench';
    draft.work({
      key: task.key,
      operation: operation.code,
      ...(task.round > 0 && task.rounds > 1
        ? { name: `${operation.name}, round ${task.round} of ${task.rounds}` }
        : {}),
      subject: this.subjectOf(task),
      sections: keysOf(sections),
      parts,
      hold: room.hold,
      ...(room.hold === null && loose && operation.stage !== null && operation.place !== 'yard'
        ? { place: stage }
        : {}),
      ...(rate === undefined ? {} : { rate }),
      ...(operation.fixedOnBody && loose ? { fixedMin: 0 } : {}),
      share,
      because: this.reasons(task),
      // On an airframe whatever touches the skin says what must never touch it.
      ...(situation.route === 'aircraft' && operation.phase === 'strip'
        ? { cautions: ['aircraft-skin'] }
        : {}),
      after: [],
    });
    this.linkBefore(task, task.key, room);
    this.touchFilm(task);
    this.byHand.meet(operation, keysOf(sections), task.key);
    if (operation.does.includes('spot-prime')) closeSpots(this.draft, this.ends, task);
    if (operation.code === 'send-out') quoteOutside(draft, task.key, parts);
    this.ends.set(task.key, [task.key]);
  }

  /**
   * Rate and share of a step over areas of several levels: the means by what each has of the work, so that
   * rate × quantity × share is the sum over them. The rate is undefined where the catalogue's or the shop's stands.
   */
  private weightsOf({ operation, sections }: Task, parts: readonly Part[]) {
    const catalogued = this.draft.rateOf(operation) ?? 0;
    const areas = sections.map((section) => {
      const { situation } = this.works.get(section.key)!;
      const factor = operation.levelFactor[section.level] ?? 1;
      const ruled = ruledRate(operation, section, situation);
      const own = parts.filter((part) => part.section === section.key);
      return {
        own: ruled ?? (factor === 1 ? undefined : catalogued * factor),
        share: ruledShare(operation, section),
        weighted: quantityOf(operation, own, operation.faces).weighted,
      };
    });
    const [first] = areas;
    const isAlike = areas.every((one) => one.own === first!.own && one.share === first!.share);
    const sum = (value: (one: (typeof areas)[number]) => number) =>
      areas.reduce((total, one) => total + value(one), 0);
    const weighted = sum((one) => one.weighted);
    if (isAlike || weighted === 0) return { rate: first!.own, share: first!.share };
    const share = sum((one) => one.share * one.weighted) / weighted;
    const worked = sum((one) => (one.own ?? catalogued) * one.share * one.weighted);
    return { rate: share === 0 ? 0 : worked / (share * weighted), share };
  }

  /** Ties a step to what comes before it; what ended before the body came into its room is waited for by its entry. */
  private linkBefore(task: Task, step: string, room: StageRoom): void {
    const inRoom = [...task.needs].flatMap(([key, state]) =>
      this.ends
        .get(key)!
        .flatMap((end) =>
          room.hold === null || this.draft.stepOf(end).hold === room.hold ? [{ state, end }] : [],
        ),
    );
    if (inRoom.length === 0) for (const key of room.after) this.draft.link(key, step, { code: 'order' });
    for (const { state, end } of inRoom) this.draft.link(end, step, { code: 'state', state });
    this.settle(task, step);
  }

  /** What an entry of the catalogue says dries or settles stands a while before the next work, wherever that is done. */
  private settle(task: Task, step: string): void {
    for (const key of task.needs.keys()) {
      const { kind, settlesMin } = this.tasks.get(key)!.operation;
      if (kind === 'work' && settlesMin > 0) this.draft.link(key, step, { code: 'settle' }, settlesMin);
    }
  }

  /** Work waits for the films it meets: tape until they bear it, hands until they have set, abrasives until they sand. */
  private touchFilm(task: Task): void {
    const { does, code, phase, unit, shareBy, faces } = task.operation;
    const is = (...roles: readonly Role[]) => does.some((role) => roles.includes(role));
    if (is('cover-others')) return this.waitFor('tapeAfterMin', task, this.besides(task));
    if (is('cover-inside', 'cover-outside')) return this.waitFor('tapeAfterMin', task, task.sections);
    if (is('uncover')) return this.waitFor('handleAfterMin', task, task.sections);
    if (is('fit', 'hang')) this.waitFor('handleAfterMin', task, task.sections);
    if (leavesFilmAlone.has(code) || phase === 'return' || unit === 'job' || is('uncover-wet')) return;
    for (const section of task.sections) {
      const film = this.standing.get(section.key);
      if (!film) continue;
      afterSanding(this.draft, film, task.key);
      this.standing.delete(section.key);
    }
    if (is('scuff', 'block', 'sand', 'cut') && shareBy === null)
      this.open.opened(keysOf(task.sections), faces);
  }

  /** What else stands on the body, and is covered while these sections are sprayed. */
  private besides({ group, sections }: Task): JobSection[] {
    return group.loose ? [] : group.sections.filter((one) => !sections.includes(one));
  }

  private waitFor(key: 'tapeAfterMin' | 'handleAfterMin', task: Task, sections: readonly JobSection[]): void {
    const films = new Set(sections.flatMap((one) => this.topmost.get(one.key) ?? []));
    const code = key === 'tapeAfterMin' ? 'tape-after' : 'handle-after';
    for (const { lastCoat, lastProduct } of films) {
      const why = { code, product: lastProduct.code, airC: this.draft.airC('bay') } as const;
      this.draft.link(lastCoat, task.key, why, this.draft.waits(lastProduct, key, 'bay'));
    }
  }

  private wait(task: Task, room: StageRoom): void {
    const { draft } = this;
    const { operation, sections } = task;
    const cures = operation.makes === 'cured' ? sections : [];
    const films = [...new Set(cures.flatMap((one) => this.standing.get(one.key) ?? []))];
    const [film] = films;
    const schools = this.works.get(leading(sections).key)!.situation.schools;
    const product = film?.lastProduct;
    const key = schools['polish-time'] === 'weeks' ? 'fullCureMin' : 'sandAfterMin';
    const minutes = product
      ? draft.waits(product, key, 'bay') || draft.waits(product, 'sandAfterMin', 'bay')
      : operation.settlesMin;
    draft.wait(task.key, operation.code, this.subjectOf(task), keysOf(sections), minutes, room.hold);
    Object.assign(draft.stepOf(task.key), { because: this.reasons(task) });
    this.ends.set(task.key, [task.key]);
    if (!film) return this.linkBefore(task, task.key, room);
    for (const { lastCoat, lastProduct } of films) {
      const why = { code: 'sand-after' as const, product: lastProduct.code, airC: draft.airC('bay') };
      draft.link(lastCoat, task.key, why);
    }
    // The film cures in the booth as well as beside it; what follows needs both the cure and the room.
    this.ends.set(task.key, [task.key, ...this.before(task)]);
    for (const section of sections) this.standing.delete(section.key);
  }

  reasons(task: Task): StepReason[] {
    const { operation, round, rounds, sections } = task;
    const section = leading(sections);
    const said: StepReason[] = [];
    if (operation.makes === 'old-off') said.push(stripMethod(section).reason);
    else if (operation.makes === 'treated')
      said.push({ code: 'substrate', substrate: section.substrate, method: 'treat' });
    else if (operation.rateBy !== null)
      said.push({ code: 'level-round', level: section.level, round: round || 1, of: round > 0 ? rounds : 1 });
    else if (operation.makes === 'masked') said.push({ code: 'colour-next', colour: section.colourName });
    if (operation.cautions.includes('licensed-hold')) said.push({ code: 'licensed-hold' });
    return [...said, { code: 'operation', why: operation.why }];
  }

  closeBareMetal(task: Task, session: Session): void {
    closeBareMetal(this.draft, this.tasks, task, session);
  }
}
