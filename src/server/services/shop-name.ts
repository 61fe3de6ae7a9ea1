import { database } from '../database/client';
import { shop } from '../database/schema';

/** What the shop is called, for those who stand at its door; empty before there is one. */
export async function shopName(): Promise<string> {
  const [row] = await database().select({ name: shop.name }).from(shop).limit(1);
  return row?.name ?? '';
}
