import type { LayerRole, Level } from '../film';
import type { Depth, OldFinish } from '../record/depth';
import type { SchoolKey, Schools } from '../record/school';
import type { Substrate } from '../vehicle';

/** What a section is like, as far as it decides which operations it needs. */
export const situationFlags = [
  'recorded',
  'loose',
  'first-unit',
  'painted',
  'topcoated',
  'beads',
  'seams',
  'openings',
  'lead-untested',
  'solvent-untested',
  'antifouling',
  'reference',
  'effect-colour',
  'tape-edges',
  'levels',
  'polishes',
  'kept-film',
  'hand-ladder',
  'stripe',
  'on-stands',
  'second-side',
  'partial',
  'beside-kept',
  'clear-over',
  'later-colour',
  'field',
  'keeps-mask',
  'later-field',
  'keeps-free',
  'taped-field',
  'leaf',
  'card',
  'approval-asked',
] as const;
export type SituationFlag = (typeof situationFlags)[number];
export type Route = 'panel' | 'hull' | 'aircraft';

export interface SectionSituation {
  route: Route;
  substrate: Substrate;
  depth: Depth;
  level: Level;
  old: OldFinish;
  /** Operation by which the old film comes off. */
  strip: string;
  lays: ReadonlySet<LayerRole>;
  flags: ReadonlySet<SituationFlag>;
  schools: Schools;
}

/** Where an operation has its place: every named list must hold the section's value; what is not named is free. */
export interface Situation {
  route?: readonly Route[];
  substrate?: readonly Substrate[];
  depth?: readonly Depth[];
  level?: readonly Level[];
  old?: readonly OldFinish[];
  strip?: readonly string[];
  /** Lays at least one of these. */
  lays?: readonly LayerRole[];
  /** All of these. */
  is?: readonly SituationFlag[];
  /** None of these. */
  not?: readonly SituationFlag[];
  school?: { [K in SchoolKey]?: readonly Schools[K][] };
}

/** Does a section lie in a situation? */
export function suits(when: Situation | undefined, section: SectionSituation): boolean {
  if (!when) return true;
  const holds = <T>(list: readonly T[] | undefined, value: T) => list === undefined || list.includes(value);
  return (
    holds(when.route, section.route) &&
    holds(when.substrate, section.substrate) &&
    holds(when.depth, section.depth) &&
    holds(when.level, section.level) &&
    holds(when.old, section.old) &&
    holds(when.strip, section.strip) &&
    (when.lays === undefined || when.lays.some((role) => section.lays.has(role))) &&
    (when.is ?? []).every((flag) => section.flags.has(flag)) &&
    !(when.not ?? []).some((flag) => section.flags.has(flag)) &&
    Object.entries(when.school ?? {}).every(([key, options]) =>
      (options as readonly string[]).includes(section.schools[key as SchoolKey]),
    )
  );
}
