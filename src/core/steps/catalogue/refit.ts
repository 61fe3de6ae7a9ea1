import { operation, uses, type Operation } from '../operation';

const inRefit = { phase: 'refit', stage: 'refit', skill: 'trim' } as const;
const inRig = { phase: 'refit', stage: 'rig', unit: 'job', basis: 'fixed', rate: 0 } as const;
const hold = { ...inRig, fixedMin: 60, pauses: false, cautions: ['licensed-hold' as const] } as const;
const aircraft = { route: ['aircraft'] as const };

/** Everything meets again, is handed over and looked at once more. */
export const refitWork: readonly Operation[] = [
  operation({
    ...{
      code: 'bench-trim',
      name: 'Trim and brightwork at the bench',
      phase: 'refit',
      basis: 'fixed',
      rate: 0,
    },
    ...{ skill: 'trim', place: 'bench', cautions: ['polisher'], unit: 'job' },
    why: 'trim is done up while the body is painted',
    lost: 'dull trim goes back on new paint.',
  }),
  operation({
    ...{
      code: 'take-off-loose',
      name: 'Take loosely hung panels off again',
      basis: 'part',
      rate: 6,
      ...inRefit,
    },
    ...{ skill: 'metal', usualCrew: 2, before: ['fitted'], needs: ['clean'], cautions: ['lifting'] },
    when: { route: ['panel'], is: ['painted'], school: { assembly: ['loosely-hung'] } },
    why: 'the mechanical work behind them goes on; every move risks a chip',
    lost: 'nobody reaches what lies behind them.',
  }),
  operation({
    ...{ code: 'refit', name: 'Refit trim, glass and fittings', basis: 'm', rate: 9, ...inRefit },
    ...{
      fixedMin: 90,
      usualCrew: 2,
      unit: 'job',
      keyWord: '{group}/refit',
      makes: 'fitted',
      when: { route: ['panel', 'hull'] },
    },
    checks: ['fragile edges: two people', 'nothing is waxed before it has cured'],
    why: 'trim, glass and loose parts go back on the body',
    lost: 'the vehicle is not together again.',
  }),
  operation({
    ...{ code: 'final-align', name: 'Align every panel after paint', basis: 'part', rate: 9, ...inRefit },
    ...{ skill: 'metal', usualCrew: 2, unit: 'job', before: ['fitted'], needs: ['clean'] },
    when: { route: ['panel'], depth: ['stable', 'bare'], school: { alignment: ['after'] } },
    inspection: { light: 'gap gauge', angleDeg: 90, secondPerson: true },
    why: 'panels that were painted apart are set last, with edges at risk',
    lost: 'gaps are as they fall.',
  }),
  operation({
    ...{ code: 'wax-cavities', name: 'Wax cavities', phase: 'refit', basis: 'part', rate: 2, stage: 'refit' },
    ...{ unit: 'job', before: ['handed-over'], needs: ['fitted'], fixedMin: 20, cautions: ['solvent'] },
    when: { route: ['panel'], substrate: ['steel', 'galvanised'], depth: ['bare'], not: ['loose'] },
    consumes: uses(['cavity-wax', 0.05]),
    why: 'heat and stripper took the old wax; rust starts from inside',
    lost: 'doors rust from inside.',
  }),
  operation({
    ...{ code: 'handover', name: 'Handover: film, colour and care record', phase: 'refit', basis: 'fixed' },
    ...{ rate: 0, fixedMin: 60, place: 'yard', unit: 'job', makes: 'handed-over', pauses: false },
    inspection: { light: 'daylight', angleDeg: 45, secondPerson: true },
    why: 'film record, colour record, the reserve, and what was left imperfect on purpose',
    lost: 'nobody knows next year what is on it.',
  }),
  operation({
    ...{
      code: 'settle',
      name: 'Settle',
      phase: 'return',
      basis: 'fixed',
      rate: 0,
      kind: 'wait',
      place: null,
    },
    ...{ unit: 'job', makes: 'settled', settlesMin: 14 * 1440 },
    when: { level: ['Show', 'Mirror'], is: ['levels'], school: { 'polish-time': ['days'] } },
    why: 'solvent leaves for weeks, and the film sinks into every scratch below it',
    lost: 'shrink-back is not seen.',
  }),
  operation({
    ...{ code: 'second-look', name: 'Second look: polish the shrink-back out', phase: 'return', basis: 'm²' },
    ...{ rate: 4, skill: 'polish', makes: 'looked-again', leaves: 'polished', cautions: ['polisher'] },
    when: { level: ['Show', 'Mirror'], is: ['levels'], school: { 'polish-time': ['days'] } },
    consumes: uses(['compound', 0.015], ['foam-pad', 0.01]),
    inspection: { light: 'sun', angleDeg: 30, secondPerson: true },
    why: 'early cutting is easy but shrinks back; hours and 4 µm are held for it',
    lost: 'the gloss of the handover is gone in a month.',
  }),
  operation({
    ...{ code: 'placards', name: 'Placards, marks and drain holes', ...inRig, fixedMin: 180, skill: 'trim' },
    ...{ makes: 'placarded', when: aircraft },
    why: 'placards and marks are part of what makes it airworthy',
    lost: 'the engineer cannot release it.',
  }),
  operation({
    ...{ code: 'rig', name: 'Assemble and rig', ...inRig, fixedMin: 960, skill: 'metal', usualCrew: 2 },
    ...{ makes: 'rigged', when: aircraft },
    why: 'the control surfaces go back in their places',
    lost: 'the aircraft is not together again.',
  }),
  operation({
    ...{ code: 'check-balance', name: 'Hold: control surfaces balanced after paint', ...hold },
    ...{ keyWord: 'hold/balance', makes: 'balanced', when: aircraft },
    why: 'paint moves the balance of a surface, and flutter follows',
    lost: 'it must not fly.',
  }),
  operation({
    ...{ code: 'count-off', name: 'Hold: covers counted off, drains clear', ...hold },
    ...{ keyWord: 'hold/covers', makes: 'uncovered', when: aircraft },
    inspection: { light: 'hand lamp', angleDeg: 45, secondPerson: true },
    checks: ['as many come off as were counted on'],
    why: 'as many covers come off as were counted on',
    lost: 'it must not fly.',
  }),
  operation({
    ...{ code: 'weigh', name: 'Hold: weight and balance revised', ...hold },
    ...{ keyWord: 'hold/weight', makes: 'weighed', when: aircraft },
    why: 'the new film weighs something, somewhere',
    lost: 'it must not fly.',
  }),
];
