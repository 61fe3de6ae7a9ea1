'use client';

import { itemKinds, type LooseItem } from '@/core/record';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { AddItem } from '../frame/add-item';
import { EditChoice } from '../frame/edit-field';
import { ChoiceCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';

/** What else is seen of the finished object, and which of the colours it has. */
export function LooseItemsTable({
  job,
  items,
  colours,
}: {
  job: string;
  items: readonly (LooseItem & { seen: number })[];
  colours: readonly { id: string; name: string }[];
}) {
  const open = items.filter((one) => one.colour === null && one.finish === '');
  return (
    <section aria-label="What else is seen" className="pt-5">
      <h2 className="pb-1 font-semibold">What else is seen: wheels, top, interior, brightwork</h2>
      <AddItem
        label="Add an item"
        panels={[]}
        place="Job"
        toEdit={(what) => ({
          kind: 'add-item',
          job,
          list: 'looseItems',
          item: { what, kind: kindOf(what), colour: null, finish: '' },
        })}
      />
      {open.length > 0 && (
        <Notice grade="caution">
          No colour and no finish yet: {open.map((one) => one.what).join(', ')}.
        </Notice>
      )}
      {items.length === 0 ? (
        <Empty>
          Nothing is named yet. What is painted here is a panel of a loose section; name here what is seen
          beside it.
        </Empty>
      ) : (
        <Table caption="What else is seen" head={['What', 'Kind', 'Colour', 'Or its finish', '']}>
          {items.map((item) => {
            const row: ItemRow<'looseItems'> = {
              job,
              list: 'looseItems',
              id: item.id,
              seen: item.seen,
              name: item.what,
            };
            return (
              <tr key={item.id} className="border-b border-line">
                <TextCell row={row} field="what" label="What" value={item.what} width="w-48" />
                <ChoiceCell row={row} field="kind" label="Kind" value={item.kind} choices={itemKinds} />
                <td className="py-1 pr-2">
                  <EditChoice
                    label={`Colour of ${item.what}`}
                    quiet
                    className="w-44"
                    value={item.colour ?? ''}
                    choices={[
                      { value: '', text: 'none of the scheme' },
                      ...colours.map(({ id, name }) => ({ value: id, text: name })),
                    ]}
                    toEdit={(colour) => ({
                      kind: 'set-item',
                      job,
                      list: 'looseItems',
                      id: item.id,
                      seen: item.seen,
                      set: { colour: colour || null },
                    })}
                  />
                </td>
                <TextCell row={row} field="finish" label="Finish" value={item.finish} width="w-56" />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}

/** The kind that a name tells of; the manager puts it right. */
function kindOf(what: string): LooseItem['kind'] {
  const word = what.toLowerCase();
  return itemKinds.find((kind) => word.includes(kind.replace(/s$/, '').replace('-', ' '))) ?? 'other';
}
