import { operation, uses, type Operation } from '../operation';

const inBooth = { place: 'booth', pauses: false } as const;
const painter = {
  ...inBooth,
  skill: 'paint',
  cautions: ['ignition' as const],
  tags: ['open-film', 'fume'],
} as const;
const sprays = { ...painter, basis: 'm²', shapeFactor: 'spray', faces: 'both' } as const;

/** What every booth session is made of; the builder lays these out for the layers of the session. */
export const boothWork: readonly Operation[] = [
  operation({
    ...{ code: 'load', name: 'Load and place', phase: 'mask', basis: 'fixed', rate: 0, fixedMin: 30 },
    ...{ ...inBooth, usualCrew: 2, cautions: ['lifting'] },
    checks: [
      'strainers in, cup vent not dripping',
      'parts edge-on to the flow, nothing upstream of the large visible ones',
      'hooks tied so that nothing swings',
      'hose side chosen, away from wet panels',
    ],
    why: 'parts stand so that nothing wet lies downstream of a gun',
    lost: 'the booth stands empty.',
  }),
  operation({
    ...{ code: 'wipe', name: 'Gun set-up, two wipes and tack', phase: 'mask', basis: 'm²', rate: 2 },
    ...{ ...inBooth, fixedMin: 35, skill: 'paint', faces: 'both', cautions: ['solvent', 'ignition'] },
    consumes: uses(['degreaser', 0.03], ['wipes', 0.8], ['gun-wash', 0.02]),
    checks: [
      'blow out',
      'wax-and-grease remover, one cloth on, one cloth off',
      'water-borne wipe',
      'gloves on, tack',
      'floor damp only where the booth allows it',
      'what is touched, sanded or left overnight is wiped again',
    ],
    why: 'what is touched after the wipe is wiped again',
    lost: 'grease and silicone stay under the film: craters and poor hold.',
  }),
  operation({
    ...{ code: 'spray-primer', name: 'Spray primer', phase: 'build', rate: 3, ...sprays },
    checks: ['edges, beads and cut-through spots first'],
    why: 'each coat as thick as its sheet says, edges first',
    lost: 'the film is thinner than what comes next needs.',
  }),
  operation({
    ...{ code: 'spray-colour', name: 'Spray colour', phase: 'colour', rate: 2.5, ...sprays },
    checks: [
      'edges and openings first, then the roof, then down',
      'half overlap; 70 to 75 % for metallics and single stage',
      'first coat medium, so that the wet one holds',
    ],
    why: 'colour until it hides, from the top down to keep a wet edge',
    lost: 'what is under the colour shows through.',
  }),
  operation({
    ...{ code: 'spray-clear', name: 'Spray clear', phase: 'clear', rate: 3, ...sprays },
    checks: ['edges first, then the roof, then down', 'tap each panel as it is coated'],
    why: 'clear for the sanding and the years to come',
    lost: 'sanding goes through to the colour.',
  }),
  operation({
    ...{
      code: 'spray-cross',
      name: 'Spray a translucent coat crosswise',
      phase: 'colour',
      rate: 4.5,
      ...sprays,
    },
    checks: ['crossed passes of even speed', 'count the coats panel by panel'],
    why: 'every coat deepens the colour: crossed passes keep it even',
    lost: 'bands show where passes overlap.',
  }),
  operation({
    ...{ code: 'dust-free', name: 'Stand until dust-free', phase: 'clear', basis: 'fixed', rate: 0 },
    ...{ kind: 'wait', place: 'booth', cautions: ['isocyanate'], tags: ['open-film'] },
    why: 'a wet film takes every speck; nobody enters unprotected while the booth clears',
    lost: 'dust settles in the film.',
  }),
  operation({
    ...{ code: 'unload', name: 'Unload and clean out', phase: 'clear', basis: 'fixed', rate: 0 },
    ...{ ...inBooth, fixedMin: 30, usualCrew: 2, cautions: ['lifting'] },
    why: 'the next job finds a clean booth',
    lost: 'the booth stays taken.',
  }),
  operation({
    ...{
      code: 'epoxy-session',
      name: 'Epoxy session',
      phase: 'epoxy',
      basis: 'fixed',
      rate: 0,
      kind: 'session',
    },
    ...{ unit: 'group', keyWord: 'epoxy', lays: ['etch', 'epoxy'], makes: 'sealed', place: 'booth' },
    when: { route: ['panel'], depth: ['bare'], lays: ['etch', 'epoxy'] },
    why: 'bare metal is sealed the same shift',
    lost: 'bare metal rusts or grows its oxide.',
  }),
  operation({
    ...{ code: 'insides-session', name: 'Insides and openings', phase: 'colour', basis: 'fixed', rate: 0 },
    ...{ kind: 'session', keyWord: 'insides', lays: ['promoter', 'ground', 'colour', 'topcoat', 'clear'] },
    ...{ makes: 'insides-coloured', faces: 'inside', place: 'booth' },
    when: { is: ['openings', 'painted'], school: { openings: ['first-soft', 'first-hard'] } },
    why: 'the awkward places are painted first and masked shut',
    lost: 'overspray of the jambs lies on finished panels.',
  }),
  operation({
    ...{
      code: 'paint-session',
      unit: 'lot',
      name: 'Colour session',
      phase: 'colour',
      basis: 'fixed',
      rate: 0,
      kind: 'session',
    },
    ...{ keyWord: 'paint', makes: 'coloured', place: 'booth' },
    lays: ['promoter', 'sealer', 'ground', 'colour', 'candy', 'flake', 'intercoat', 'topcoat', 'clear'],
    when: { route: ['panel'], is: ['painted'] },
    why: 'sealer, colour and the first clears follow each other wet',
    lost: 'the section stays in primer.',
  }),
  operation({
    ...{
      code: 'clear-session',
      unit: 'lot',
      name: 'Further clears',
      phase: 'clear',
      basis: 'fixed',
      rate: 0,
      kind: 'session',
    },
    ...{ keyWord: 'clear', lays: ['clear'], makes: 'cleared', place: 'booth', when: { route: ['panel'] } },
    why: 'more clears than one session takes are keyed and cleared again',
    lost: 'sanding leaves too little clear.',
  }),
  operation({
    ...{
      code: 'skin-session',
      unit: 'lot',
      name: 'Thin epoxy on the skin',
      phase: 'epoxy',
      basis: 'fixed',
      rate: 0,
    },
    ...{ kind: 'session', keyWord: 'epoxy', lays: ['etch', 'epoxy'], makes: 'sealed', place: 'booth' },
    when: { route: ['aircraft'], lays: ['etch', 'epoxy'] },
    why: 'thin, within the window of the conversion coat',
    lost: 'bare metal grows its oxide.',
  }),
  operation({
    ...{
      code: 'topcoat-session',
      unit: 'lot',
      name: 'Topcoats',
      phase: 'colour',
      basis: 'fixed',
      rate: 0,
      kind: 'session',
    },
    ...{ keyWord: 'topcoat', makes: 'coloured', place: 'booth' },
    lays: ['primer', 'sealer', 'colour', 'topcoat', 'clear'],
    when: { route: ['aircraft'], is: ['painted'] },
    why: 'inside the window of the epoxy, so that nothing is sanded on the skin',
    lost: 'the airframe stays in primer.',
  }),
];
