import { operation, uses, type Operation } from '../operation';

const put = { phase: 'finish', place: 'bay', basis: 'fixed', rate: 0 } as const;

/** Work the builder does not foresee: mending, moving and what a manager adds by hand. */
export const handWork: readonly Operation[] = [
  operation({
    ...{ code: 'blend-edge', name: 'Blend new into old along a body line', phase: 'clear', basis: 'part' },
    ...{ rate: 12, fixedMin: 30, skill: 'paint', stage: 'finish', needs: ['unmasked'], before: ['levelled'] },
    ...{ when: { route: ['panel'], is: ['painted', 'partial'] }, cautions: ['isocyanate', 'polisher'] },
    consumes: uses(['fine-sheet', 0.2], ['compound', 0.01]),
    why: 'where new meets old the last clear is melted in along an opening or body line',
    lost: 'an edge stands where new meets old.',
  }),
  operation({
    ...{ code: 'mend-run', name: 'Mend a run: putty, 400 on a stick, 1000, 1500', ...put, fixedMin: 60 },
    consumes: uses(['fine-sheet', 0.5], ['glaze', 0.01]),
    cautions: ['half-cured'],
    why: 'a run is cut level without touching what lies beside it',
    lost: 'the run stays.',
  }),
  operation({
    ...{ code: 'mend-burn', name: 'Mend a place that was polished through', ...put, fixedMin: 180 },
    ...{ skill: 'paint', cautions: ['isocyanate', 'ignition'] },
    why: 'solid colours are touched in or blended, effects want the panel',
    lost: 'the primer shows.',
  }),
  operation({
    ...{
      code: 'spot-prime',
      name: 'Prime a spot again',
      ...put,
      phase: 'build',
      fixedMin: 45,
      skill: 'paint',
    },
    cautions: ['isocyanate', 'ignition'],
    why: 'rub-through, an unfeathered edge or pinholes are primed before the next round',
    lost: 'a ring shows round the place.',
  }),
  operation({
    ...{ code: 'extra-round', name: 'One more round of filling and blocking', phase: 'filler', basis: 'm²' },
    ...{ rate: 120, shareBy: 'filled', usualCrew: 2, tags: ['dusty'], leaves: 'filler' },
    consumes: uses(['filler', 1], ['sheet-block', 1]),
    cautions: ['peroxide', 'dust'],
    why: 'the measure of straightness is not met yet',
    lost: 'the surface stays as straight as it is now.',
  }),
  operation({
    ...{
      code: 'lay-sound',
      name: 'Lay sound deadener',
      phase: 'filler',
      basis: 'm²',
      rate: 12,
      skill: 'trim',
    },
    why: 'inside, on epoxy and before trim',
    lost: 'it drums.',
  }),
  operation({
    ...{ code: 'remask', name: 'Mask again: torn or dusty cover', phase: 'mask', basis: 'm', rate: 2.5 },
    consumes: uses(['paper-tape', 1.2], ['cover', 0.3]),
    why: 'dusty or torn cover is changed before colour',
    lost: 'dust and overspray.',
  }),
  operation({
    ...{ code: 'clean-bay', name: 'Clean the room after dirty work', phase: 'mask', basis: 'fixed', rate: 0 },
    ...{ fixedMin: 90, usualCrew: 2, tags: ['dusty'] },
    cautions: ['dust'],
    why: 'stripping and sanding leave what the booth would breathe',
    lost: 'the next film takes the dust.',
  }),
  operation({
    ...{ code: 'turn-over', name: 'Turn the shell or hull over', ...put, phase: 'strip', fixedMin: 90 },
    ...{ usualCrew: 4, leastCrew: 3, cautions: ['lifting'] },
    why: 'what is overhead is worked at the bench height',
    lost: 'the work goes on overhead.',
  }),
  operation({
    ...{
      code: 'lay-out-stripe',
      name: 'Lay out stripes on cured clear, scuff',
      phase: 'mask',
      basis: 'm',
      rate: 6,
    },
    ...{ skill: 'paint', consumes: uses(['fine-line', 2.2], ['paper-tape', 1]) },
    why: 'second colours that wait for the cure are measured from panel edges',
    lost: 'the stripe wanders.',
  }),
  operation({
    ...{ code: 'trial', name: 'Trial under supervision', ...put, fixedMin: 60, usualCrew: 2, leastCrew: 2 },
    ...{ skill: 'polish' },
    why: 'a risky step is tried on a test panel beside someone who knows it',
    lost: 'the first try is on the vehicle.',
  }),
  operation({
    ...{ code: 'own-work', name: 'Other work', ...put, fixedMin: 60 },
    why: 'added by the manager',
    lost: 'what it was added for is not done.',
  }),
];
