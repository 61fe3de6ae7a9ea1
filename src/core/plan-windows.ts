import type { PlanInput, PlanWarning, PlanWindow } from './plan-model';
import { linkId, placeSteps, type Placed } from './plan-calendar';
import { addRemedy, type SoftWindow, type StepLink, type StepNetwork } from './steps';

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
    remedied: boolean,
  ) => {
    const [opens, meets] = [at.get(from), at.get(to)];
    if (!opens || !meets) return;
    const closes = opens.end + max;
    const left = closes - meets.start;
    const tight = left < tightMin || left < tightShare * max;
    const state = remedied ? 'remedied' : left < 0 ? 'broken' : tight ? 'tight' : 'kept';
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
    });
  };
  network.links.forEach((link, i) => {
    if (link.max !== null && shown.has(link.why.code))
      add(linkId(i), link.from, link.to, link.max, link.why, false);
  });
  for (const soft of network.softWindows) {
    const remedied = at.has(remedyKey(soft));
    add(
      soft.key,
      soft.from,
      soft.to,
      soft.maxMin,
      { code: 'recoat-max', product: soft.product, airC: 0 },
      remedied,
    );
  }
  return windows.sort((a, b) => a.closes - b.closes || a.key.localeCompare(b.key));
}

const remedyKey = (window: SoftWindow) => `${window.to}/scuff-again`;
const mostRounds = 4;

/**
 * Where a recoat window that scuffing reopens has closed before the next coat, puts the scuffing in and places anew,
 * until none is left closed. The remedies stay in the network with their reason.
 */
export function remedyClosedWindows(
  input: PlanInput,
  network: StepNetwork,
  first: Placed,
): { placed: Placed; warnings: PlanWarning[] } {
  let placed = first;
  const warnings: PlanWarning[] = [];
  for (let round = 0; round < mostRounds; round += 1) {
    const { at } = placed;
    const closed = network.softWindows.filter((window) => {
      const [from, to] = [at.get(window.from), at.get(window.to)];
      const open = from && to && to.isAhead && to.start - from.end > window.maxMin;
      return open && !at.has(remedyKey(window));
    });
    if (closed.length === 0) break;
    for (const window of closed) {
      const { personMinutes } = addRemedy(input, network, window, remedyKey(window));
      warnings.push({ code: 'remedied', product: window.product, step: window.to, personMinutes });
    }
    placed = placeSteps(input, network);
  }
  return { placed, warnings };
}
