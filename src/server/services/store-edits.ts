import { insert, remove, update } from '../repositories/row-change';
import { made, type ShopMakers } from './edit-makers';

/** Products read from a file are put behind those that stand on the shelf. */
const lastPosition = 100_000;

/** Edits of the Shelf and the Stores. Stock is only ever added to: a mistake gets a counter-entry. */
export const storeMakers: ShopMakers<
  | 'product'
  | 'add-products'
  | 'remove-product'
  | 'stock'
  | 'correct-stock'
  | 'add-trial'
  | 'remove-trial'
  | 'place-air'
  | 'add-note'
  | 'retire-note'
> = {
  'add-note': ({ note }, { newId, today }) =>
    made(
      `note: ${note.cause.slice(0, 60)}`,
      insert('workNote', { id: newId(), ...note, onDate: today, retiredOn: null, retiredWhy: '' }),
    ),
  'retire-note': ({ id, seen, why }, { today }) =>
    made('note retired', update('workNote', id, seen, { retiredOn: today, retiredWhy: why })),
  product: ({ code, seen, product }) => made(`sheet of ${code}`, update('product', code, seen, product)),
  'add-products': ({ products }) =>
    made(
      products.length === 1 ? `product ${products[0]!.code}` : `${products.length} products`,
      ...products.map(({ code, ...product }, i) =>
        insert('product', { id: code, ...product, position: lastPosition + i }),
      ),
    ),
  'remove-product': ({ code, seen }) => made(`product ${code} removed`, remove('product', code, seen)),
  stock: ({ move }, { newId, today }) =>
    made(
      `${move.kind} ${move.product}`,
      insert('stockMove', { id: newId(), ...move, onDate: move.onDate ?? today, corrects: null }),
    ),
  'correct-stock': ({ id, note }, { newId, today }) =>
    made(
      'stock entry taken back',
      insert('stockMove', {
        id: newId(),
        product: '',
        kind: 'counted',
        amount: 0,
        costMinor: 0,
        onDate: today,
        untilDate: null,
        job: '',
        phase: '',
        batch: '',
        note,
        corrects: id,
      }),
    ),
  'add-trial': ({ trial }, { newId }) =>
    made(`trial of ${trial.name}`, insert('trial', { id: newId(), ...trial })),
  'remove-trial': ({ id, seen }) => made('trial removed', remove('trial', id, seen)),
  'place-air': ({ place, seen, airC, profile, forecast }) =>
    made(`air of ${place}`, update('place', place, seen, { airC, profile, forecast })),
};
