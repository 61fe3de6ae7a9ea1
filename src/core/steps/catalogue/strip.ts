import { operation, uses, type Operation } from '../operation';

const dusty = { tags: ['dusty'] as const };
const loud = { tags: ['dusty', 'loud'] as const };
const strips = { phase: 'strip', keyWord: 'strip', place: 'wash', stage: 'strip', makes: 'old-off' } as const;
const both = { faces: 'both' as const };

/** Taking the old film down, and getting the residue out again. */
export const stripWork: readonly Operation[] = [
  operation({
    ...{ code: 'strip-chemical', name: 'Strip with gel, two cycles and wash', basis: 'm²', rate: 60 },
    ...{ ...strips, ...both, usualCrew: 2, leaves: 'bare', tags: ['wet', 'fume'] },
    when: { depth: ['bare'], strip: ['strip-chemical'] },
    consumes: uses(['stripper', 0.9], ['pad', 0.3], ['kit-spray', 0.05]),
    cautions: ['lead-chromate', 'caustic'],
    why: 'takes many layers without heat and without cutting soft metal',
    lost: 'the old film stays, with whatever it does under the new one.',
  }),
  operation({
    ...{ code: 'strip-disc', name: 'Strip by disc', basis: 'm²', rate: 50, shareBy: 'clogging' },
    ...{ ...strips, ...both, ...loud, usualCrew: 2, leaves: 'bare' },
    when: { depth: ['bare'], strip: ['strip-disc'] },
    consumes: uses(['disc-80', 3], ['disc-150', 1]),
    cautions: ['lead-chromate', 'dust'],
    why: 'outer sheet is taken down dry and at once, with the scratch the epoxy wants',
    lost: 'the old film stays, with whatever it does under the new one.',
  }),
  operation({
    ...{ code: 'strip-solvent', name: 'Wipe with solvent and scrape', basis: 'm²', rate: 70 },
    ...{ ...strips, ...both, usualCrew: 2, leaves: 'bare', tags: ['fume'] },
    when: { depth: ['bare'], strip: ['strip-solvent'] },
    consumes: uses(['gun-wash', 0.8], ['wipes', 3], ['pad', 0.3]),
    cautions: ['lead-chromate', 'solvent', 'ignition'],
    why: 'lacquer dissolves where stripper only smears it',
    lost: 'the lacquer stays and reacts under urethane.',
  }),
  operation({
    ...{ code: 'strip-blast', name: 'Blast', basis: 'm²', rate: 25 },
    ...{ ...strips, ...both, ...loud, leaves: 'bare' },
    when: { depth: ['bare'], strip: ['strip-blast'] },
    consumes: uses(['media', 12]),
    cautions: ['lead-chromate', 'dust'],
    why: 'reaches into frames and bays where no disc goes',
    lost: 'rust and old paint stay in the corners.',
  }),
  operation({
    ...{ code: 'send-out', name: 'Send out to be stripped, fetch back', basis: 'm²', rate: 0 },
    ...{ ...strips, ...both, fixedMin: 180, usualCrew: 2, place: 'yard', leaves: 'bare' },
    when: { depth: ['bare'], strip: ['send-out'] },
    consumes: uses(['outside-stripping', 1]),
    cautions: ['lifting'],
    why: 'a whole shell elsewhere costs less than forty hours at the disc',
    lost: 'the shell is stripped by hand here.',
  }),
  operation({
    ...{ code: 'sand-stable', name: 'Sand to the stable layer, feather', basis: 'm²', rate: 35 },
    ...{ ...strips, ...both, ...loud, usualCrew: 2, leaves: 'old', when: { depth: ['stable'] } },
    consumes: uses(['disc-80', 1], ['disc-150', 1.5]),
    cautions: ['lead-chromate', 'dust'],
    why: 'what is loose comes off, what is sound stays and carries',
    lost: 'a loose layer lifts and takes the new paint with it.',
  }),
  operation({
    ...{ code: 'scuff', name: 'Scuff by pad', basis: 'm²', rate: 8, ...strips, ...both, ...dusty },
    ...{ leaves: 'old', when: { depth: ['scuff'], is: ['painted'], not: ['antifouling'] } },
    consumes: uses(['pad', 0.25], ['degreaser', 0.03]),
    cautions: ['lead-chromate', 'dust'],
    why: 'the new film holds on scratches, not on gloss',
    lost: 'the next coat has nothing to hold on.',
  }),
  operation({
    ...{ code: 'scuff-wet', name: 'Sand old antifouling wet', basis: 'm²', rate: 14, ...strips, ...both },
    ...{ leaves: 'old', tags: ['wet'], when: { depth: ['scuff'], is: ['painted', 'antifouling'] } },
    consumes: uses(['sheet-block', 0.6], ['degreaser', 0.03]),
    cautions: ['biocide', 'lead-chromate'],
    why: 'antifouling dust is a biocide: it is never made',
    lost: 'the barrier has nothing to hold on.',
  }),
  operation({
    ...{ code: 'blow-down', name: 'Vacuum and blow out seams and cavities', phase: 'strip', basis: 'm²' },
    ...{ rate: 2, place: 'wash', stage: 'strip', tags: ['dusty'], makes: 'clean-bare' },
    when: { route: ['panel'], depth: ['bare'], strip: ['strip-disc', 'strip-blast'] },
    cautions: ['dust', 'lead-chromate'],
    why: 'dust and grit come out of the seams again in the booth',
    lost: 'dirt blows out of the seams into the first coat.',
  }),
  operation({
    ...{ code: 'wash-down', name: 'Wash down and neutralise', phase: 'strip', basis: 'm²', rate: 3 },
    ...{ place: 'wash', stage: 'strip', tags: ['wet'], makes: 'clean-bare' },
    when: { depth: ['bare'], strip: ['strip-chemical', 'strip-solvent'] },
    consumes: uses(['water-wipe', 0.05], ['wipes', 0.5]),
    cautions: ['caustic'],
    why: 'stripper left behind creeps under the primer',
    lost: 'the primer lifts along every edge that held stripper.',
  }),
  operation({
    ...{ code: 'clean-flash-rust', name: 'Take off flash rust', phase: 'strip', basis: 'm²', rate: 5 },
    ...{ place: 'wash', stage: 'strip', tags: ['dusty'], makes: 'clean-bare' },
    when: { substrate: ['steel'], depth: ['bare'], strip: ['send-out'] },
    consumes: uses(['disc-150', 0.3]),
    cautions: ['dust'],
    why: 'steel that was sent out comes back with a bloom of rust',
    lost: 'rust is sealed in under the epoxy.',
  }),
  operation({
    ...{ code: 'clean-seams', name: 'Clean out seams, beads and rivet lines', phase: 'strip', basis: 'm' },
    ...{ rate: 4, keyWord: 'seams', place: 'wash', stage: 'strip', makes: 'seams-clean' },
    when: { route: ['panel', 'aircraft'], depth: ['bare'], is: ['beads'] },
    consumes: uses(['pad', 0.05]),
    cautions: ['caustic'],
    why: 'residue in a bead or rivet line is not reached later',
    lost: 'stripper and old sealant stay in the seams and come out under the paint.',
  }),
];
