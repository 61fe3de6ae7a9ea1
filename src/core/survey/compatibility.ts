import type { Depth, OldFinish, PartSurvey, UnderKind } from '../record';

export type CoatFamily = 'two-part' | 'one-part' | 'underwater';

/** The chemistry of a coat system as far as old paint beneath it cares. */
export function coatFamily(system: string): CoatFamily {
  if (system === 'marine-one-part') return 'one-part';
  if (system === 'underwater') return 'underwater';
  return 'two-part';
}

type Beneath = UnderKind | OldFinish;

export interface Incompatibility {
  beneath: string;
  grade: 'stop' | 'caution';
  code:
    | 'lacquer-lifts'
    | 'one-part-lifts'
    | 'filler-edge-swells'
    | 'enamel-needs-seal'
    | 'unknown-needs-patch'
    | 'peels-again'
    | 'gelcoat-pores'
    | 'barrier-needs-bare'
    | 'patch-failed';
}

/** What must not, or only with care, stay beneath a family of coats. */
const rules: readonly {
  beneath: readonly Beneath[];
  over: readonly CoatFamily[];
  is: Omit<Incompatibility, 'beneath'>;
}[] = [
  { beneath: ['lacquer'], over: ['two-part', 'underwater'], is: { grade: 'stop', code: 'lacquer-lifts' } },
  { beneath: ['one-part'], over: ['two-part', 'underwater'], is: { grade: 'stop', code: 'one-part-lifts' } },
  {
    beneath: ['peeling-clear'],
    over: ['two-part', 'one-part', 'underwater'],
    is: { grade: 'stop', code: 'peels-again' },
  },
  { beneath: ['old-filler'], over: ['two-part'], is: { grade: 'caution', code: 'filler-edge-swells' } },
  { beneath: ['enamel'], over: ['two-part'], is: { grade: 'caution', code: 'enamel-needs-seal' } },
  {
    beneath: ['unknown'],
    over: ['two-part', 'one-part', 'underwater'],
    is: { grade: 'caution', code: 'unknown-needs-patch' },
  },
  { beneath: ['gelcoat'], over: ['two-part'], is: { grade: 'caution', code: 'gelcoat-pores' } },
  {
    beneath: ['enamel', 'urethane', 'base-clear'],
    over: ['underwater'],
    is: { grade: 'stop', code: 'barrier-needs-bare' },
  },
];

/**
 * What of the old film would stay beneath the new system and does not suit it. Bare keeps nothing; to the stable layer
 * keeps what is sound under the top; scuffing keeps all of it. The old finish is the top layer.
 */
export function incompatibilities(
  depth: Depth,
  oldFinish: OldFinish,
  survey: Pick<PartSurvey, 'under' | 'patch'>,
  system: string,
): Incompatibility[] {
  if (depth === 'bare') return [];
  const kept: Beneath[] = [
    ...survey.under.filter((layer) => depth === 'scuff' || layer.sound).map((layer) => layer.kind),
    ...(depth === 'scuff' ? [oldFinish] : []),
  ];
  const family = coatFamily(system);
  const clashes = [...new Set(kept)].flatMap((beneath) =>
    rules
      .filter((rule) => rule.over.includes(family) && rule.beneath.includes(beneath))
      .map((rule) => ({ beneath, ...rule.is })),
  );
  // A patch answers the question that a rule can only raise.
  const open = clashes.filter((one) => !(one.code === 'unknown-needs-patch' && survey.patch === 'holds'));
  const failed = survey.patch === 'lifts' || survey.patch === 'wrinkles';
  return failed && kept.length > 0
    ? [{ beneath: oldFinish, grade: 'stop', code: 'patch-failed' }, ...open]
    : open;
}
