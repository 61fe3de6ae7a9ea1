import { dryMass } from '@/core/readings/dry-mass';
import { figuresFrom } from '@/core/figures';
import { bodyKindOf } from '@/core/vehicle';
import { HandoverRoom } from '@/features/handover/handover-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function HandoverPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  const { job, versions } = stored;
  const isWeighed = bodyKindOf(job.bodyKind)?.route === 'aircraft';
  const mass = isWeighed ? dryMass(plan, job, shop.shelf, figuresFrom(shop.shop.figures, job.figures)) : null;
  return (
    <HandoverRoom
      colours={job.colours}
      summaries={plan.sections}
      finished={job.state === 'finished'}
      mass={
        mass && {
          job: job.number,
          mass,
          seen: Object.fromEntries(
            job.surveyed.flatMap(({ key }) => {
              const version = versions[`${job.number}/survey/${key}`];
              return version === undefined ? [] : [[key, version]];
            }),
          ),
          productNames: mass.unknownProducts.map((code) => shop.shelf.get(code)?.name ?? code),
        }
      }
    />
  );
}
