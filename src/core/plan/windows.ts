import type { PlanInput, PlanWindow } from './model';
import { placeSteps, type Placed } from './calendar';
import { linkId } from './reasons-in-words';
import {
  addRemedy,
  isScuffedBy,
  keepOffSoftFilms,
  remedyKey,
  withoutRemedy,
  type SoftWindow,
  type StepLink,
  type StepNetwork,
} from '../steps';

const tightShare = 0.2;
const tightMin = 240;
const shown = new Set<StepLink['why']['code']>(['bare-metal', 'recoat-max']);

/** The closing windows of a placed plan; tight when less than a fifth or four hours is left. */
export function windowsOf(network: StepNetwork, placed: Placed): PlanWindow[] {
  const at = new Map(placed.steps.map((step) => [step.key, step]));
  const windows: PlanWindow[] = [];
  const add = (
    key: string,
    from: string,
    to: string,
    max: number,
    why: StepLink['why'],
    remedy: string | null,
  ) => {
    const [opens, meets] = [at.get(from), at.get(to)];
    if (!opens || !meets) return;
    const closes = opens.end + max;
    const left = closes - meets.start;
    const tight = left < tightMin || left < tightShare * max;
    const state = remedy !== null ? 'remedied' : left < 0 ? 'broken' : tight ? 'tight' : 'kept';
    const product = 'product' in why ? why.product : null;
    windows.push({
      key,
      code: why.code,
      product,
      from,
      to,
      opened: opens.end,
      closes,
      met: meets.start,
      state,
      remedy,
    });
  };
  network.links.forEach((link, i) => {
    if (link.max !== null && shown.has(link.why.code))
      add(linkId(i), link.from, link.to, link.max, link.why, null);
  });
  for (const soft of network.softWindows) {
    const remedy = at.get(remedyKey(soft));
    add(
      soft.key,
      soft.from,
      soft.to,
      soft.maxMin,
      { code: 'recoat-max', product: soft.product, airC: 0 },
      remedy && isScuffedBy(soft, remedy) ? remedy.key : null,
    );
  }
  return windows.sort((a, b) => a.closes - b.closes || a.key.localeCompare(b.key));
}

const mostRounds = 6;

/**
 * Where a recoat window that scuffing reopens has closed before the next coat, puts the scuffing in and places anew,
 * until none is left closed. What was agreed with scuffing begins with it, so that an accepted plan proposes itself; a
 * scuffing that the placing after all does not need is left out again. The remedies stay in the network with their reason.
 * @param build makes the network without remedies
 */
export function remedyClosedWindows(input: PlanInput, build: () => StepNetwork): Remedied {
  const first = build();
  const begun = new Set(first.facts.map((fact) => fact.step));
  const isAgreed = (window: SoftWindow) => input.agreedStarts.has(remedyKey(window));
  // Of what shares an agreed scuffing, that belongs to it which had closed; of the rest a plan without agreed starts tells.
  const others = first.softWindows.filter((one) => isAgreed(one) && !wasClosed(one, input, first));
  const scratch = new Set(
    others.length === 0
      ? []
      : remedyClosedWindows({ ...input, agreedStarts: new Map() }, build).remedied.map((one) => one.key),
  );
  const agreed = first.softWindows.filter(
    (window) =>
      begun.has(remedyKey(window)) ||
      (isAgreed(window) && (!others.includes(window) || scratch.has(window.key))),
  );
  const scuffed = withRemedies(input, first, agreed);
  const isBegun = (window: SoftWindow) => begun.has(remedyKey(window));
  const closed = new Set(
    scuffed.remedied.filter(
      (one) => isClosed(one, scuffed.placed) || (isBegun(one) && isOver(one, scuffed.placed)),
    ),
  );
  const closedKeys = new Set([...closed].map(remedyKey));
  // What was begun stays; of the areas before one coat it opens those that have closed, if any has.
  const needed = scuffed.remedied.filter(
    (window) => closed.has(window) || (isBegun(window) && !closedKeys.has(remedyKey(window))),
  );
  if (needed.length === scuffed.remedied.length) return scuffed;
  // Whether one can be spared is asked of the plan that keeps no agreed starts: those were agreed with the scuffing in it.
  const spared =
    input.agreedStarts.size === 0
      ? needed
      : remedyClosedWindows({ ...input, agreedStarts: new Map() }, build).remedied;
  const lean = build();
  const windows = new Map(lean.softWindows.map((window) => [window.key, window]));
  return withRemedies(
    input,
    lean,
    spared.map((window) => windows.get(window.key)!),
  );
}

/** Whether a window had closed by the agreed starts; what was not agreed is taken to have. */
function wasClosed(
  { from, to, maxMin }: SoftWindow,
  { agreedStarts }: PlanInput,
  { steps }: StepNetwork,
): boolean {
  const [opens, meets] = [agreedStarts.get(from), agreedStarts.get(to)];
  const coat = steps.find((step) => step.key === from);
  if (opens === undefined || meets === undefined || !coat) return true;
  return meets - opens - coat.minutes > maxMin;
}

interface Remedied {
  network: StepNetwork;
  placed: Placed;
  remedied: SoftWindow[];
}

/** Places a network anew, with scuffing for every window that has closed since. */
export const placeRemedied = (input: PlanInput, network: StepNetwork): Placed =>
  withRemedies(input, network, []).placed;

/** Puts these remedies in, places, and puts in those that turn out to be needed, round by round. */
function withRemedies(input: PlanInput, network: StepNetwork, first: readonly SoftWindow[]): Remedied {
  const remedied: SoftWindow[] = [];
  let placed: Placed;
  let closed = first;
  for (let round = 0; ; round += 1) {
    // Whichever closed first, the same remedies stand in the same order.
    const opened = new Set(
      [...bySession(closed)].flatMap(([key, windows]) => [...withoutRemedy(network, key), ...windows]),
    );
    for (const one of remedied) withoutRemedy(network, remedyKey(one));
    for (const one of opened) if (!remedied.includes(one)) remedied.push(one);
    const all = network.softWindows.filter((one) => remedied.includes(one));
    for (const [key, windows] of bySession(all)) addRemedy(input, network, windows, key);
    placed = placeSteps(input, network);
    const scuffs = new Set(all.map(remedyKey));
    // Each time it may meet the next round of filler.
    for (let turn = 0; turn < mostRounds; turn += 1) {
      if (!keepOffSoftFilms(input, network, scuffs, placed.at)) break;
      placed = placeSteps(input, network);
    }
    const steps = new Map(network.steps.map((step) => [step.key, step]));
    const isOpen = (one: SoftWindow) => {
      const remedy = steps.get(remedyKey(one));
      return remedy !== undefined && isScuffedBy(one, remedy);
    };
    closed = network.softWindows.filter((one) => !isOpen(one) && isClosed(one, placed));
    if (closed.length === 0 || round === mostRounds) return { network, placed, remedied };
  }
}

/** Windows by the scuffing that opens them: films beneath one coat are scuffed at once. */
function bySession(windows: readonly SoftWindow[]): Map<string, [SoftWindow, ...SoftWindow[]]> {
  const byKey = new Map<string, [SoftWindow, ...SoftWindow[]]>();
  for (const window of windows) {
    const own = byKey.get(remedyKey(window));
    if (own) own.push(window);
    else byKey.set(remedyKey(window), [window]);
  }
  return byKey;
}

/** Whether the next coat lies beyond the window. */
function isOver(window: SoftWindow, { at }: Placed): boolean {
  const [from, to] = [at.get(window.from), at.get(window.to)];
  return !!from && !!to && to.start - from.end > window.maxMin;
}

/** Whether it does and lies ahead: what was laid cannot be scuffed before it any more. */
const isClosed = (window: SoftWindow, placed: Placed): boolean =>
  placed.at.get(window.to)?.isAhead === true && isOver(window, placed);
