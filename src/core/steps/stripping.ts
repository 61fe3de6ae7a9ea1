import { usualFigures, type FigureKey, type FigurePlace, type Figures } from '../figures';
import type { JobSection } from '../record';
import { toMinor } from '../units';
import type { Part, Substrate } from '../vehicle';
import type { StepDraft } from './draft';
import type { StepReason } from './step';
import { clogging, stripMethodData } from './strip-methods';

interface StripMethod {
  operation: string;
  /** Factor on the rate for what the old film does to the abrasive. */
  slower: number;
  reason: StepReason;
}

/**
 * How a section or lot is taken down: by the manager's method where one is chosen, else gel on bare-metal aluminium and
 * disc elsewhere.
 */
export function stripMethod(section: JobSection): StripMethod {
  const { substrate, depth, oldFinish, method } = section;
  if (depth === 'scuff') return { operation: 'scuff', slower: 1, reason: { code: 'depth', depth } };
  // Clear that lifts in one place lifts beside it too: all of it comes off, and nothing of it is feathered.
  const toSound = oldFinish === 'peeling-clear' ? 'sand-clear-off' : 'sand-stable';
  if (depth === 'stable') return { operation: toSound, slower: 1, reason: { code: 'depth', depth } };
  if (method) {
    const slower = method === 'disc' ? clogging(oldFinish) : 1;
    return {
      operation: stripMethodData[method].operation,
      slower,
      reason: { code: 'chosen-method', method },
    };
  }
  // Stripper smears lacquer and discs clog in it; thinner takes it off, but attacks plastic.
  if (oldFinish === 'lacquer' && substrate !== 'plastic')
    return {
      operation: 'strip-solvent',
      slower: 1,
      reason: { code: 'substrate', substrate, method: 'solvent' },
    };
  if (substrate === 'aluminium')
    return {
      operation: 'strip-chemical',
      slower: 1,
      reason: { code: 'substrate', substrate, method: 'gel' },
    };
  const reason = { code: 'substrate', substrate, method: 'disc' } as const;
  return { operation: 'strip-disc', slower: clogging(oldFinish), reason };
}

/** Where every panel of a lot has an outside quote, these are its price in place of the Shelf's. */
export function quoteOutside(draft: StepDraft, key: string, parts: readonly Part[]): void {
  const quotes = parts.map(
    (part) => draft.context.job.surveyed.find((one) => one.key === part.key)?.outsideQuoteMinor ?? null,
  );
  if (quotes.length === 0 || quotes.includes(null)) return;
  const step = draft.stepOf(key);
  step.quotedMinor = toMinor(quotes.reduce((sum: number, one) => sum + one!, 0));
  step.needs = step.needs.filter((need) => draft.context.shelf.get(need.product)?.kind !== 'service');
}

/** Bare metal in dry air waits no longer than this for its first coat, elapsed minutes. */
const bareMetalKeys: Partial<Record<Substrate, FigureKey>> = {
  steel: 'bare.steel',
  galvanised: 'bare.galvanised',
  aluminium: 'bare.aluminium',
};

/**
 * How long treated bare metal may wait for its first coat: the shift on steel, a day on conversion-coated aluminium;
 * half of it above 60 % humidity, a quarter above 75 %. Our own steps, the treatment's sheet comes first.
 * @returns elapsed minutes, or null for a substrate that does not flash over
 */
export function bareMetalLimit(
  substrate: Substrate,
  humidity: number,
  figures: Figures = usualFigures,
  at: FigurePlace = {},
): number | null {
  const key = bareMetalKeys[substrate];
  if (key === undefined) return null;
  const is = (from: FigureKey) => humidity > figures(from, at) * 100;
  const share = is('bare.wet-from')
    ? figures('bare.wet-share', at)
    : is('bare.damp-from')
      ? figures('bare.damp-share', at)
      : 1;
  // The calendar knows whole minutes.
  return Math.floor(figures(key, at) * share);
}
