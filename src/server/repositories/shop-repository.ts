import { asc } from 'drizzle-orm';
import { completeProduct } from '../../core/exchange';
import type { Shelf, Product } from '../../core/film';
import { shelfOf } from '../../core/film';
import type { PlaceKind, Zone, Shop } from '../../core/shop';
import type { Operation } from '../../core/steps';
import type { LocalDate } from '../../core/units';
import type { Connection } from '../database/client';
import * as schema from '../database/schema';
import type { RowChange } from './row-change';

/** Versions of rows by their id, for the writer who has seen them. */
export type Versions = Record<string, number>;

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

/** @returns null when no shop was set up yet */
export async function loadShop(connection: Connection): Promise<StoredShop | null> {
  const { shift, closure, person, dayOff, place, operation, operationRate, product } = schema;
  const { learnedFactor, coatSystem, ladder } = schema;
  const all = () => connection.select();
  const [
    [row],
    shifts,
    closures,
    people,
    daysOff,
    places,
    rates,
    operations,
    products,
    learned,
    systems,
    own,
  ] = await Promise.all([
    all().from(schema.shop),
    all().from(shift).orderBy(asc(shift.weekday), asc(shift.startMin)),
    all().from(closure).orderBy(asc(closure.onDate)),
    all().from(person).orderBy(asc(person.position), asc(person.id)),
    all().from(dayOff).orderBy(asc(dayOff.fromDate), asc(dayOff.id)),
    all().from(place).orderBy(asc(place.position), asc(place.id)),
    all().from(operationRate).orderBy(asc(operationRate.id)),
    all().from(operation).orderBy(asc(operation.id)),
    all().from(product).orderBy(asc(product.position), asc(product.id)),
    all().from(learnedFactor).orderBy(asc(learnedFactor.id)),
    all().from(coatSystem).orderBy(asc(coatSystem.id)),
    all().from(ladder).orderBy(asc(ladder.id)),
  ]);
  if (!row) return null;
  const offOf = (personId: string) => daysOff.filter((off) => off.personId === personId);
  return {
    shop: {
      name: row.name,
      timeZone: row.timeZone,
      currency: row.currency,
      labourRateMinorPerHour: row.labourRateMinorPerHour,
      boothRateMinorPerHour: row.boothRateMinorPerHour,
      taxBp: row.taxBp,
      vocLimitGL: row.vocLimitGL,
      keepForMin: row.keepForMin,
      loudHours: row.loudHours ?? null,
      site: row.site ?? null,
      shifts: shifts.map(({ weekday, startMin, endMin }) => ({ weekday, startMin, endMin })),
      closures: closures.map(({ onDate, reason }) => ({ date: onDate, reason })),
      people: people.map(({ id, name, skills, pace, hours }) => ({
        id,
        name,
        skills,
        pace,
        hours: hours ?? null,
        daysOff: offOf(id).map((off) => ({ from: off.fromDate, to: off.toDate, reason: off.reason })),
      })),
      places: places.map(({ id, name, kind, lengthM, widthM, heightM, airC, profile, ...one }) => ({
        id,
        name,
        kind: kind as PlaceKind,
        lengthM,
        widthM,
        heightM,
        airC,
        profile: profile ?? null,
        forecast: one.forecast ?? [],
        zone: (one.zone as Zone | null) ?? null,
        airWith: one.airWith ?? [],
        outdoors: one.outdoors,
        closed: one.closed ?? [],
        rented: one.rented ?? null,
      })),
      rates: Object.fromEntries(rates.map((one) => [one.id, one.rate])),
      learned: Object.fromEntries(learned.map((one) => [one.id, one.factor])),
      systems: systems.map(({ id, entry }) => ({ key: id, ...entry })),
      ladders: own.map(({ id, entry }) => ({ key: id, ...entry })),
    },
    operations: operations.map(({ id, entry }) => ({ code: id, ...entry })),
    operationVersions: Object.fromEntries(operations.map((one) => [one.id, one.version])),
    shelf: shelfOf(products.map(productOfRow)),
    versions: Object.fromEntries(
      [row, ...people, ...daysOff, ...places, ...rates, ...closures, ...shifts].map((one) => [
        one.id,
        one.version,
      ]),
    ),
    wayVersions: {
      learned: versionsOf(learned),
      systems: versionsOf(systems),
      ladders: versionsOf(own),
    },
    productVersions: Object.fromEntries(products.map((one) => [one.id, one.version])),
    dayOffIds: Object.fromEntries(people.map(({ id }) => [id, offOf(id).map((off) => off.id)])),
  };
}

function productOfRow(row: typeof schema.product.$inferSelect): Product {
  const { id, name, kind, unit, leadDays, shelfLifeDays, hazards, packs, coating } = row;
  // Sheets stored by an earlier Coatrel lack what was added since.
  return completeProduct({
    code: id,
    name,
    kind: kind as Product['kind'],
    unit: unit as Product['unit'],
    leadDays,
    shelfLifeDays,
    hazards,
    packs,
    coating: coating ?? null,
  });
}

/** Row changes that set up a shop and its shelf in an empty database. */
export function shopChanges(shop: Shop): RowChange[] {
  const { shifts, closures, people, places, rates, learned, systems, ladders, ...own } = shop;
  const insert = (table: RowChange['table'], row: Record<string, unknown> & { id: string }): RowChange => ({
    kind: 'insert',
    table,
    row,
  });
  return [
    insert('shop', { id: shopId, ...own }),
    ...shifts.map((shift) => insert('shift', { id: shiftId(shift), shopId, ...shift })),
    ...closures.map((closure) =>
      insert('closure', {
        id: closureId(closure.date),
        shopId,
        onDate: closure.date,
        reason: closure.reason,
      }),
    ),
    ...people.flatMap(({ daysOff, ...person }, position) => [
      insert('person', { ...person, shopId, position }),
      ...daysOff.map((off, i) =>
        insert('dayOff', {
          id: `${person.id}-off-${i + 1}`,
          personId: person.id,
          fromDate: off.from,
          toDate: off.to,
          reason: off.reason,
        }),
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
  products.map(({ code, ...product }, position) => ({
    kind: 'insert',
    table: 'product',
    row: { id: code, ...product, position },
  }));
