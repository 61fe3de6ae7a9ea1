'use client';

import type { ConsumableTrial } from '@/core/record';
import { trialResults } from '@/core/stores';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { EntryForm, Figure, Line, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { money, type Locale } from '../words/format';
import { useOpen } from '../frame/who';

/** Dear against cheap on a measured area: what a square metre really costs, goods and time. */
export function Trials({
  trials,
  rate,
  locale,
}: {
  trials: readonly (ConsumableTrial & { seen: number })[];
  rate: number;
  locale: Locale;
}) {
  const { save } = useSaving();
  const live = useOpen('add-trial');
  const seenOf = new Map(trials.map((trial) => [trial.id, trial.seen]));
  const results = trialResults(trials, rate);
  return (
    <>
      <p className="pb-2 text-quiet">
        Try two consumables on a measured area; time counts at the shop’s rate of {money(rate, locale, 2)} an
        hour.
      </p>
      <NewTrial locale={locale} />
      {results.length === 0 ? (
        <Empty>Nothing was tried yet.</Empty>
      ) : (
        <Table
          caption="Trials"
          head={[
            'Tried for',
            'Consumable',
            { text: 'Area', right: true },
            { text: 'Used', right: true },
            { text: 'min/m²', right: true },
            { text: 'Units/m²', right: true },
            { text: 'Goods/m²', right: true },
            { text: 'With time/m²', right: true },
            '',
          ]}
        >
          {results.map((one) => (
            <tr key={one.id} className="border-b border-line">
              <td className="py-1 pr-3">{one.purpose}</td>
              <td className="pr-3">
                <span className={one.best ? 'font-semibold' : ''}>{one.name}</span>
                {one.best && ', cheapest'}
                {one.note && <span className="block text-small text-quiet">{one.note}</span>}
              </td>
              <td className="pr-3 text-right tabular-nums">{one.areaM2} m²</td>
              <td className="pr-3 text-right tabular-nums">
                {one.used} × {money(one.priceMinorEach, locale, 2)}
              </td>
              <td className="pr-3 text-right tabular-nums">{one.minutesPerM2.toFixed(1)}</td>
              <td className="pr-3 text-right tabular-nums">{one.unitsPerM2.toFixed(2)}</td>
              <td className="pr-3 text-right tabular-nums">{money(one.goodsMinorPerM2, locale, 2)}</td>
              <td className="pr-3 text-right font-semibold tabular-nums">
                {money(one.wholeMinorPerM2, locale, 2)}
              </td>
              <td className="text-right">
                <button
                  type="button"
                  className="underline"
                  disabled={!live}
                  aria-label={`Remove the trial of ${one.name}`}
                  onClick={() => void save({ kind: 'remove-trial', id: one.id, seen: seenOf.get(one.id)! })}
                >
                  remove
                </button>
              </td>
            </tr>
          ))}
        </Table>
      )}
    </>
  );
}

const figures = [
  ['price', 'Price of one'],
  ['used', 'Used up'],
  ['area', 'Area, m²'],
  ['minutes', 'Minutes'],
] as const;

function NewTrial({ locale }: { locale: Locale }) {
  const send = useSent();
  return (
    <EntryForm
      deed="add-trial"
      label="New trial"
      className="flex flex-wrap items-end gap-2 pb-3"
      start={{ purpose: '', name: '', price: '', used: '', area: '', minutes: '', note: '' }}
      send={({ purpose, name, price, used, area, minutes, note }) =>
        send({
          kind: 'add-trial',
          trial: {
            purpose,
            name,
            priceMinorEach: Math.round(typedFigure(price) * 100),
            used: typedFigure(used),
            areaM2: typedFigure(area),
            minutes: typedFigure(minutes),
            note,
          },
        })
      }
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="purpose"
            label="Tried for"
            placeholder="tried for"
            className="w-48"
            maxLength={80}
            required
          />
          <Line
            form={form}
            name="name"
            label="Consumable"
            placeholder="consumable"
            className="w-36"
            maxLength={80}
            required
          />
          {figures.map(([name, label]) => (
            <Figure
              key={name}
              form={form}
              name={name}
              label={name === 'price' ? `${label}, ${locale.currency}` : label}
              placeholder={label.toLowerCase()}
              className="w-24"
              least={0}
              required
            />
          ))}
          <Line
            form={form}
            name="note"
            label="Note on the trial"
            placeholder="note"
            className="w-32"
            maxLength={200}
          />
          <Button type="submit">Add trial</Button>
        </>
      )}
    </EntryForm>
  );
}
