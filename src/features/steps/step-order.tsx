'use client';

import type { PlannedStep } from '@/core/plan';
import type { StepEdit } from '@/core/record';
import { Fact, Part } from '@/ui/facts';
import { EditChoice } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import type { StepsRoomProps } from './steps-props';
import { useOpen } from '../frame/who';

/** Work on the same section, or on several together: what an order by hand can mean. */
const shares = (one: PlannedStep, step: PlannedStep): boolean =>
  one.sections.length > 1 || one.sections.some((key) => step.sections.includes(key));

/** Who is to do a step and what it is to come after, as a manager asks; what the work forbids is refused with the reason. */
export function StepOrder({
  job,
  step,
  steps,
  people,
  edit,
}: Pick<StepsRoomProps, 'job' | 'steps' | 'people'> & {
  step: PlannedStep;
  edit: (StepEdit & { seen: number }) | null;
}) {
  const live = useOpen('step');
  const { save } = useSaving();
  const toEdit = (set: Partial<StepEdit>) =>
    ({ kind: 'step', job, step: step.key, seen: edit?.seen ?? null, set }) as const;
  const able = people.filter((person) => person.skills.some((skill) => step.people.includes(skill)));
  const others = steps
    .filter(
      (one) =>
        one.key !== step.key &&
        one.state === 'planned' &&
        one.crew > 0 &&
        (shares(one, step) || one.key === edit?.after),
    )
    .sort((a, b) => a.start - b.start);
  return (
    <Part title="Order and hand">
      {able.length > 0 && (
        <Fact label="Done by">
          <EditChoice
            label="Person for this step"
            quiet
            className="w-44"
            value={edit?.person ?? ''}
            choices={[
              { value: '', text: `anybody of ${able.length}` },
              ...able.map((person) => ({ value: person.id, text: person.name })),
            ]}
            toEdit={(text) => toEdit({ person: text === '' ? null : text })}
          />
        </Fact>
      )}
      {people.length > 0 && (
        <Fact label="At hand">
          <EditChoice
            label="Who has to be there, free for other work"
            quiet
            className="w-44"
            value={edit?.atHand ?? ''}
            choices={[
              { value: '', text: 'nobody in particular' },
              ...people.map((person) => ({ value: person.id, text: person.name })),
            ]}
            toEdit={(text) => toEdit({ atHand: text === '' ? null : text })}
          />
        </Fact>
      )}
      <Fact label="Not before">
        <EditChoice
          label="Step this one is to come after"
          quiet
          className="w-44"
          value={edit?.after ?? ''}
          choices={[
            { value: '', text: 'as the work asks' },
            ...others.map((one) => ({ value: one.key, text: `${one.name} · ${one.subject}`.slice(0, 80) })),
          ]}
          toEdit={(text) => toEdit({ after: text === '' ? null : text, override: edit?.override ?? false })}
        />
      </Fact>
      <label className="flex items-center gap-2 py-1">
        <input
          type="checkbox"
          checked={edit?.override ?? false}
          disabled={!live}
          onChange={(event) => void save(toEdit({ override: event.target.checked }))}
        />
        Insist, even against the usual order
      </label>
    </Part>
  );
}
