import type { Minute } from '../../units';
import type { PlannedStep, PlanWindow } from '../model';
import type { PinClosesWindow, WindowTight } from './model';

type Ahead = Pick<PlannedStep, 'key' | 'state' | 'start' | 'pinnedAt' | 'whyNotEarlier'>;

/** Windows with little slack, of each step and product the one with least; and fixed starts that close one. */
export function closingWindows(
  windows: readonly PlanWindow[],
  steps: readonly Ahead[],
): (WindowTight | PinClosesWindow)[] {
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const ahead = windows.filter((one) => byKey.get(one.to)?.state === 'planned');
  const tight = new Map<string, WindowTight>();
  const pins = new Map<string, PinClosesWindow>();
  for (const { to, from, product, closes, met, opened, state } of ahead) {
    const key = `${to} ${product}`;
    if (state === 'tight') {
      const slackMin = closes - met;
      if (slackMin < (tight.get(key)?.slackMin ?? Infinity))
        tight.set(key, {
          code: 'window-tight',
          step: to,
          from,
          product,
          slackMin,
          lengthMin: closes - opened,
          closes,
        });
    }
    const isClosed = state === 'broken' || state === 'remedied';
    const pin = isClosed ? pinBehind(to, byKey, opened) : null;
    if (pin !== null && met > closes)
      pins.set(`${pin} ${key}`, {
        code: 'pin-closes-window',
        step: pin,
        to,
        product,
        lateMin: met - closes,
        closes,
      });
  }
  return [...pins.values(), ...tight.values()];
}

/** The step with a fixed start, later than a window opens, that a step waits for through what it directly waits for; null where there is none. */
function pinBehind(key: string, steps: ReadonlyMap<string, Ahead>, opened: Minute): string | null {
  const seen = new Set<string>();
  const open = [key];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    const step = steps.get(at);
    if (!step || seen.has(at) || step.start < opened) continue;
    seen.add(at);
    if (step.pinnedAt !== null && step.pinnedAt === step.start) return at;
    for (const why of step.whyNotEarlier) if (why.kind === 'link') open.push(why.from);
  }
  return null;
}
