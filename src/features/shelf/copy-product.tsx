'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { productEdit, type SeenProduct } from './product-edit';

/** A new product that begins as a copy of this one: its maker's sheet is then typed over it. */
export function CopyProduct({ product }: { product: SeenProduct }) {
  const live = useLive();
  const { save } = useSaving();
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const [code, name] = ['code', 'name'].map((key) => String(given.get(key) ?? '').trim());
    const outcome = await save({
      kind: 'add-products',
      products: [{ code: code!, ...productEdit(product, { name: name! }).product }],
    });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') form.reset();
  };
  return (
    <Part title="New product like this one">
      <form
        className="flex flex-wrap gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(event.currentTarget);
        }}
      >
        <input
          name="code"
          aria-label="Code of the new product"
          placeholder="code"
          required
          maxLength={60}
          className="w-24"
          disabled={!live}
        />
        <input
          name="name"
          aria-label="Name of the new product"
          placeholder="name"
          required
          maxLength={80}
          className="w-40"
          disabled={!live}
        />
        <Button type="submit" disabled={!live}>
          Add
        </Button>
      </form>
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </Part>
  );
}
