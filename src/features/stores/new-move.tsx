'use client';

import { useId } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { moveKinds, type MoveKind } from '@/core/record';
import { readQuantity, typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import type { Locale } from '../words/format';
import { moveWords } from '../words/store-words';
import type { StoresProps } from './stores-props';

const quantityOf: Record<string, 'volume' | 'mass' | 'length' | 'area' | null> = {
  L: 'volume',
  kg: 'mass',
  m: 'length',
  'm²': 'area',
  each: null,
};

type Product = StoresProps['products'][number];

/** An amount with or without its unit, in the unit that the product is kept in; a text says what is wrong with it. */
function amountOf(text: string, product: Product): number | string {
  const quantity = quantityOf[product.unit];
  const read = quantity ? readQuantity(text, quantity) : { status: 'ok' as const, value: typedFigure(text) };
  if (read.status === 'ok') return Number.isFinite(read.value) ? read.value : 'The amount must be a figure.';
  return read.code === 'no-number'
    ? 'The amount must be a figure.'
    : `“${read.unit}” is no unit known here; ${read.known.join(', ')} are.`;
}

type TypedMove = Record<'product' | 'amount' | 'cost' | 'until' | 'batch' | 'note' | 'forJob', string> & {
  kind: MoveKind;
};

const emptyMove: TypedMove = {
  kind: 'received',
  product: '',
  amount: '',
  cost: '',
  until: '',
  batch: '',
  note: '',
  forJob: '',
};

/** What came or went, typed into the book. */
export function NewMove({ products, job, locale }: StoresProps) {
  const send = useSent();
  const productOf = (text: string) => products.find((one) => one.name === text || one.code === text);
  return (
    <EntryForm
      deed="stock"
      label="New entry in the book"
      className="flex flex-wrap items-end gap-2 pb-3"
      start={emptyMove}
      send={(typed) => {
        const product = productOf(typed.product)!;
        const given = amountOf(typed.amount, product);
        if (typeof given === 'string') return given;
        return send({
          kind: 'stock',
          move: {
            product: product.code,
            kind: typed.kind,
            amount: given,
            costMinor: Math.round(typedFigure(typed.cost || '0') * 100),
            onDate: null,
            untilDate: typed.until || null,
            job: typed.forJob,
            phase: '',
            batch: typed.batch,
            note: typed.note,
          },
        });
      }}
    >
      {(form) => (
        <>
          <MoveFields
            form={form}
            products={products}
            isKnown={(text) => productOf(text) !== undefined}
            locale={locale}
          />
          <Pick
            form={form}
            name="forJob"
            label="For"
            options={[
              { value: '', text: 'for the shop' },
              { value: job, text: `for ${job}` },
            ]}
          />
          <Button type="submit" look="main">
            Write
          </Button>
        </>
      )}
    </EntryForm>
  );
}

/** What came or went, how much of it, at what cost. */
function MoveFields({
  form,
  products,
  isKnown,
  locale,
}: {
  form: UseFormReturn<TypedMove>;
  products: readonly Product[];
  isKnown(text: string): boolean;
  locale: Locale;
}) {
  const id = useId();
  const kind = form.watch('kind');
  return (
    <>
      <Pick
        form={form}
        name="kind"
        label="What happened"
        options={moveKinds.map((one) => ({ value: one, text: moveWords[one] }))}
      />
      <Line
        form={form}
        name="product"
        list={id}
        label="Product"
        placeholder="product"
        className="w-56"
        required
        fault={(text) => (isKnown(text) ? null : 'Choose a product of the Shelf.')}
      />
      <datalist id={id}>
        {products.map((product) => (
          <option key={product.code} value={product.name} />
        ))}
      </datalist>
      <Line
        form={form}
        name="amount"
        label="Amount, with its unit if it is not the product’s own"
        placeholder="1.5 or 2 qt"
        className="w-24"
        required
      />
      <Figure
        form={form}
        name="cost"
        label={`Cost in ${locale.currency}`}
        placeholder={`cost, ${locale.currency}`}
        className="w-24"
        least={0}
      />
      <label className="flex flex-col text-small text-quiet">
        {kind === 'ordered' ? 'due' : 'keeps to'}
        <Line
          form={form}
          name="until"
          type="date"
          label={kind === 'ordered' ? 'due' : 'keeps to'}
          className="w-36"
        />
      </label>
      <Line
        form={form}
        name="batch"
        label="Batch on the tin"
        placeholder="batch"
        maxLength={60}
        className="w-20"
      />
      <Line
        form={form}
        name="note"
        label="From whom, to whom, why"
        placeholder="note"
        maxLength={200}
        className="w-28"
      />
    </>
  );
}
