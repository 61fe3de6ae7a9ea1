import { readShelfCsv, sheetFromFile, writeShelfCsv } from '../../core/exchange';
import { standardShelf, type Product } from '../../core/film';
import { database } from '../database/client';
import { editsTouching } from '../repositories/edit-repository';
import type { RowChange } from '../repositories/row-change';
import { saveChanges, type EditOutcome } from './edits';
import { requireShop } from './plans';

/** The Shelf as CSV text. */
export async function exportShelf(): Promise<string> {
  const { shelf } = await requireShop();
  return writeShelfCsv([...shelf.values()]);
}

/** Products put on the shelf in one transaction: new ones behind the others, known ones with their sheet replaced. */
async function putOnShelf(products: readonly Product[], label: string, author: string): Promise<EditOutcome> {
  const { shelf, productVersions } = await requireShop();
  const changes = products.map(({ code, ...product }, i): RowChange => {
    const known = shelf.get(code);
    return known
      ? { kind: 'update', table: 'product', id: code, seen: productVersions[code]!, set: { ...product } }
      : { kind: 'insert', table: 'product', row: { id: code, ...product, position: shelf.size + i } };
  });
  return saveChanges('shop', author, label, changes);
}

/** Reads a CSV file onto the shelf: all of it or nothing. What the file has no column for stays as the known sheet has it. */
export async function importShelf(text: string, author: string): Promise<EditOutcome> {
  const read = readShelfCsv(text);
  if (read.status === 'faulty') return read;
  const { shelf } = await requireShop();
  const products = read.value.map((product): Product => {
    const known = shelf.get(product.code)?.coating;
    if (!known || !product.coating) return product;
    return { ...product, coating: sheetFromFile(known, product.coating) };
  });
  return putOnShelf(products, `${products.length} products from a file`, author);
}

/** Adds the standard products that the shelf lacks; nothing that stands there is touched. */
export async function restoreStandardShelf(author: string): Promise<EditOutcome> {
  const { shelf } = await requireShop();
  const missing = standardShelf.filter((product) => !shelf.has(product.code));
  if (missing.length === 0) return { status: 'nothing' };
  return putOnShelf(missing, `${missing.length} standard products`, author);
}

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
    before: change.kind === 'update' ? (change.set as Partial<Product>) : null,
  }));
}
