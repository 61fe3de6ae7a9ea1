'use client';

import { skills, type Person } from '@/core/shop';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { useOpen } from '../frame/who';

/** What a person is trusted with, ticked; a step is planned only for those who have its skill. */
export function PersonSkills({
  person,
  seen,
}: {
  person: Pick<Person, 'id' | 'name' | 'skills'>;
  seen: number;
}) {
  const live = useOpen('person');
  const { save } = useSaving();
  return (
    <div role="group" aria-label={`${person.name} is trusted with`} className="flex flex-wrap gap-x-3">
      {skills.map((skill) => (
        <label key={skill} className="inline-flex items-center gap-1">
          <input
            type="checkbox"
            disabled={!live}
            checked={person.skills.includes(skill)}
            onChange={(event) =>
              void save({
                kind: 'person',
                person: person.id,
                seen,
                set: {
                  skills: event.target.checked
                    ? [...person.skills, skill]
                    : person.skills.filter((one) => one !== skill),
                },
              })
            }
          />
          {skill}
        </label>
      ))}
    </div>
  );
}

/** Speed of a person against the shop's rates, from experience; used where the step is given to them by name. */
export function PersonPace({ person, seen }: { person: Pick<Person, 'id' | 'name' | 'pace'>; seen: number }) {
  return (
    <EditText
      label={`Pace of ${person.name} against the rates`}
      quiet
      type="number"
      step="any"
      min={0.2}
      max={5}
      className="w-16"
      unit="×"
      value={String(person.pace)}
      toEdit={(text) => ({ kind: 'person', person: person.id, seen, set: { pace: Number(text) } })}
    />
  );
}
