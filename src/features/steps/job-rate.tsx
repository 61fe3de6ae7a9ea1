import type { PlannedStep } from '@/core/plan';
import { catalogue } from '@/core/steps';
import { Fact, Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import type { StepsRoomProps } from './steps-props';

/** The level or its grit sequence sets it, where the catalogue names none. */
const followsLevel: ReadonlySet<string> = new Set(
  catalogue.filter((one) => one.rate === null).map((one) => one.code),
);

/** The rate of the operation of a step, for this job alone; empty for that of the shop. */
export function JobRate({ job, step, rates }: { step: PlannedStep } & Pick<StepsRoomProps, 'job' | 'rates'>) {
  const { operation, figure } = step;
  if (figure.unit === 'fixed' || step.coat !== null || followsLevel.has(operation)) return null;
  const own = rates.values[operation];
  return (
    <Part title="Rate on this job">
      <Fact label={`Minutes by ${figure.unit}, as typed`}>
        <EditText
          label={`Rate of ${step.name} on this job`}
          quiet
          type="number"
          step="any"
          min={0}
          className="w-16"
          value={own === undefined ? '' : String(own)}
          toEdit={(text) => {
            const { [operation]: _, ...others } = rates.values;
            const set = text === '' ? others : { ...others, [operation]: Number(text) };
            return { kind: 'job', job, seen: rates.seen, set: { rates: set } };
          }}
        />
      </Fact>
      <p className="text-small text-quiet">
        For all steps of this kind here; the learned factor is left out. Empty for the shop’s rate
        {own === undefined ? `, ${figure.rate}` : ''}.
      </p>
    </Part>
  );
}
