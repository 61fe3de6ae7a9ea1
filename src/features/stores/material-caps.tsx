'use client';

import { productKinds } from '@/core/film';
import { optionalFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { EntryForm, Figure, Pick, useSent } from '../frame/entry-form';
import { FigureCell, MoneyCell, RemoveCell, type ItemRow } from '../frame/item-cells';
import { amount, money } from '../words/format';
import { productKindWords } from '../words/store-words';
import type { StoresProps } from './stores-props';

/** The most that may be spent on a kind of material, or drawn of one product, beside what the whole plan draws of it. */
export function MaterialCaps({ job, caps, products, locale }: StoresProps) {
  return (
    <section aria-label="Caps by material">
      <h2 className="pt-4 font-semibold">Caps by material</h2>
      <AddCap job={job} products={products} />
      {caps.length > 0 && (
        <Table
          caption="Caps by material"
          head={[
            'Of what',
            { text: 'Planned', right: true },
            'Cap, money',
            { text: 'Planned', right: true },
            'Cap, amount',
            '',
          ]}
        >
          {caps.map((one) => {
            const row: ItemRow<'materialCaps'> = {
              job,
              list: 'materialCaps',
              id: one.id,
              seen: one.seen,
              name: one.name,
            };
            const isOver = one.mostMinor !== null && one.plannedMinor > one.mostMinor;
            const isMuch = one.mostAmount !== null && one.planned > one.mostAmount;
            return (
              <tr key={one.id} className="border-b border-line tabular-nums">
                <td className="py-[2px]">{one.name}</td>
                <td className={`pr-3 text-right ${isOver ? 'font-semibold text-stop' : ''}`}>
                  {money(one.plannedMinor, locale, 2)}
                </td>
                <MoneyCell row={row} field="mostMinor" label="Cap in money" value={one.mostMinor} />
                <td className={`pr-3 text-right ${isMuch ? 'font-semibold text-stop' : ''}`}>
                  {one.unit !== null && amount(one.planned, one.unit)}
                </td>
                {one.unit === null ? (
                  <td />
                ) : (
                  <FigureCell
                    row={row}
                    field="mostAmount"
                    label="Cap in amount"
                    value={one.mostAmount}
                    none
                  />
                )}
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}

/** A new cap: on a kind or on one product, in money, in its amount, or both. */
function AddCap({ job, products }: Pick<StoresProps, 'job' | 'products'>) {
  const send = useSent();
  return (
    <EntryForm
      deed="list materialCaps"
      label="Set a cap"
      className="flex flex-wrap items-end gap-2 py-2"
      start={{ what: 'kind:coating', cost: '', amount: '' }}
      send={({ what, cost, amount: most }) => {
        const own = products.find((one) => what === `product:${one.code}`);
        const kind = own?.kind ?? productKinds.find((one) => what === `kind:${one}`) ?? 'coating';
        const price = optionalFigure(cost);
        return send({
          kind: 'add-item',
          job,
          list: 'materialCaps',
          item: {
            kind,
            product: own?.code ?? '',
            mostMinor: price === null ? null : Math.round(100 * price),
            mostAmount: optionalFigure(most),
          },
        });
      }}
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="what"
            label="Cap on"
            className="w-64"
            options={[
              ...productKinds.map((one) => ({ value: `kind:${one}`, text: `all: ${productKindWords[one]}` })),
              ...products.map((one) => ({ value: `product:${one.code}`, text: `${one.name}, ${one.unit}` })),
            ]}
          />
          <Figure
            form={form}
            name="cost"
            label="Cap in money"
            placeholder="money"
            className="w-24"
            least={0.01}
          />
          <Figure
            form={form}
            name="amount"
            label="Cap in amount"
            placeholder="amount"
            className="w-24"
            least={0.001}
          />
          <Button type="submit">Set a cap</Button>
        </>
      )}
    </EntryForm>
  );
}
