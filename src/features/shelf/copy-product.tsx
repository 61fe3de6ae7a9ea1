'use client';

import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Line, useSent } from '../frame/entry-form';
import { productEdit, type SeenProduct } from './product-edit';

/** A new product that begins as a copy of this one: its maker's sheet is then typed over it. */
export function CopyProduct({ product }: { product: SeenProduct }) {
  const send = useSent();
  return (
    <Part title="New product like this one">
      <EntryForm
        className="flex flex-wrap gap-1"
        start={{ code: '', name: '' }}
        send={({ code, name }) =>
          send({ kind: 'add-products', products: [{ code, ...productEdit(product, { name }).product }] })
        }
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="code"
              label="Code of the new product"
              placeholder="code"
              required
              maxLength={60}
              className="w-24"
            />
            <Line
              form={form}
              name="name"
              label="Name of the new product"
              placeholder="name"
              required
              maxLength={80}
              className="w-40"
            />
            <Button type="submit">Add</Button>
          </>
        )}
      </EntryForm>
    </Part>
  );
}
