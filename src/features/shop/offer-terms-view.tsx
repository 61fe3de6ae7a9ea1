'use client';

import { X } from 'lucide-react';
import type { OfferTerms } from '@/core/offer';
import { levels } from '@/core/film';
import { optionalFigure, typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EditText } from '../frame/edit-field';
import { EntryForm, Figure, Line, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { stageNames } from '../words/offer-words';
import { useOpen } from '../frame/who';

interface Given {
  terms: OfferTerms;
  seen: number;
}

/** What stands on every quote: how long it holds, how it is paid, what the shop stands for, and its terms. */
export function OfferTermsView({ terms, seen }: Given) {
  const edit = (set: Partial<OfferTerms>) =>
    ({ kind: 'shop', seen, set: { offerTerms: { ...terms, ...set } } }) as const;
  return (
    <section aria-label="Quotes" className="max-w-3xl">
      <p className="pb-2 text-quiet">
        This stands on every quote that is made from now on. Have it read by whoever knows the law where you
        work.
      </p>
      <p className="flex items-baseline gap-2 pb-3">
        <span>A quote holds for</span>
        <EditText
          label="Days a quote holds"
          quiet
          type="number"
          unit="days"
          value={String(terms.validDays)}
          toEdit={(text) => edit({ validDays: Number(text) })}
        />
      </p>
      <Shares key={JSON.stringify(terms.stages)} terms={terms} seen={seen} />
      <SecondTax key={JSON.stringify(terms.secondTax)} terms={terms} seen={seen} />
      <Warranty terms={terms} seen={seen} />
      <Paragraphs terms={terms} seen={seen} />
    </section>
  );
}

type Stages = OfferTerms['stages'];
const states = Object.keys(stageNames) as Stages[number]['state'][];

/** Shares of the payments: they are typed together, since they come to the whole. */
function Shares({ terms, seen }: Given) {
  const send = useSent();
  const start = Object.fromEntries(
    states.map((state) => {
      const own = terms.stages.find((one) => one.state === state);
      return [state, own ? String(own.shareBp / 100) : ''];
    }),
  );
  return (
    <>
      <h2 className="font-semibold">When it is paid, in %</h2>
      <EntryForm
        deed="shop"
        label="Shares of the payments"
        className="flex flex-wrap items-end gap-3 py-2"
        start={start}
        send={(typed) => {
          const stages = states.flatMap((state) => {
            const share = optionalFigure(typed[state] ?? '');
            return share === null || share === 0 ? [] : [{ state, shareBp: Math.round(100 * share) }];
          });
          return send({ kind: 'shop', seen, set: { offerTerms: { ...terms, stages } } });
        }}
      >
        {(form) => (
          <>
            {states.map((state) => (
              <label key={state} className="text-small">
                <span className="block">{stageNames[state]}</span>
                <Figure
                  form={form}
                  name={state}
                  label={stageNames[state]}
                  className="w-20"
                  least={0}
                  most={100}
                />
              </label>
            ))}
            <Button type="submit">Keep the shares</Button>
          </>
        )}
      </EntryForm>
    </>
  );
}

/** A tax on materials and disposal beside the tax on everything. */
function SecondTax({ terms, seen }: Given) {
  const send = useSent();
  const { save } = useSaving();
  const live = useOpen('shop');
  const edit = (secondTax: OfferTerms['secondTax']) =>
    ({ kind: 'shop', seen, set: { offerTerms: { ...terms, secondTax } } }) as const;
  if (terms.secondTax)
    return (
      <p className="py-3">
        <span className="font-semibold">{terms.secondTax.name}:</span> {terms.secondTax.bp / 100} % on
        materials and disposal, beside the tax on everything.{' '}
        <Button disabled={!live} onClick={() => void save(edit(null))}>
          Take it off
        </Button>
      </p>
    );
  return (
    <EntryForm
      deed="shop"
      label="A second tax"
      className="flex flex-wrap items-end gap-2 py-3"
      start={{ name: '', share: '' }}
      send={({ name, share }) =>
        send(edit({ name, bp: Math.round(100 * typedFigure(share)), on: ['materials', 'disposal'] }))
      }
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="name"
            label="Name of a second tax"
            placeholder="levy"
            maxLength={40}
            required
          />
          <Figure
            form={form}
            name="share"
            label="Second tax, %"
            placeholder="%"
            className="w-20"
            least={0}
            most={100}
            required
          />
          <Button type="submit">Add a tax on materials and disposal</Button>
        </>
      )}
    </EntryForm>
  );
}

/** What the shop stands for, level by level. */
function Warranty({ terms, seen }: Given) {
  const lineOf = (level: (typeof levels)[number]) =>
    terms.warranty.find((one) => one.level === level) ?? { level, months: 0, covers: '', excludes: '' };
  const edit = (level: (typeof levels)[number], set: object) => {
    const changed = { ...lineOf(level), ...set };
    const others = terms.warranty.filter((one) => one.level !== level);
    const warranty = levels.flatMap((one) =>
      one === level ? [changed] : others.filter((other) => other.level === one),
    );
    return { kind: 'shop', seen, set: { offerTerms: { ...terms, warranty } } } as const;
  };
  return (
    <>
      <h2 className="pt-2 font-semibold">Warranty</h2>
      {levels.map((level) => {
        const { months, covers, excludes } = lineOf(level);
        return (
          <div
            key={level}
            className="grid grid-cols-[5rem_9rem_1fr] items-start gap-2 border-b border-line py-1"
          >
            <span className="font-semibold">{level}</span>
            <EditText
              label={`Months of warranty at ${level}`}
              quiet
              type="number"
              unit="months"
              className="w-16"
              value={String(months)}
              toEdit={(text) => edit(level, { months: Number(text) })}
            />
            <div className="flex flex-col gap-1">
              <EditText
                label={`What the warranty covers at ${level}`}
                quiet
                className="w-full"
                value={covers}
                toEdit={(text) => edit(level, { covers: text })}
              />
              <EditText
                label={`What the warranty leaves out at ${level}`}
                quiet
                className="w-full text-quiet"
                value={excludes}
                toEdit={(text) => edit(level, { excludes: text })}
              />
            </div>
          </div>
        );
      })}
      <p className="text-small text-quiet">Against what, and beneath it what is not covered.</p>
    </>
  );
}

/** The terms, a paragraph each. */
function Paragraphs({ terms, seen }: Given) {
  const send = useSent();
  const { save } = useSaving();
  const live = useOpen('shop');
  const edit = (list: readonly string[]) =>
    ({ kind: 'shop', seen, set: { offerTerms: { ...terms, terms: list } } }) as const;
  return (
    <>
      <h2 className="pt-4 font-semibold">Terms</h2>
      <ul>
        {terms.terms.map((line, i) => (
          <li key={line} className="flex items-baseline gap-2 py-1">
            <span className="flex-1">{line}</span>
            <button
              type="button"
              aria-label={`Remove: ${line}`}
              disabled={!live}
              onClick={() => void save(edit(terms.terms.filter((_, at) => at !== i)))}
            >
              <X size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <EntryForm
        deed="shop"
        label="Add a term"
        className="flex gap-2 py-2"
        start={{ line: '' }}
        send={({ line }) => send(edit([...terms.terms, line]))}
      >
        {(form) => (
          <>
            <Line form={form} name="line" label="Another term" className="flex-1" maxLength={600} required />
            <Button type="submit">Add a term</Button>
          </>
        )}
      </EntryForm>
    </>
  );
}
