import { operation, uses, type Operation } from '../operation';

const raking = { light: 'hand lamp', angleDeg: 10, secondPerson: false };

/** Moving, walking round, testing, taking off and covering: everything before the old film is touched. */
export const surveyWork: readonly Operation[] = [
  operation({
    ...{ code: 'move', name: 'Move in', phase: 'walkaround', basis: 'fixed', rate: 0, fixedMin: 30 },
    ...{ usualCrew: 2, leastCrew: 2, pauses: false, cautions: ['lifting'], unit: 'group' },
    why: 'the body needs the room that the coming work asks for',
    lost: 'the work has no room.',
  }),
  operation({
    ...{ code: 'walk', name: 'Walk round: readings, dents, photographs', phase: 'walkaround' },
    ...{ basis: 'part', rate: 1.5, fixedMin: 30, place: 'yard', unit: 'job' },
    ...{ when: { not: ['recorded'] }, makes: 'recorded', inspection: raking },
    why: 'dents show best while the old paint is still glossy',
    lost: 'dents and old repairs are found one by one under primer.',
  }),
  operation({
    ...{ code: 'test-lead', name: 'Test the old paint for lead and chromate', phase: 'walkaround' },
    ...{ basis: 'part', rate: 1, fixedMin: 20, place: 'yard', unit: 'job' },
    ...{ when: { is: ['lead-untested'] }, needs: ['recorded'], before: ['old-off'] },
    consumes: uses(['wipes', 1], ['gloves', 0.2]),
    cautions: ['lead-chromate'],
    why: 'the result decides whether old paint may be worked dry at all',
    lost: 'lead or chromate dust may be made without anybody knowing.',
  }),
  operation({
    ...{ code: 'test-solvent', name: 'Rub the old paint with thinner', phase: 'walkaround' },
    ...{ basis: 'part', rate: 1.5, fixedMin: 10, place: 'yard', unit: 'group' },
    ...{ when: { is: ['solvent-untested'] }, needs: ['recorded'], before: ['old-off'] },
    consumes: uses(['gun-wash', 0.02], ['wipes', 1]),
    cautions: ['solvent'],
    why: 'what the thinner of the coming paint moves will not carry it',
    lost: 'old lacquer may wrinkle under the new film.',
  }),
  operation({
    ...{ code: 'lay-patch', name: 'Lay a test patch over the old film', phase: 'walkaround' },
    ...{ basis: 'fixed', rate: 0, fixedMin: 40, skill: 'paint', place: 'bench', unit: 'group' },
    ...{ when: { is: ['solvent-untested'], depth: ['scuff', 'stable'], old: ['unknown', 'lacquer'] } },
    ...{ needs: ['recorded'], before: ['masked'], cautions: ['solvent'] },
    why: 'an unknown repaint shows in some days whether it takes the new system',
    lost: 'the whole vehicle is the test patch.',
  }),
  operation({
    ...{ code: 'read-reference', name: 'Read and photograph the protected spot', phase: 'walkaround' },
    ...{ basis: 'fixed', rate: 0, fixedMin: 25, place: 'yard', skill: 'paint' },
    ...{ when: { is: ['reference'] }, needs: ['recorded'], before: ['old-off'] },
    inspection: { light: 'daylight and lamp', angleDeg: 45, secondPerson: false },
    why: 'the only original colour left is read before anything near it is sanded',
    lost: 'the original colour is gone for good.',
  }),
  operation({
    ...{ code: 'wash', name: 'Wash and degrease', phase: 'strip', basis: 'm²', rate: 3, place: 'wash' },
    ...{ stage: 'strip', unit: 'group', makes: 'washed', tags: ['wet'] },
    consumes: uses(['degreaser', 0.05], ['wipes', 0.5]),
    cautions: ['solvent'],
    why: 'grease and silicone are sanded into the surface otherwise',
    lost: 'grease and silicone stay under the film: craters and poor hold.',
  }),
  operation({
    ...{ code: 'strip-down', name: 'Strip down fittings and trim', phase: 'strip', basis: 'm', rate: 6 },
    ...{ fixedMin: 60, fixedOnBody: true, skill: 'trim', usualCrew: 2, place: 'wash', stage: 'strip' },
    ...{ unit: 'group', makes: 'stripped-down' },
    checks: ['bag and tag each fitting, note its condition'],
    why: 'what is off need not be masked and leaves no tape edge',
    lost: 'paint ends at every fitting in a line that lifts.',
  }),
  operation({
    ...{ code: 'count-covers', name: 'Cover ports, vents and drains, count them on', phase: 'strip' },
    ...{ basis: 'fixed', rate: 0, fixedMin: 45, place: 'wash', stage: 'strip', unit: 'group' },
    ...{ when: { route: ['aircraft'] }, needs: ['stripped-down'], before: ['protected'] },
    ...{ cautions: ['aircraft-skin'], consumes: uses(['paper-tape', 10]) },
    inspection: { light: 'hand lamp', angleDeg: 45, secondPerson: true },
    checks: ['the number of covers is written on the sheet', 'each cover carries its number'],
    why: 'a blocked static port or drain is found in the air; each cover has a number',
    lost: 'nobody can say that every cover came off again.',
  }),
  operation({
    ...{ code: 'protect', name: 'Protect glass, seams and openings', phase: 'strip', basis: 'm', rate: 2 },
    ...{ place: 'wash', stage: 'strip', unit: 'group', makes: 'protected' },
    when: { route: ['panel', 'aircraft'] },
    consumes: uses(['paper-tape', 1.2], ['cover', 0.3]),
    checks: ['soft tops, plastic glass, boots, engines, tyres, upholstery, what stays unpainted'],
    why: 'stripper and grit go where nobody gets them out',
    lost: 'what lies beside it is stripped or scratched too.',
  }),
];
