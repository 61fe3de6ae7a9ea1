import type { Job, ScopeChange } from '../record';
import { netOfJob } from '../survey';
import type { BoundChoices, Offer, OfferLine } from './model';
import { boundChoices } from './sections';

/** A line that a later quote has otherwise. */
export interface ChangedLine {
  key: string;
  line: OfferLine;
  /** Null where the earlier one has no such line. */
  beforeMinor: number | null;
  /** Null where the later one has none. */
  afterMinor: number | null;
}

/** What a later version changes, and what of the scope record came between. */
export interface OfferChange {
  lines: ChangedLine[];
  netMinor: number;
  grossMinor: number;
  why: ScopeChange[];
}

/** One version held against an earlier one, the largest changes first. */
export function changeFrom(earlier: Offer, later: Offer, scope: readonly ScopeChange[]): OfferChange {
  const before = new Map(earlier.lines.map((line) => [line.key, line]));
  const after = new Map(later.lines.map((line) => [line.key, line]));
  const keys = [...new Set([...before.keys(), ...after.keys()])];
  const lines = keys.flatMap((key): ChangedLine[] => {
    const [was, is] = [before.get(key), after.get(key)];
    if (was?.sumMinor === is?.sumMinor) return [];
    return [
      { key, line: (is ?? was)!, beforeMinor: was?.sumMinor ?? null, afterMinor: is?.sumMinor ?? null },
    ];
  });
  const sizeOf = ({ beforeMinor, afterMinor }: ChangedLine) =>
    Math.abs((afterMinor ?? 0) - (beforeMinor ?? 0));
  const known = new Set(earlier.scope);
  return {
    lines: lines.sort((a, b) => sizeOf(b) - sizeOf(a) || a.key.localeCompare(b.key)),
    netMinor: later.netMinor - earlier.netMinor,
    grossMinor: later.grossMinor - earlier.grossMinor,
    why: scope.filter((one) => !known.has(one.id) && later.scope.includes(one.id)),
  };
}

/** A section whose choices are no longer those that were signed. */
export interface OpenedSection {
  section: string;
  /** Which of its choices; `gone` or `new` where the section itself is. */
  what: readonly (keyof BoundChoices | 'gone' | 'new')[];
}

/** What has been opened again since a quote was signed: choices and surfaces that its signature does not cover. */
export function openedSince(offer: Pick<Offer, 'bound'>, job: Job): OpenedSection[] {
  const today = boundChoices(job, netOfJob(job));
  const keys = [...new Set([...Object.keys(offer.bound), ...Object.keys(today)])];
  return keys.flatMap((section): OpenedSection[] => {
    const [was, is] = [offer.bound[section], today[section]];
    if (!was || !is) return [{ section, what: [was ? 'gone' : 'new'] }];
    const what = choiceKeys.filter((key) => was[key] !== is[key]);
    return what.length > 0 ? [{ section, what }] : [];
  });
}

const choiceKeys: readonly (keyof BoundChoices)[] = [
  'level',
  'depth',
  'system',
  'colour',
  'insideColour',
  'coats',
  'panels',
  'lines',
];
