'use client';

import { NewCopy } from './new-copy';
import { productEdit, type SeenProduct } from './product-edit';

/** A new product that begins as a copy of this one: its maker's sheet is then typed over it. */
export const CopyProduct = ({ product }: { product: SeenProduct }) => (
  <NewCopy
    what="product"
    keyed="code"
    keyLength={60}
    copyAs={(code, name) => ({
      kind: 'add-products',
      products: [{ code, ...productEdit(product, { name }).product }],
    })}
  />
);
