import {
  closesAcross,
  waitAcross,
  withinLimits,
  type AirStretch,
  type CoatingSheet,
  type Shelf,
  type WaitKey,
} from '../film';
import { standingEntries, type LogEntry } from '../record';
import type { Minute } from '../units';
import { panelCoats, type PanelCoat } from './coats-on-panels';

/** What a coat must reach, in the order it mostly reaches it. */
export const cureStages = ['flash', 'dust', 'recoat', 'tape', 'sand', 'handle', 'cure'] as const;
export type CureStage = (typeof cureStages)[number];

const keyOf: Record<CureStage, WaitKey> = {
  flash: 'flashMin',
  dust: 'dustFreeMin',
  recoat: 'recoatMinMin',
  tape: 'tapeAfterMin',
  sand: 'sandAfterMin',
  handle: 'handleAfterMin',
  cure: 'fullCureMin',
};

/** The last coat on a face of a panel, and when it may be touched in which way. */
export interface CureClock {
  coat: PanelCoat;
  /** Minute each stage is reached; null where the sheet gives no time, or the air stops the cure. */
  due: Record<CureStage, Minute | null>;
  /** Minute the recoat window closes; null = never. */
  closes: Minute | null;
  /** The air it stands in lies outside the product's limits: nothing dries as the sheet says. */
  stopped: boolean;
}

/**
 * Air that a panel stood in: each reading of the log holds from its minute until the next one; before the first, and
 * where none was taken, the air of the place.
 */
export function airSince(from: Minute, log: readonly LogEntry[], placeC: number): AirStretch[] {
  // A coat that was taken back was never read beside anything.
  const read = standingEntries(log)
    .flatMap((entry) => (entry.coat?.air ? [{ at: entry.at, airC: entry.coat.air.airC }] : []))
    .sort((a, b) => a.at - b.at);
  const before = read.filter((one) => one.at <= from).at(-1);
  const points = [{ at: from, airC: before?.airC ?? placeC }, ...read.filter((one) => one.at > from)];
  return points.map(({ airC }, i) => ({ untilMin: points[i + 1]?.at ?? Infinity, airC }));
}

/** Clocks of the last coat on every face of every panel, at the measured air. */
export function cureClocks(log: readonly LogEntry[], shelf: Shelf, placeC: number): CureClock[] {
  const last = new Map<string, PanelCoat>();
  for (const coat of panelCoats(log)) last.set(`${coat.part}\n${coat.face}`, coat);
  return [...last.values()].flatMap((coat) => {
    const sheet = shelf.get(coat.product)?.coating;
    return sheet ? [clockOf(coat, sheet, airSince(coat.at, log, placeC))] : [];
  });
}

function clockOf(coat: PanelCoat, sheet: CoatingSheet, air: readonly AirStretch[]): CureClock {
  const at = (minutes: number | null) => (minutes === null ? null : coat.at + minutes);
  const due = Object.fromEntries(
    cureStages.map((stage) => [stage, at(waitAcross(sheet, keyOf[stage], coat.at, air))]),
  ) as CureClock['due'];
  return {
    coat,
    due,
    closes: at(closesAcross(sheet, 'recoatMaxMin', coat.at, air)),
    stopped: !withinLimits(sheet, air.at(-1)!.airC),
  };
}

/** The next thing a panel is waiting for, and how long; null once it is cured or when nothing is known. */
export function nextStage({ due }: CureClock, now: Minute): { stage: CureStage; leftMin: number } | null {
  const ahead = cureStages
    .flatMap((stage) => (due[stage] !== null && due[stage] > now ? [{ stage, at: due[stage] }] : []))
    .sort((a, b) => a.at - b.at)[0];
  return ahead ? { stage: ahead.stage, leftMin: ahead.at - now } : null;
}
