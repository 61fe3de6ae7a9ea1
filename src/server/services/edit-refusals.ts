import type { Fault } from '../../core/exchange';
import { blankStepEdit, withJobSchools, type Edit, type Job, type NewJob } from '../../core/record';
import { buildSteps, type Operation, type StepNetwork } from '../../core/steps';
import { lotsOf, partsOfJob, proposeJob } from '../../core/survey';
import { bodyKinds } from '../../core/vehicle';
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
  if (edit.kind === 'operation') return edit.entry === null ? [] : operationFaults(edit.code, edit.entry);
  if (edit.kind !== 'step' || !stored) return [];
  const job = withJobSchools(withEdit(stored, edit));
  const { sections, parts } = lotsOf(job, partsOfJob(job));
  const shop = planningShop(await requireShop());
  return faultsIn(buildSteps({ job: { ...job, sections }, parts, ...shop }), edit.step);
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
  ...{ number: 'P-000', name: 'Sample', owner: '', dimensions: {}, level: 'Show' },
  ...{ arrival: '2026-01-05', promised: '2026-06-05' },
  ...{ capLabourHours: 0, capMaterialsMinor: 0, capBoothHours: 0 },
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
