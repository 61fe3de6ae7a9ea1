'use client';

import type { Edit } from '@/core/record';
import { deedOf } from '@/core/rights';
import { Button } from '@/ui/button';
import { EntryForm, Line, Pick, useSent } from './entry-form';

/** One line that starts a row of a list: what it is, and the panel or section it belongs to. */
export function AddItem({
  label,
  panels,
  place = 'Panel',
  toEdit,
}: {
  label: string;
  panels: readonly { key: string; name: string }[];
  place?: string;
  toEdit(name: string, place: string): Edit;
}) {
  const send = useSent();
  return (
    <EntryForm
      deed={deedOf(toEdit('', panels[0]?.key ?? ''))}
      label={label}
      className="flex flex-wrap items-center gap-2 py-2"
      start={{ name: '', where: panels[0]?.key ?? '' }}
      send={({ name, where }) => send(toEdit(name, where))}
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="name"
            label={`${label}: what`}
            placeholder="what"
            maxLength={80}
            className="w-56"
          />
          {place !== 'Job' && (
            <Pick
              form={form}
              name="where"
              label={`${label}: ${place.toLowerCase()}`}
              className="w-48"
              options={panels.map(({ key, name }) => ({
                value: key,
                text: place === 'Panel' ? `${key} ${name}` : name,
              }))}
            />
          )}
          <Button type="submit">{label}</Button>
        </>
      )}
    </EntryForm>
  );
}
