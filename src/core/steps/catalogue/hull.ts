import { operation, uses, type Operation } from '../operation';

const hull = { route: ['hull'] as const };
const stage = { stage: 'hull' } as const;

/** Hulls by roller and tip. */
export const hullWork: readonly Operation[] = [
  operation({
    ...{ code: 'fair', name: 'Spread and rough fairing compound', phase: 'filler', basis: 'm²', rate: 45 },
    ...{ ...stage, shareBy: 'faired', makes: 'filler-spread', leaves: 'filler', settlesMin: 720, when: hull },
    consumes: uses(['fairing', 1.2], ['disc-80', 1.5]),
    cautions: ['dust'],
    why: 'long battens show the hollows; compound is left overnight',
    lost: 'the surface stays as straight as it is now.',
  }),
  operation({
    ...{ code: 'block-fairing', name: 'Block fairing', phase: 'filler', basis: 'm²', rate: null },
    ...{ ...stage, rateBy: 'block-fairing', shareBy: 'faired', makes: 'filler-flat', leaves: 'filler' },
    ...{ usualCrew: 3, tags: ['dusty'], when: hull },
    consumes: uses(['sheet-block', 1.2]),
    cautions: ['dust', 'half-cured'],
    why: 'long flexible boards across both diagonals',
    lost: 'the surface stays as straight as it is now.',
  }),
  operation({
    ...{ code: 'roll-coats', name: 'Coats by roller and tip', phase: 'colour', basis: 'fixed', rate: 0 },
    ...{ ...stage, kind: 'rolled', makes: 'coloured', when: { ...hull, is: ['painted'] } },
    lays: ['primer', 'barrier', 'topcoat', 'antifouling'],
    why: 'primers and topcoats, sanded between, barrier and antifouling inside their windows',
    lost: 'the section stays as it is.',
  }),
  operation({
    ...{ code: 'roll', name: 'Roller and tip', phase: 'colour', basis: 'm²', rate: 10, fixedMin: 30 },
    ...{ skill: 'paint', pauses: false, tags: ['open-film', 'fume'], cautions: ['solvent'] },
    consumes: uses(['wipes', 0.3], ['cup', 0.1]),
    checks: ['one rolls, one tips before the edge is dry', 'roll out a strip no wider than an arm'],
    why: 'one rolls, one tips before the edge is dry',
    lost: 'the section stays as it is.',
  }),
  operation({
    ...{ code: 'brush', name: 'Lay off by brush', phase: 'colour', basis: 'm²', rate: 16, fixedMin: 20 },
    ...{ skill: 'paint', pauses: false, tags: ['open-film', 'fume'], cautions: ['solvent'] },
    consumes: uses(['wipes', 0.3], ['cup', 0.1]),
    why: 'no stipple to sand out, for those who keep a wet edge',
    lost: 'the section stays as it is.',
  }),
  operation({
    ...{ code: 'sand-between', name: 'Sand between coats, 220', phase: 'colour', basis: 'm²', rate: 10 },
    ...{ tags: ['dusty'], cautions: ['half-cured', 'dust'], consumes: uses(['disc-220', 0.5]) },
    why: 'enamel gives the next coat nothing to hold on',
    lost: 'the next coat has nothing to hold on.',
  }),
  operation({
    ...{ code: 'cure-hull', name: 'Cure until it can be cut', phase: 'finish', basis: 'fixed', rate: 0 },
    ...{ kind: 'wait', place: null, keyWord: 'cure', makes: 'cured', when: { ...hull, is: ['levels'] } },
    why: 'only a hard two-part film is cut and polished',
    lost: 'the film drags and shrinks back.',
  }),
];
