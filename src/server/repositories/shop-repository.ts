import { completeProduct } from '../../core/exchange';
import { recordOf } from '../../core/concepts/field';
import { productFields } from '../../core/concepts/product';
import {
  closureFields,
  dayOffFields,
  personFields,
  placeFields,
  shiftFields,
  shopFields,
} from '../../core/concepts/shop';
import type { Product, Shelf } from '../../core/film';
import { shelfOf } from '../../core/film';
import type { Shop } from '../../core/shop';
import { olderLengths, type Operation } from '../../core/steps';
import type { LocalDate } from '../../core/units';
import type { Connection } from '../database/client';
import type { Versions } from './job-repository';
import { insert, type RowChange } from './row-change';
import { readRows, type RowsOf } from './snapshot-rows';
import type { RowOf } from './tables';

export interface StoredShop {
  shop: Shop;
  shelf: Shelf;
  /** The shop's own and changed entries of the operation catalogue, and their versions by code. */
  operations: Operation[];
  operationVersions: Versions;
  versions: Versions;
  /** Versions of learned factors, coat systems and ladders by their keys, which may be alike. */
  wayVersions: Record<'learned' | 'systems' | 'ladders', Versions>;
  /** Versions of products by code; a code may be like the id of a person. */
  productVersions: Versions;
  /** Ids of days off by person, in the order of the person's own list. */
  dayOffIds: Record<string, string[]>;
}

export const shopId = 'shop';
export const closureId = (date: LocalDate): string => `closed-${date}`;
export const shiftId = ({ weekday, startMin }: { weekday: number; startMin: number }): string =>
  `shift-${weekday}-${startMin}`;

const versionsOf = (rows: readonly { id: string; version: number }[]): Versions =>
  Object.fromEntries(rows.map((one) => [one.id, one.version]));

/** Tables of the shop and its shelf. */
export const ofShop = [
  'shop',
  'shift',
  'closure',
  'person',
  'dayOff',
  'place',
  'operation',
  'operationRate',
  'learnedFactor',
  'coatSystem',
  'ladder',
  'product',
] as const;
export type ShopTable = (typeof ofShop)[number];
type ShopRows = RowsOf<ShopTable>;

/** The shop with its shelf in one statement. @returns null when no shop was set up yet */
export async function loadShop(connection: Connection): Promise<StoredShop | null> {
  return shopOfRows(await readRows(connection, ofShop, () => undefined));
}

/** The shop from the rows of its tables; null when none was set up yet. */
export function shopOfRows(rows: ShopRows): StoredShop | null {
  const [row] = rows.shop;
  return row ? storedShop(row, rows) : null;
}

const compare = (a: string | number, b: string | number): number => (a < b ? -1 : a > b ? 1 : 0);
const byId = <R extends { id: string }>(list: readonly R[]): R[] =>
  [...list].sort((a, b) => compare(a.id, b.id));
const byPosition = <R extends { id: string; position: number }>(list: readonly R[]): R[] =>
  byId(list).sort((a, b) => a.position - b.position);

function storedShop(row: RowOf<'shop'>, rows: ShopRows): StoredShop {
  const people = byPosition(rows.person);
  const daysOff = byId(rows.dayOff).sort((a, b) => compare(a.from, b.from));
  const offOf = (personId: string) => daysOff.filter((off) => off.personId === personId);
  const [systems, ladders, operations, products] = [
    byId(rows.coatSystem),
    byId(rows.ladder),
    byId(rows.operation),
    byPosition(rows.product),
  ];
  const shop: Shop = {
    ...recordOf(shopFields, row),
    shifts: [...rows.shift]
      .sort((a, b) => a.weekday - b.weekday || a.startMin - b.startMin)
      .map((shift) => recordOf(shiftFields, shift)),
    closures: [...rows.closure]
      .sort((a, b) => compare(a.date, b.date))
      .map((closure) => recordOf(closureFields, closure)),
    people: people.map((person) => ({
      id: person.id,
      ...recordOf(personFields, person),
      daysOff: offOf(person.id).map((off) => recordOf(dayOffFields, off)),
    })),
    places: byPosition(rows.place).map((place) => ({ id: place.id, ...recordOf(placeFields, place) })),
    rates: Object.fromEntries(byId(rows.operationRate).map((one) => [one.id, one.rate])),
    learned: Object.fromEntries(byId(rows.learnedFactor).map((one) => [one.id, one.factor])),
    systems: systems.map(({ id, entry }) => ({ key: id, ...entry })),
    ladders: ladders.map(({ id, entry }) => ({ key: id, ...entry })),
  };
  return {
    shop,
    operations: operations.map(({ id, entry }) => ({
      ...entry,
      code: id,
      // Entries stored by an earlier Coatrel do not say.
      lengths: entry.lengths ?? olderLengths,
      does: entry.does ?? [],
    })),
    operationVersions: versionsOf(operations),
    shelf: shelfOf(products.map(productOfRow)),
    versions: versionsOf([
      row,
      ...people,
      ...daysOff,
      ...rows.place,
      ...rows.operationRate,
      ...rows.closure,
      ...rows.shift,
    ]),
    wayVersions: {
      learned: versionsOf(rows.learnedFactor),
      systems: versionsOf(systems),
      ladders: versionsOf(ladders),
    },
    productVersions: versionsOf(products),
    dayOffIds: Object.fromEntries(people.map(({ id }) => [id, offOf(id).map((off) => off.id)])),
  };
}

/** Sheets stored by an earlier Coatrel lack what was added since. */
const productOfRow = (row: RowOf<'product'>): Product =>
  completeProduct({ code: row.id, ...recordOf(productFields, row) });

/** Row changes that set up a shop and its shelf in an empty database. */
export function shopChanges(shop: Shop): RowChange[] {
  const { shifts, closures, people, places, rates, learned, systems, ladders, ...own } = shop;
  return [
    insert('shop', { id: shopId, ...own }),
    ...shifts.map((shift) => insert('shift', { id: shiftId(shift), shopId, ...shift })),
    ...closures.map((closure) => insert('closure', { id: closureId(closure.date), shopId, ...closure })),
    ...people.flatMap(({ daysOff, ...person }, position) => [
      insert('person', { ...person, shopId, position }),
      ...daysOff.map((off, i) =>
        insert('dayOff', { id: `${person.id}-off-${i + 1}`, personId: person.id, ...off }),
      ),
    ]),
    ...places.map((place, position) => insert('place', { ...place, shopId, position })),
    ...Object.entries(rates).map(([id, rate]) => insert('operationRate', { id, shopId, rate })),
    ...Object.entries(learned).map(([id, factor]) => insert('learnedFactor', { id, shopId, factor })),
    ...systems.map(({ key, ...entry }) => insert('coatSystem', { id: key, shopId, entry })),
    ...ladders.map(({ key, ...entry }) => insert('ladder', { id: key, shopId, entry })),
  ];
}

/** Row changes that put products on the shelf. */
export const shelfChanges = (products: readonly Product[]): RowChange[] =>
  products.map(({ code, ...product }, position) => insert('product', { id: code, ...product, position }));
