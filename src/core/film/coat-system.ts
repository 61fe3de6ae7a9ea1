import type { Substrate } from '../vehicle/body-kind';

/** The part a layer plays in a system; steps and windows follow from it. */
export const layerRoles = [
  'etch',
  'epoxy',
  'build',
  'primer',
  'promoter',
  'sealer',
  'ground',
  'colour',
  'candy',
  'flake',
  'intercoat',
  'clear',
  'topcoat',
  'barrier',
  'antifouling',
] as const;
export type LayerRole = (typeof layerRoles)[number];

/** Layers that give a surface its colour, and must match each other wherever they stand: made in one go. */
export const colourRoles: ReadonlySet<string> = new Set<LayerRole>([
  'ground',
  'colour',
  'candy',
  'flake',
  'topcoat',
]);

/** Colours, translucent layers and clears may lie over each other in any order, and come more than once. */
export const isUpperRole = (role: LayerRole): boolean =>
  layerRoles.indexOf(role) >= layerRoles.indexOf('ground') &&
  layerRoles.indexOf(role) <= layerRoles.indexOf('topcoat');

/** Where a layer stands from the metal up; the same for all of those that may lie over each other. */
export const layerRank = (role: LayerRole): number => layerRoles.indexOf(isUpperRole(role) ? 'ground' : role);

export interface SystemLayer {
  role: LayerRole;
  product: string;
  /** Coats by level; `per-round` layers are repeated for each block round, `budget` layers follow the clear budget. */
  coats:
    | { rule: 'fixed'; count: number }
    | { rule: 'level'; byLevel: Record<Level, number> }
    | { rule: 'per-round'; count: number }
    | { rule: 'budget' };
}

export const levels = ['Keep', 'Work', 'Road', 'Show', 'Mirror'] as const;
/** Standard of finish, chosen per section. */
export type Level = (typeof levels)[number];

export interface CoatSystem {
  key: string;
  name: string;
  /** One line why a manager would choose it, and what it costs against its neighbours. */
  why: string;
  route: 'panel' | 'hull' | 'aircraft';
  /** Substrates it is made for. */
  substrates: readonly Substrate[];
  /** How much a slip of the hand costs in it: 1 unforgiving … 5 forgiving. */
  forgiveness: number;
  layers: SystemLayer[];
}

const fixed = (count: number) => ({ rule: 'fixed', count }) as const;
const byLevel = (Keep: number, Work: number, Road: number, Show: number, Mirror: number) =>
  ({ rule: 'level', byLevel: { Keep, Work, Road, Show, Mirror } }) as const;
const perRound = (count: number) => ({ rule: 'per-round', count }) as const;

const metals = ['steel', 'galvanised', 'aluminium'] as const;
const hard = [...metals, 'laminate', 'timber'] as const;
const epoxy = { role: 'epoxy', product: 'epoxy-primer', coats: fixed(1) } as const;
const build = { role: 'build', product: 'high-build-41', coats: perRound(2) } as const;
const sealer = { role: 'sealer', product: 'sealer-grey', coats: fixed(1) } as const;
const budgetClear = { role: 'clear', product: 'clear-21', coats: { rule: 'budget' } } as const;

export const coatSystems: readonly CoatSystem[] = [
  {
    key: 'base-clear',
    name: 'Base and clear',
    why: 'can be sanded flat and polished without touching the colour; about twice the paint money of single stage',
    route: 'panel',
    substrates: hard,
    forgiveness: 3,
    layers: [epoxy, build, sealer, { role: 'colour', product: 'base-solid', coats: fixed(3) }, budgetClear],
  },
  {
    key: 'single-stage',
    name: 'Single stage',
    why: 'half the paint money and one session less; a deep scratch goes into the colour',
    route: 'panel',
    substrates: hard,
    forgiveness: 4,
    layers: [
      epoxy,
      build,
      sealer,
      { role: 'topcoat', product: 'single-stage', coats: byLevel(2, 2, 3, 4, 4) },
    ],
  },
  {
    key: 'etch-base-clear',
    name: 'Etch, build, base and clear',
    why: 'thinnest film on clean aluminium and zinc; no epoxy over the etch unless both sheets name the pair',
    route: 'panel',
    substrates: metals,
    forgiveness: 2,
    layers: [
      { role: 'etch', product: 'etch-primer', coats: fixed(1) },
      build,
      sealer,
      { role: 'colour', product: 'base-solid', coats: fixed(3) },
      budgetClear,
    ],
  },
  {
    key: 'waterborne-clear',
    name: 'Waterborne base and clear',
    why: 'a third of the solvent, compulsory in many places; wants dry moving air between coats',
    route: 'panel',
    substrates: hard,
    forgiveness: 3,
    layers: [
      epoxy,
      build,
      sealer,
      { role: 'colour', product: 'base-waterborne', coats: fixed(3) },
      budgetClear,
    ],
  },
  {
    key: 'silver-clear',
    name: 'Silver base and clear',
    why: 'bright metallic; last coats assembled, one batch, one painter; mended by the panel',
    route: 'panel',
    substrates: hard,
    forgiveness: 2,
    layers: [epoxy, build, sealer, { role: 'colour', product: 'base-silver', coats: fixed(4) }, budgetClear],
  },
  {
    key: 'pearl-three-stage',
    name: 'Pearl in three stages',
    why: 'ground colour, pearl, clear: depth that one coat cannot give; a third colour pass and twice the matching',
    route: 'panel',
    substrates: hard,
    forgiveness: 2,
    layers: [
      epoxy,
      build,
      { role: 'sealer', product: 'sealer-white', coats: fixed(1) },
      { role: 'ground', product: 'base-solid', coats: fixed(2) },
      { role: 'colour', product: 'base-pearl', coats: fixed(3) },
      budgetClear,
    ],
  },
  {
    key: 'candy',
    name: 'Candy over silver',
    why: 'glows from below; every coat deepens it, a damage means all of it again',
    route: 'panel',
    substrates: hard,
    forgiveness: 1,
    layers: [
      epoxy,
      build,
      sealer,
      { role: 'ground', product: 'base-silver', coats: fixed(3) },
      { role: 'candy', product: 'candy-mid', coats: fixed(4) },
      budgetClear,
    ],
  },
  {
    key: 'flake',
    name: 'Flake, buried in clear',
    why: 'coarse sparkle; buried under clear, levelled, cleared again',
    route: 'panel',
    substrates: hard,
    forgiveness: 1,
    layers: [
      epoxy,
      build,
      sealer,
      { role: 'ground', product: 'base-silver', coats: fixed(2) },
      { role: 'flake', product: 'flake-clear', coats: fixed(3) },
      budgetClear,
    ],
  },
  {
    key: 'plastic-base-clear',
    name: 'Plastics: promoter, base, flexible clear',
    why: 'bends with the part; the promoter is coated within its hours',
    route: 'panel',
    substrates: ['plastic'],
    forgiveness: 2,
    layers: [
      { role: 'promoter', product: 'promoter', coats: fixed(1) },
      sealer,
      { role: 'colour', product: 'base-solid', coats: fixed(3) },
      { role: 'clear', product: 'clear-flexible', coats: { rule: 'budget' } },
    ],
  },
  {
    key: 'timber-two-part',
    name: 'Timber: epoxy sealed, two-part topcoat',
    why: 'end grain sealed, moisture at most 15 %; hard and long lasting, moves less than the timber does',
    route: 'hull',
    substrates: ['timber'],
    forgiveness: 3,
    layers: [
      { role: 'primer', product: 'timber-epoxy', coats: fixed(2) },
      { role: 'topcoat', product: 'marine-topcoat-2k', coats: byLevel(2, 2, 3, 3, 4) },
    ],
  },
  {
    key: 'timber-varnish',
    name: 'Timber: spar varnish',
    why: 'shows the grain; renewed every season or two',
    route: 'hull',
    substrates: ['timber'],
    forgiveness: 5,
    layers: [{ role: 'topcoat', product: 'varnish-1k', coats: byLevel(2, 4, 5, 7, 8) }],
  },
  {
    key: 'gelcoat',
    name: 'Gelcoat renewed',
    why: 'the same as the boat was born with; thick, sanded and polished, no topcoat to peel',
    route: 'hull',
    substrates: ['laminate'],
    forgiveness: 3,
    layers: [{ role: 'topcoat', product: 'gelcoat-repair', coats: byLevel(1, 1, 2, 2, 2) }],
  },
  {
    key: 'marine-one-part',
    name: 'One-part marine enamel, roller and tip',
    why: 'forgiving, renewable every few seasons, no isocyanate; softer and slower to dry',
    route: 'hull',
    substrates: ['laminate', 'timber', 'steel', 'aluminium'],
    forgiveness: 5,
    layers: [
      { role: 'primer', product: 'marine-primer-1k', coats: fixed(2) },
      { role: 'topcoat', product: 'marine-enamel-1k', coats: byLevel(2, 2, 3, 3, 3) },
    ],
  },
  {
    key: 'marine-two-part',
    name: 'Two-part marine, roller and tip',
    why: 'harder and glossier for years; isocyanate even when brushed',
    route: 'hull',
    substrates: ['laminate', 'steel', 'aluminium'],
    forgiveness: 3,
    layers: [
      { role: 'primer', product: 'marine-primer-2k', coats: fixed(2) },
      { role: 'topcoat', product: 'marine-topcoat-2k', coats: byLevel(2, 2, 3, 3, 4) },
    ],
  },
  {
    key: 'underwater',
    name: 'Epoxy barrier and antifouling',
    why: 'keeps water out of the laminate; antifouling goes on inside the barrier’s window',
    route: 'hull',
    substrates: ['laminate'],
    forgiveness: 4,
    layers: [
      { role: 'barrier', product: 'epoxy-barrier', coats: byLevel(3, 3, 3, 4, 4) },
      { role: 'antifouling', product: 'antifouling', coats: fixed(2) },
    ],
  },
  {
    key: 'aircraft',
    name: 'Conversion coat, thin epoxy, urethane topcoat',
    why: 'light film under 150 µm on treated metal; no filler and no blocking on skins',
    route: 'aircraft',
    substrates: ['aluminium'],
    forgiveness: 2,
    layers: [
      { role: 'epoxy', product: 'epoxy-aircraft', coats: fixed(1) },
      { role: 'topcoat', product: 'aircraft-topcoat', coats: byLevel(2, 2, 3, 3, 3) },
    ],
  },
];

/** The trade's systems with a shop's own in place of them or beside them. */
export function systemsWith(own: readonly CoatSystem[]): CoatSystem[] {
  const changed = new Map(own.map((one) => [one.key, one]));
  const known = new Set(coatSystems.map((one) => one.key));
  return [
    ...coatSystems.map((one) => changed.get(one.key) ?? one),
    ...own.filter((one) => !known.has(one.key)),
  ];
}

/** @param own the shop's own and changed systems   @returns the system of that key, or undefined */
export const coatSystemOf = (key: string, own: readonly CoatSystem[] = []): CoatSystem | undefined =>
  own.find((one) => one.key === key) ?? coatSystems.find((one) => one.key === key);
