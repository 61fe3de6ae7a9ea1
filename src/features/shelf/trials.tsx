'use client';

import { useState } from 'react';
import type { ConsumableTrial } from '@/core/record';
import { trialResults } from '@/core/stores';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { money, type Locale } from '../words/format';

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
  const live = useLive();
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
  const { save } = useSaving();
  const live = useLive();
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name) ?? '').trim();
    const figure = (name: string) => Number(text(name).replace(',', '.'));
    const wrong = figures.find(([name]) => !(figure(name) >= 0) || text(name) === '');
    if (wrong) return setFault(`${wrong[1]} must be a figure of at least 0.`);
    const outcome = await save({
      kind: 'add-trial',
      trial: {
        purpose: text('purpose'),
        name: text('name'),
        priceMinorEach: Math.round(figure('price') * 100),
        used: figure('used'),
        areaM2: figure('area'),
        minutes: figure('minutes'),
        note: text('note'),
      },
    });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') form.reset();
  };
  return (
    <form
      aria-label="New trial"
      className="flex flex-wrap items-end gap-2 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      <input
        name="purpose"
        aria-label="Tried for"
        placeholder="tried for"
        className="w-48"
        maxLength={80}
        required
        disabled={!live}
      />
      <input
        name="name"
        aria-label="Consumable"
        placeholder="consumable"
        className="w-36"
        maxLength={80}
        required
        disabled={!live}
      />
      {figures.map(([name, label]) => (
        <input
          key={name}
          name={name}
          aria-label={name === 'price' ? `${label}, ${locale.currency}` : label}
          placeholder={label.toLowerCase()}
          inputMode="decimal"
          className="w-24"
          disabled={!live}
        />
      ))}
      <input
        name="note"
        aria-label="Note on the trial"
        placeholder="note"
        className="w-32"
        maxLength={200}
        disabled={!live}
      />
      <Button type="submit" disabled={!live}>
        Add trial
      </Button>
      {fault && (
        <p role="alert" className="w-full text-small text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}
