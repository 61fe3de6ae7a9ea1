'use client';

import { Button } from '@/ui/button';
import { typedFigure } from '@/core/units';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';

/** Keeps the scheme that stands under a name: to choose from, or for the case that a match fails. */
export function KeepScheme({
  job,
  colours,
}: {
  job: string;
  colours: readonly { id: string; name: string }[];
}) {
  const send = useSent();
  return (
    <EntryForm
      deed="keep-scheme"
      label="Keep the scheme"
      className="no-print flex flex-wrap items-center gap-2 pb-2"
      start={{ name: '', ifUnmatched: '', mostAttempts: '3', lastDay: '', note: '' }}
      send={({ name, ifUnmatched, mostAttempts, lastDay, note }) =>
        send({
          kind: 'keep-scheme',
          job,
          name,
          ifUnmatched: ifUnmatched || null,
          mostAttempts: typedFigure(mostAttempts),
          lastDay: lastDay || null,
          note,
        })
      }
    >
      {(form) => {
        const isForMatch = form.watch('ifUnmatched') !== '';
        return (
          <>
            <Line
              form={form}
              name="name"
              label="Name of the kept scheme"
              placeholder="name it"
              required
              maxLength={60}
              className="w-48"
            />
            <Pick
              form={form}
              name="ifUnmatched"
              label="What it is kept for"
              className="w-56"
              options={[
                { value: '', text: 'to choose from' },
                ...colours.map(({ id, name }) => ({ value: id, text: `if ${name} is not matched` })),
              ]}
            />
            {isForMatch && (
              <>
                <label className="flex items-center gap-1 text-quiet">
                  after
                  <Figure
                    form={form}
                    name="mostAttempts"
                    label="Attempts at the match"
                    least={1}
                    most={20}
                    whole
                    required
                    className="w-12"
                  />
                  attempts, or on
                </label>
                <Line
                  form={form}
                  name="lastDay"
                  label="Last day for the match"
                  type="date"
                  className="w-36"
                />
              </>
            )}
            <Button type="submit">Keep the scheme as it stands</Button>
          </>
        );
      }}
    </EntryForm>
  );
}
