'use client';

import { matchVerdicts, type MatchAttempt } from '@/core/record';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import { ChoiceCell, DayCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';

const howJudged =
  'A card is judged dry and cleared, in sun, shade and lamp, at the height on the body where it goes. What hangs on the match is a scheme that is kept for the case that it fails.';

/** Tries at matching a colour to paint that stays: what was changed, in which light it was seen, what was said of it. */
export function MatchAttempts({
  job,
  attempts,
  colours,
  today,
}: {
  job: string;
  attempts: readonly (MatchAttempt & { seen: number })[];
  colours: readonly { id: string; name: string }[];
  today: string;
}) {
  const send = useSent();
  const nameOf = (id: string) => colours.find((one) => one.id === id)?.name ?? id;
  const inOrder = [...attempts].sort((a, b) => a.onDate.localeCompare(b.onDate) || a.id.localeCompare(b.id));
  return (
    <section aria-label="Attempts at a match" className="pt-5">
      <h2 className="pb-1 font-semibold">Attempts at a match</h2>
      <p className="max-w-prose text-quiet">{howJudged}</p>
      <EntryForm
        deed="list matchAttempts"
        label="Write down an attempt"
        className="no-print flex flex-wrap items-center gap-2 py-2"
        start={{ colour: colours[0]?.id ?? '', change: '', light: '' }}
        send={({ colour, change, light }) =>
          send({
            kind: 'add-item',
            job,
            list: 'matchAttempts',
            item: { colour, onDate: today, change, verdict: 'waiting', light, note: '' },
          })
        }
      >
        {(form) => (
          <>
            <Pick
              form={form}
              name="colour"
              label="Colour of the attempt"
              className="w-44"
              options={colours.map(({ id, name }) => ({ value: id, text: name }))}
            />
            <Line
              form={form}
              name="change"
              label="What was changed in the mix"
              placeholder="what was changed in the mix"
              required
              maxLength={120}
              className="w-64"
            />
            <Line
              form={form}
              name="light"
              label="Light, and beside what"
              placeholder="light, beside what"
              maxLength={80}
              className="w-48"
            />
            <Button type="submit">Write down the attempt</Button>
          </>
        )}
      </EntryForm>
      {inOrder.length > 0 && (
        <Table
          caption="Attempts at a match"
          head={['On', 'Colour', 'Changed', 'Seen in', 'Verdict', 'Note', '']}
        >
          {inOrder.map((one, i) => {
            const row: ItemRow<'matchAttempts'> = {
              job,
              list: 'matchAttempts',
              id: one.id,
              seen: one.seen,
              name: `attempt ${i + 1}`,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <DayCell row={row} field="onDate" label="Day" value={one.onDate} />
                <td className="py-1 pr-2">{nameOf(one.colour)}</td>
                <TextCell row={row} field="change" label="Change" value={one.change} width="w-56" />
                <TextCell row={row} field="light" label="Light" value={one.light} width="w-40" />
                <ChoiceCell
                  row={row}
                  field="verdict"
                  label="Verdict"
                  value={one.verdict}
                  choices={matchVerdicts}
                />
                <TextCell row={row} field="note" label="Note" value={one.note} width="w-48" />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}
