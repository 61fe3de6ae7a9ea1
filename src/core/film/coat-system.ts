/** The part a layer plays in a system; steps and windows follow from it. */
export const layerRoles = [
  'epoxy',
  'build',
  'primer',
  'sealer',
  'colour',
  'clear',
  'topcoat',
  'barrier',
  'antifouling',
] as const;
export type LayerRole = (typeof layerRoles)[number];

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
  layers: SystemLayer[];
}

const fixed = (count: number) => ({ rule: 'fixed', count }) as const;
const byLevel = (Keep: number, Work: number, Road: number, Show: number, Mirror: number) =>
  ({ rule: 'level', byLevel: { Keep, Work, Road, Show, Mirror } }) as const;
const perRound = (count: number) => ({ rule: 'per-round', count }) as const;

export const coatSystems: readonly CoatSystem[] = [
  {
    key: 'base-clear',
    name: 'Base and clear',
    why: 'can be sanded flat and polished without touching the colour; about twice the paint money of single stage',
    route: 'panel',
    layers: [
      { role: 'epoxy', product: 'epoxy-primer', coats: fixed(1) },
      { role: 'build', product: 'high-build-41', coats: perRound(2) },
      { role: 'sealer', product: 'sealer-grey', coats: fixed(1) },
      { role: 'colour', product: 'base-solid', coats: fixed(3) },
      { role: 'clear', product: 'clear-21', coats: { rule: 'budget' } },
    ],
  },
  {
    key: 'single-stage',
    name: 'Single stage',
    why: 'half the paint money and one session less; a deep scratch goes into the colour',
    route: 'panel',
    layers: [
      { role: 'epoxy', product: 'epoxy-primer', coats: fixed(1) },
      { role: 'build', product: 'high-build-41', coats: perRound(2) },
      { role: 'sealer', product: 'sealer-grey', coats: fixed(1) },
      { role: 'topcoat', product: 'single-stage', coats: byLevel(2, 2, 3, 4, 4) },
    ],
  },
  {
    key: 'marine-one-part',
    name: 'One-part marine enamel, roller and tip',
    why: 'forgiving, renewable every few seasons, no isocyanate; softer and slower to dry',
    route: 'hull',
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
    layers: [
      { role: 'epoxy', product: 'epoxy-aircraft', coats: fixed(1) },
      { role: 'topcoat', product: 'aircraft-topcoat', coats: byLevel(2, 2, 3, 3, 3) },
    ],
  },
];

/** @returns the system of that key, or undefined */
export const coatSystemOf = (key: string): CoatSystem | undefined =>
  coatSystems.find((one) => one.key === key);
