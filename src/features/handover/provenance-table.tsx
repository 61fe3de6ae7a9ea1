'use client';

import { provenanceKinds } from '@/core/record';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import { ChoiceCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';
import { fullDate } from '../words/format';
import { provenanceNames } from '../words/handover-words';
import type { RecordProps } from './record-props';

/** Original parts, numbers, stamps, replaced panels and references: where the object comes from. */
export function ProvenanceTable(props: RecordProps) {
  const { job, provenance } = props;
  return (
    <section aria-label="Where it comes from">
      <h2 className="pt-4 font-semibold">Where it comes from</h2>
      <AddProvenance {...props} />
      {provenance.length > 0 && (
        <Table
          caption="Parts, numbers and references"
          head={['Kind', 'What', 'Reads', 'Panel', 'Written', 'Note', '']}
        >
          {provenance.map((one) => {
            const row: ItemRow<'provenance'> = {
              job,
              list: 'provenance',
              id: one.id,
              seen: one.seen,
              name: one.what,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <ChoiceCell
                  row={row}
                  field="kind"
                  label="Kind"
                  value={one.kind}
                  choices={provenanceKinds}
                  names={provenanceNames}
                />
                <TextCell row={row} field="what" label="What" value={one.what} width="w-48" />
                <TextCell row={row} field="reads" label="Reads" value={one.reads} />
                <td className="pr-2">{one.part}</td>
                <td className="pr-2 tabular-nums">{fullDate(one.onDate)}</td>
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

function AddProvenance({ job, panels, today }: RecordProps) {
  const send = useSent();
  return (
    <EntryForm
      deed="list provenance"
      label="Write down a part, a number or a reference"
      className="flex flex-wrap items-end gap-2 py-2"
      start={{ kind: 'number', what: '', reads: '', part: '' }}
      send={({ kind, what, reads, part }) =>
        send({
          kind: 'add-item',
          job,
          list: 'provenance',
          item: {
            kind: provenanceKinds.find((one) => one === kind) ?? 'reference',
            what,
            reads,
            part,
            onDate: today,
            note: '',
          },
        })
      }
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="kind"
            label="Kind"
            options={provenanceKinds.map((one) => ({ value: one, text: provenanceNames[one] }))}
          />
          <Line
            form={form}
            name="what"
            label="What it is"
            placeholder="what it is"
            maxLength={120}
            required
          />
          <Line form={form} name="reads" label="As it reads" placeholder="as it reads" maxLength={80} />
          <Pick
            form={form}
            name="part"
            label="Panel"
            className="w-48"
            options={[
              { value: '', text: 'the object' },
              ...panels.map(({ key, name }) => ({ value: key, text: `${key} ${name}` })),
            ]}
          />
          <Button type="submit">Write it down</Button>
        </>
      )}
    </EntryForm>
  );
}
