import type { Programme } from '../programme';
import { closeBareMetal, closeSpots } from './bare-metal';
import { addStage, keysOf, leading, subjectOf, type StageRoom } from './group';
import { sprayedParts } from './field-family';
import { coveredBecause, fieldMask, fixedMinOf } from './field-mask';
import { FilmLedger } from './film-ledger';
import type { Faces } from './labour';
import { breakLineBecause, breakLineOf } from './break-line';
import { layPass } from './lay-pass';
import { weightsOf } from './area-weights';
import type { StepDraft } from './draft';
import { facesOf, underStands } from './pass-parts';
import { passOf } from './pass-of-task';
import { rollPass } from './roll-pass';
import { sealantFor } from './sealant';
import { spreadOfStep } from './spread-work';
import { blockByGrits, blocksByGrits } from './block-by-grits';
import { goesByGrits, sandByGrits } from './sand-by-grits';
import type { SectionWork } from './section-work';
import { pullBeforeMoving } from './wet-pulls';
import { closingOf, windowKey } from './recoat-windows';
import type { Session } from './session';
import { warnOfFilm } from './film-warnings';
import { quoteOutside } from './stripping';
import type { Task } from './task-model';
import { inOrder, nodesOf, type Node } from './task-order';
import { nameOf, reasonsOf } from './task-reasons';
import { touchFilm } from './touch-film';
import { partsOfTask } from './task-parts';

/** Stays in the wash bay; every other stage is worked in a bay. */
const isWash = (stage: string) => /^(strip|treat)(-|$)/.test(stage);

/** Turns tasks into steps, stays and links, and knows what each task ended with. */
export class Emission {
  /** Steps after which a task is over. */
  private readonly ends = new Map<string, string[]>();
  /** The last step of work, where its task has several. */
  private readonly lastOf = new Map<string, string>();
  private readonly ledger: FilmLedger;

  constructor(
    private readonly draft: StepDraft,
    private readonly works: ReadonlyMap<string, SectionWork>,
    private readonly programme: Programme,
    private readonly tasks: ReadonlyMap<string, Task>,
    private readonly isHull: boolean,
  ) {
    this.ledger = new FilmLedger(draft);
  }

  all(): void {
    for (const node of nodesOf(this.tasks, this.isHull)) this.node(node);
    pullBeforeMoving(this.draft);
  }

  private partsOf = (task: Task) => partsOfTask(this.draft, [...this.works.values()], task);

  private subjectOf = (task: Task): string =>
    subjectOf(task.sections, [...task.group.sections, ...task.group.hung]);

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
        return this.session(task);
      case 'rolled':
        return this.rolled(task, room);
      case 'wait':
        return this.wait(task, room);
      case 'work':
        return this.work(task, room);
    }
  }

  private session(task: Task): void {
    const { draft, ledger } = this;
    const pass = passOf(this.programme, task);
    const areas = keysOf(task.sections);
    const own = { works: this.worksOf(task), all: [...this.works.values()] };
    const parts = sprayedParts(pass, this.partsOf(task), own, draft.figures);
    const coated = facesOf(pass, parts);
    const sessions = layPass(draft, {
      pass,
      key: task.key,
      works: this.worksOf(task),
      parts,
      subject: this.subjectOf(task),
      after: this.before(task),
      round: task.round,
      rounds: task.rounds,
    });
    const [first] = sessions;
    const last = sessions.at(-1)!;
    closeBareMetal(draft, this.tasks, task, first!, ledger.bareOf(areas));
    ledger.recoated(areas, coated, first!.firstCoat);
    this.closeWindows(areas, coated, first!);
    if (pass.role === 'colour') for (const work of this.worksOf(task)) warnOfFilm(draft, work);
    ledger.coated(areas, coated, last, true);
    this.settle(task, first!.firstCoat);
    ledger.meet(task.operation, areas, first!.firstCoat);
    this.ends.set(task.key, [last.unload]);
  }

  private rolled(task: Task, room: StageRoom): void {
    const pass = passOf(this.programme, task);
    const isPatch = pass.role === 'touch-in';
    const film = rollPass(this.draft, {
      pass,
      leaves: !isPatch,
      key: task.key,
      scope: isPatch ? `${task.scope}/patch` : task.scope,
      works: this.worksOf(task),
      parts: isPatch ? underStands(this.partsOf(task)) : this.partsOf(task),
      subject: this.subjectOf(task),
      hold: room.hold,
      after: this.before(task),
    });
    if (!isPatch) {
      for (const work of this.worksOf(task)) warnOfFilm(this.draft, work);
      this.ledger.coated(keysOf(task.sections), () => 'both', film, false);
    }
    this.ends.set(task.key, [film.unload]);
  }

  /** Films that nobody opened since want their next coat inside their window, on every face and whatever is built. */
  private closeWindows(areas: readonly string[], coated: (area: string) => Faces, session: Session): void {
    for (const { film, face, sections } of this.ledger.openBeneath(areas, coated)) {
      const closing = closingOf(this.draft, film);
      if (closing === null) continue;
      const { from, maxMin } = closing;
      const [to, product, lastCoat] = [session.firstCoat, film.lastProduct.code, film.lastCoat];
      const key = windowKey(from, to, face);
      this.draft.softWindow({ key, from, lastCoat, to, product, maxMin, sections, face });
    }
  }

  private worksOf = (task: Task): SectionWork[] =>
    task.sections.map((section) => this.works.get(section.key)!);

  /** Steps that end what a task waits for. */
  private before(task: Task): string[] {
    return [...new Set([...task.needs.keys()].flatMap((key) => this.ends.get(key)!))];
  }

  private work(task: Task, room: StageRoom): void {
    const { draft } = this;
    const { operation, sections } = task;
    const { situation } = this.works.get(sections[0]!.key)!;
    // Loose pieces that were hung are worked where their body stands.
    const loose = task.group.loose && sections.every((one) => one.loose);
    const works = this.worksOf(task);
    const all = this.partsOf(task);
    const isOnRack = room.hold === null && loose && operation.stage !== null && operation.place !== 'yard';
    const rack = isWash(operation.stage ?? '') ? ('wash' as const) : ('bench' as const);
    const place = isOnRack ? rack : undefined;
    if (goesByGrits(operation)) {
      const [subject, because] = [this.subjectOf(task), reasonsOf(task, draft.context.job)];
      const common = { subject, parts: all, hold: room.hold, place, because };
      return this.worked(task, room, sandByGrits(draft, task, works, common));
    }
    if (blocksByGrits(draft, task, works)) {
      const [subject, because] = [this.subjectOf(task), reasonsOf(task, draft.context.job)];
      const common = { subject, parts: all, hold: room.hold, place, because, name: nameOf(task) };
      return this.worked(task, room, blockByGrits(draft, task, works, common));
    }
    const line = operation.does.includes('texture') ? breakLineOf(draft, all) : null;
    const parts = line?.parts ?? all;
    const { rate, share } = weightsOf(draft, operation, works, parts);
    const spread = spreadOfStep(draft, operation, works, parts);
    const mask = operation.does.includes('cover-fields')
      ? fieldMask(works, [...this.works.values()], parts, draft.figures)
      : null;
    draft.work({
      key: task.key,
      operation: operation.code,
      name: nameOf(task),
      subject: this.subjectOf(task),
      sections: keysOf(sections),
      parts,
      hold: room.hold,
      pass: operation.does.includes('texture') ? `${task.scope}/texture` : null,
      place,
      ...(rate === undefined ? {} : { rate }),
      fixedMin: fixedMinOf(operation, loose, mask) + (line?.lineMin ?? 0),
      needs: mask?.needs ?? line?.needs ?? [],
      covering: mask?.covering ?? [],
      share: line ? 1 : share,
      consumes: spread?.consumes ?? sealantFor(operation, draft.figures),
      spread: spread?.told ?? null,
      because: [...breakLineBecause(line), ...reasonsOf(task, draft.context.job), ...coveredBecause(mask)],
      // On an airframe whatever touches the skin says what must never touch it.
      ...(situation.route === 'aircraft' && operation.phase === 'strip'
        ? { cautions: ['aircraft-skin'] }
        : {}),
      after: [],
    });
    if (operation.code === 'send-out') quoteOutside(draft, task.key, parts);
    this.worked(task, room, { first: task.key, last: task.key });
  }

  /** Ties work that was written to what comes before it and to the films it meets. */
  private worked(task: Task, room: StageRoom, { first, last }: { first: string; last: string }): void {
    const { operation, sections } = task;
    this.linkBefore(task, first, room);
    touchFilm(this.ledger, task, first, this.works);
    this.ledger.meet(operation, keysOf(sections), first);
    if (operation.does.includes('spot-prime')) closeSpots(this.draft, this.ends, task);
    this.lastOf.set(task.key, last);
    this.ends.set(task.key, [last]);
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

  /** What an entry of the catalogue says dries, or a card that was sprayed, stands a while before the next work. */
  private settle(task: Task, step: string): void {
    const { draft } = this;
    for (const key of task.needs.keys()) {
      const { operation, sections } = this.tasks.get(key)!;
      const { kind, settlesMin, does } = operation;
      if (kind === 'work' && settlesMin > 0)
        draft.link(this.lastOf.get(key)!, step, { code: 'settle' }, settlesMin);
      const { group } = this.works.get(leading(sections).key)!;
      const film = does.includes('sample') ? group.stackOf(leading(sections)).layers.at(-1) : undefined;
      if (!film) continue;
      const why = { code: 'handle-after', product: film.product.code, airC: draft.airC('bay') } as const;
      draft.link(key, step, why, draft.waits(film.product, 'handleAfterMin', 'bay'));
    }
  }

  private wait(task: Task, room: StageRoom): void {
    const { draft } = this;
    const { operation, sections } = task;
    const films = operation.makes === 'cured' ? this.ledger.cured(keysOf(sections)) : [];
    const [film] = films;
    const schools = this.works.get(leading(sections).key)!.situation.schools;
    const product = film?.lastProduct;
    const key = schools['polish-time'] === 'weeks' ? 'fullCureMin' : 'sandAfterMin';
    const minutes = product
      ? draft.waits(product, key, 'bay') || draft.waits(product, 'sandAfterMin', 'bay')
      : operation.settlesMin;
    draft.wait(task.key, operation.code, this.subjectOf(task), keysOf(sections), minutes, room.hold);
    Object.assign(draft.stepOf(task.key), { because: reasonsOf(task, draft.context.job) });
    this.ends.set(task.key, [task.key]);
    if (!film) return this.linkBefore(task, task.key, room);
    for (const { lastCoat, lastProduct } of films) {
      const why = { code: 'sand-after' as const, product: lastProduct.code, airC: draft.airC('bay') };
      draft.link(lastCoat, task.key, why);
    }
    // The film cures in the booth as well as beside it; what follows needs both the cure and the room.
    this.ends.set(task.key, [task.key, ...this.before(task)]);
  }
}
