'use client';

import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, Pick } from '../frame/entry-form';
import type { QuotesProps } from './quotes-props';
import { useOffers } from './use-offers';

/** A quote out of the plan as it stands, with a discount and up to two other ways beside it. */
export function MakeQuote({ job, inputHash, ways }: QuotesProps) {
  const { send, busy } = useOffers(job);
  return (
    <EntryForm
      deed="make-quote"
      label="Make a quote"
      className="flex flex-wrap items-end gap-2 py-2"
      start={{ kind: 'share', off: '', reason: '', note: '', one: '', two: '' }}
      send={({ kind, off, reason, note, one, two }) => {
        if (off !== '' && reason === '') return Promise.resolve('Say what the discount is for.');
        const figure = typedFigure(off);
        const discount =
          off === ''
            ? null
            : kind === 'share'
              ? { kind, bp: Math.round(100 * figure), reason }
              : { kind: 'money', minor: Math.round(100 * figure), reason };
        const beside = [...new Set([one, two])].flatMap(
          (value) => ways.find((way) => way.value === value)?.way ?? [],
        );
        return send('', { inputHash, discount, note, ways: beside });
      }}
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="note"
            label="Note on the quote"
            placeholder="note"
            className="w-64"
            maxLength={600}
          />
          <Figure
            form={form}
            name="off"
            label="Discount"
            placeholder="discount"
            className="w-24"
            least={0.01}
          />
          <Pick
            form={form}
            name="kind"
            label="Discount in"
            options={[
              { value: 'share', text: '%' },
              { value: 'money', text: 'money' },
            ]}
          />
          <Line
            form={form}
            name="reason"
            label="What the discount is for"
            placeholder="what for"
            maxLength={120}
          />
          {ways.length > 0 &&
            (['one', 'two'] as const).map((name, i) => (
              <Pick
                key={name}
                form={form}
                name={name}
                label={i === 0 ? 'Told beside it' : 'And beside that'}
                className="w-44"
                options={[{ value: '', text: i === 0 ? 'nothing beside it' : 'no third way' }, ...ways]}
              />
            ))}
          <Button type="submit" look="main" disabled={busy}>
            Make a quote from this plan
          </Button>
        </>
      )}
    </EntryForm>
  );
}
