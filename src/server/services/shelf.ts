import { sheetFromFile, writeShelfCsv } from '../../core/exchange';
import { standardShelf, type Product } from '../../core/film';
import { database } from '../database/client';
import { editsTouching } from '../repositories/audit-repository';
import { insert, update } from '../repositories/row-change';
import type { StoredShop } from '../repositories/shop-repository';
import { readText } from './read-file';
import { requireShop } from './snapshot';
import { write, type EditOutcome, type Writer } from './unit-of-work';

/** The Shelf as CSV text. */
export async function exportShelf(): Promise<string> {
  const { shelf } = await requireShop();
  return writeShelfCsv([...shelf.values()]);
}

/** Products put on the shelf in one write: new ones behind the others, known ones with their sheet replaced. */
const putOnShelf = (
  writer: Writer,
  of: (found: StoredShop) => { products: readonly Product[]; label: string },
): Promise<EditOutcome> =>
  write(writer, 'shelf-file', 'shop', async (connection) => {
    const found = await requireShop(connection);
    const { products, label } = of(found);
    if (products.length === 0) return { status: 'nothing' };
    const changes = products.map(({ code, ...product }, i) =>
      found.shelf.has(code)
        ? update('product', code, found.productVersions[code]!, product)
        : insert('product', { id: code, ...product, position: found.shelf.size + i }),
    );
    return { status: 'ok', room: 'shop', kind: 'import', label, changes, undoable: true };
  });

/** Reads a CSV file onto the shelf: all of it or nothing. What the file has no column for stays as the known sheet has it. */
export async function importShelf(text: string, writer: Writer): Promise<EditOutcome> {
  const read = await readText({ kind: 'read-shelf', text });
  if (read.status === 'faulty') return read;
  return putOnShelf(writer, ({ shelf }) => ({
    label: `${read.value.length} products from a file`,
    products: read.value.map((product): Product => {
      const known = shelf.get(product.code)?.coating;
      if (!known || !product.coating) return product;
      return { ...product, coating: sheetFromFile(known, product.coating) };
    }),
  }));
}

/** Adds the standard products that the shelf lacks; nothing that stands there is touched. */
export const restoreStandardShelf = (writer: Writer): Promise<EditOutcome> =>
  putOnShelf(writer, ({ shelf }) => {
    const products = standardShelf.filter((product) => !shelf.has(product.code));
    return { products, label: `${products.length} standard products` };
  });

export interface SheetVersion {
  atMinute: number;
  label: string;
  author: string;
  /** The sheet as it stood before that edit; null where the product was made by it. */
  before: Partial<Product> | null;
}

/** How a product's sheet was changed, newest first. */
export async function historyOf(code: string): Promise<SheetVersion[]> {
  const edits = await editsTouching(database(), 'shop', 'product', code);
  return edits.map(({ atMinute, label, author, change }) => ({
    atMinute,
    label,
    author,
    // What an update took away are cells of the product's own row.
    before: change.kind === 'update' ? (change.set as Partial<Product>) : null,
  }));
}
