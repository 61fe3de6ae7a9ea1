'use client';

import type { PlannedStep } from '@/core/plan';
import { refusalToSkip } from '@/core/steps';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { hours } from '../words/format';
import { StepPin } from './step-pin';
import { skipRefusals } from '../words/warning-words';
import { useOpen } from '../frame/who';

/** What a manager changes of a step by hand: its hours, a note, whether it is done at all. It outlives every rebuild. */
export function StepByHand({
  job,
  step,
  seen,
  timeZone,
}: {
  job: string;
  step: PlannedStep;
  seen: number | null;
  timeZone: string;
}) {
  const live = useOpen('step');
  const { save } = useSaving();
  const edit = (set: { personMinutes?: number | null; skipped?: boolean; note?: string }) =>
    ({ kind: 'step', job, step: step.key, seen, set }) as const;
  const refusal = refusalToSkip(step);
  const fixed = step.state !== 'planned';
  return (
    <Part title="By hand">
      {step.kind !== 'passive' && !step.skipped && (
        <Fact label={step.computedMinutes === null ? 'Person-hours' : 'Person-hours, typed'}>
          <EditText
            label="Person-hours of this step"
            quiet
            type="number"
            step="any"
            min={0}
            className="w-20"
            value={(step.personMinutes / 60).toFixed(2)}
            check={(text) => (text === '' || Number(text) >= 0 ? null : 'hours of at least 0')}
            toEdit={(text) => edit({ personMinutes: text === '' ? null : Math.round(Number(text) * 60) })}
          />
        </Fact>
      )}
      {step.computedMinutes !== null && (
        <p className="text-small text-quiet">
          Computed: {hours(step.computedMinutes)} h; empty the figure to return to it.
        </p>
      )}
      {!fixed && <StepPin job={job} step={step} seen={seen} timeZone={timeZone} />}
      <Fact label="Note">
        <EditText
          label="Note on this step"
          quiet
          className="w-44"
          value={step.note}
          toEdit={(text) => edit({ note: text })}
        />
      </Fact>
      {refusal ? (
        <p className="text-small text-quiet">Cannot be left out: {skipRefusals[refusal]}</p>
      ) : (
        !fixed && (
          <>
            <p className="py-1 text-small text-quiet">If it is left out: {step.lost}</p>
            <Button disabled={!live} onClick={() => void save(edit({ skipped: !step.skipped }))}>
              {step.skipped ? 'Do it after all' : 'Leave it out'}
            </Button>
          </>
        )
      )}
    </Part>
  );
}
