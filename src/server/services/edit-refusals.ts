import { wayFaults, type Fault } from '../../core/exchange';
import { coatSystemOf, standardLadder } from '../../core/film';
import { withLoggedFacts } from '../../core/log';
import { blankStepEdit, withJobSchools, type Edit, type Job, type NewJob } from '../../core/record';
import { buildSteps, withShopWays, type Operation, type StepNetwork } from '../../core/steps';
import { lotsOf, partsOfJob, proposeJob } from '../../core/survey';
import { bodyKinds } from '../../core/vehicle';
import { database } from '../database/client';
import { jobNumbers, loadJob } from '../repositories/job-repository';
import { currentMinute } from './clock';
import { logFaults } from './log-refusals';
import { planningShop, requireShop } from './plans';

type StepEditKind = Extract<Edit, { kind: 'step' }>;

/** The job as the edit would leave it. */
function withEdit(job: Job, { step, set }: StepEditKind): Job {
  const before = job.stepEdits.find((one) => one.step === step) ?? blankStepEdit(step);
  const others = job.stepEdits.filter((one) => one.step !== step);
  return { ...job, stepEdits: [...others, { ...before, ...set }] };
}

/**
 * What the work itself says against an edit of a step: an order that goes round in a ring, a person without the skill,
 * something that must not be left out. The network is built with the edit; what it refuses is not stored.
 */
export async function refusalsOf(edit: Edit, stored: Job | null): Promise<Fault[]> {
  if (edit.kind === 'log') return stored ? logFaults(edit, stored) : [];
  if (edit.kind === 'correct-log') return correctionFaults(edit, stored);
  if (edit.kind === 'section') return wayFaults(edit.set, (await requireShop()).shop, 'set');
  if (edit.kind === 'coat-system' || edit.kind === 'ladder') return wayInUse(edit);
  if (edit.kind === 'operation') return edit.entry === null ? [] : operationFaults(edit.code, edit.entry);
  if (edit.kind === 'remove-place') return notRented(edit.place);
  if (edit.kind !== 'step' || !stored) return [];
  const shop = planningShop(await requireShop());
  const ready = withShopWays(withJobSchools(withEdit(stored, edit)), shop.shop);
  const job = withLoggedFacts(ready, currentMinute());
  const { sections, parts } = lotsOf(job, partsOfJob(job));
  return faultsIn(buildSteps({ job: { ...job, sections }, parts, ...shop }), edit.step);
}

/** The shop's own places are not removed. */
async function notRented(id: string): Promise<Fault[]> {
  const place = (await requireShop()).shop.places.find((one) => one.id === id);
  return place && place.rented === null
    ? [{ place: 'place', reason: `${place.name} is the shop’s own` }]
    : [];
}

/** An entry is taken back once, and only one that stands. */
function correctionFaults(edit: Extract<Edit, { kind: 'correct-log' }>, stored: Job | null): Fault[] {
  const entry = stored?.log.find((one) => one.id === edit.id);
  if (!entry) return [{ place: 'id', reason: 'there is no such entry' }];
  const taken = entry.corrects !== null || stored!.log.some((one) => one.corrects === edit.id);
  return taken ? [{ place: 'id', reason: 'it was taken back already' }] : [];
}

/** A system or ladder of the shop's own is not removed while a section of an open job goes by it. */
async function wayInUse(edit: Extract<Edit, { kind: 'coat-system' | 'ladder' }>): Promise<Fault[]> {
  const isStandard = edit.kind === 'ladder' ? standardLadder(edit.key) : coatSystemOf(edit.key);
  if (edit.entry !== null || isStandard) return [];
  for (const number of await jobNumbers(database())) {
    const job = (await loadJob(database(), number))?.job;
    const user = job?.sections.find((one) => (edit.kind === 'ladder' ? one.ladder : one.system) === edit.key);
    if (user) return [{ place: 'key', reason: `${user.name} of ${number} goes by it` }];
  }
  return [];
}

/** An entry that sends the work of any kind of body round in a ring is not taken. */
async function operationFaults(code: string, entry: object): Promise<Fault[]> {
  const { shop, shelf, operations } = planningShop(await requireShop());
  const others = operations.filter((one) => one.code !== code);
  const tried = [...others, { code, ...entry } as Operation];
  for (const kind of bodyKinds) {
    const job = proposeJob({ ...sample, bodyKind: kind.key });
    const { warnings } = buildSteps({ job, parts: partsOfJob(job), shop, shelf, operations: tried });
    for (const warning of warnings)
      if (warning.code === 'own-operations-ignored')
        return [{ place: 'entry', reason: `on a ${kind.name.toLowerCase()} ${warning.ring}` }];
  }
  return [];
}

/** A job of each kind as the new-job form would make it. */
const sample: Omit<NewJob, 'bodyKind'> = {
  number: 'P-000',
  name: 'Sample',
  owner: '',
  dimensions: {},
  level: 'Show',
  arrival: '2026-01-05',
  promised: '2026-06-05',
  capLabourHours: 0,
  capMaterialsMinor: 0,
  capBoothHours: 0,
};

function faultsIn({ steps, warnings }: StepNetwork, step: string): Fault[] {
  const name = (key: string) => steps.find((one) => one.key === key)?.name ?? key;
  return warnings.flatMap((warning): Fault[] => {
    if (!('step' in warning) || warning.step !== step) return [];
    switch (warning.code) {
      case 'order-refused': {
        const chain = warning.chain.slice(0, 3).map(name);
        const through = chain.length > 0 ? `, through ${chain.join(', ')}` : '';
        const insist = warning.mayInsist ? ' You may insist; it will stay visible.' : '';
        const reason = `“${name(step)}” cannot come after “${name(warning.after)}”, which waits for it${through}.${insist}`;
        return [{ place: 'set.after', reason }];
      }
      case 'person-refused':
        return [{ place: 'set.person', reason: `${warning.person} has not the skill for “${name(step)}”` }];
      case 'skip-refused':
        return [{ place: 'set.skipped', reason: `“${name(step)}” must not be left out` }];
      default:
        return [];
    }
  });
}
