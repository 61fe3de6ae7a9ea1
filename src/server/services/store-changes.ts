import type { Edit } from '../../core/record';
import type { LocalDate } from '../../core/units';
import type { RowChange } from '../repositories/row-change';

export type StoreEdit = Extract<
  Edit,
  {
    kind:
      | 'product'
      | 'add-products'
      | 'remove-product'
      | 'stock'
      | 'correct-stock'
      | 'add-trial'
      | 'remove-trial'
      | 'place-air';
  }
>;

/** Products read from a file are put behind those that stand on the shelf. */
const lastPosition = 100_000;

/** Turns an edit of the Shelf or the Stores into row changes. Stock is only ever added to: a mistake gets a counter-entry. */
export function storeChanges(
  edit: StoreEdit,
  newId: () => string,
  today: LocalDate,
): { room: string; label: string; changes: RowChange[] } {
  const made = (room: string, label: string, ...changes: RowChange[]) => ({ room, label, changes });
  switch (edit.kind) {
    case 'product': {
      const { code, seen, product } = edit;
      return made('shop', `sheet of ${code}`, {
        kind: 'update',
        table: 'product',
        id: code,
        seen,
        set: { ...product },
      });
    }
    case 'add-products':
      return made(
        'shop',
        edit.products.length === 1 ? `product ${edit.products[0]!.code}` : `${edit.products.length} products`,
        ...edit.products.map(({ code, ...product }, i): RowChange => ({
          kind: 'insert',
          table: 'product',
          row: { id: code, ...product, position: lastPosition + i },
        })),
      );
    case 'remove-product':
      return made('shop', `product ${edit.code} removed`, {
        kind: 'delete',
        table: 'product',
        id: edit.code,
        seen: edit.seen,
      });
    case 'stock': {
      const { move } = edit;
      const row = { ...move, id: newId(), onDate: move.onDate ?? today, corrects: null };
      return made('shop', `${move.kind} ${move.product}`, { kind: 'insert', table: 'stockMove', row });
    }
    case 'correct-stock': {
      const row = {
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
        note: edit.note,
        corrects: edit.id,
      };
      return made('shop', 'stock entry taken back', { kind: 'insert', table: 'stockMove', row });
    }
    case 'add-trial':
      return made('shop', `trial of ${edit.trial.name}`, {
        kind: 'insert',
        table: 'trial',
        row: { ...edit.trial, id: newId() },
      });
    case 'remove-trial':
      return made('shop', 'trial removed', { kind: 'delete', table: 'trial', id: edit.id, seen: edit.seen });
    case 'place-air':
      return made('shop', `air of ${edit.place}`, {
        kind: 'update',
        table: 'place',
        id: edit.place,
        seen: edit.seen,
        set: { airC: edit.airC, profile: edit.profile, forecast: edit.forecast },
      });
  }
}
