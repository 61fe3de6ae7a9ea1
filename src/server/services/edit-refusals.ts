import {
  colourFaults,
  groundCoatFaults,
  materialCapFaults,
  rateFault,
  sampleFaults,
  sendOutFaults,
  shopFigureFaults,
  wayFaults,
  type Fault,
} from '../../core/exchange';
import { coatSystemOf, standardLadder } from '../../core/film';
import type { CheckedEntry } from '../../core/checks';
import { withGrounds, type AddItem, type Edit, type Job, type SetItem } from '../../core/record';
import { catalogueWith } from '../../core/steps';
import { localDateOf } from '../../core/units';
import type { Connection } from '../database/client';
import { loadJobs } from '../repositories/job-repository';
import type { StoredShop } from '../repositories/shop-repository';
import { loadStockMoves } from '../repositories/stock-repository';
import { inThread } from '../workers/pool';
import { currentMinute } from './clock';
import { planningShop } from './planning-shop';

/**
 * What speaks against an edit besides its own fields, read as everything stands inside the transaction. Whatever needs
 * the steps of a job is found on a thread; of an entry of the log that also says what was done on which surfaces.
 */
export async function checkEdit(
  edit: Edit,
  job: Job | null,
  found: StoredShop,
  connection: Connection,
): Promise<CheckedEntry> {
  const ground = () => ({ ...planningShop(found), now: currentMinute() });
  switch (edit.kind) {
    case 'log':
    case 'step':
    case 'sign-off':
      return job ? inThread({ kind: 'refusals', checked: { edit, job }, ground: ground() }) : nothing;
    case 'job':
      return job && (edit.set.colourOrder ?? edit.set.colourCovers ?? edit.set.figures ?? edit.set.rates)
        ? inThread({ kind: 'refusals', checked: { edit, job }, ground: ground() })
        : nothing;
    case 'take-order':
      return job ? orderFaults(edit, job, found) : nothing;
    case 'shop':
      return {
        faults: shopFigureFaults(
          edit.set.figures ?? [],
          { shelf: found.shelf, people: found.shop.people },
          'set.figures',
        ),
        work: null,
      };
    case 'add-item':
    case 'set-item':
      if (!job) return nothing;
      if (edit.list === 'constructions')
        return inThread({ kind: 'refusals', checked: { edit, job }, ground: ground() });
      return { faults: itemFaults(edit, job, found), work: null };
    case 'operation':
      return edit.entry === null
        ? nothing
        : inThread({ kind: 'refusals', checked: { edit, job: null }, ground: ground() });
    default:
      return { faults: await faultsByRecord(edit, job, found, connection), work: null };
  }
}

/** An order that is taken stands as one that is typed, on ground coats that the shelf has. */
async function orderFaults(
  { kind: _, job: number, seen, grounds, ...set }: Extract<Edit, { kind: 'take-order' }>,
  job: Job,
  found: StoredShop,
): Promise<CheckedEntry> {
  const { shop, shelf } = found;
  const around = { systems: shop.systems, shelf, bodyKind: job.bodyKind };
  const faults = grounds.flatMap(({ product }, i) =>
    groundCoatFaults({ groundCoat: product }, `grounds[${i}].product`, around),
  );
  if (faults.length > 0) return { faults, work: null };
  const ordered: Edit = { kind: 'job', job: number, seen, set };
  const withTheirGrounds = { ...job, colours: withGrounds(job.colours, grounds) };
  const checked = { edit: ordered, job: withTheirGrounds };
  return inThread({
    kind: 'refusals',
    checked,
    ground: { ...planningShop(found), now: currentMinute() },
  });
}

const nothing: CheckedEntry = { faults: [], work: null };

/** What the record itself says against an edit: what it names is not there, was taken back, or is in use. */
async function faultsByRecord(
  edit: Edit,
  job: Job | null,
  found: StoredShop,
  connection: Connection,
): Promise<Fault[]> {
  switch (edit.kind) {
    case 'correct-log':
      return job ? correctionFaults(edit, job) : [];
    case 'correct-stock':
      return stockCorrectionFaults(edit, connection);
    case 'stock':
      return found.shelf.has(edit.move.product)
        ? []
        : [{ place: 'move.product', reason: `there is no product ${edit.move.product} on the shelf` }];
    case 'take-scheme':
      return job ? keptWayFaults(edit.id, job, found) : [];
    case 'section':
      return wayFaults(edit.set, found.shop, 'set');
    case 'coat-system':
    case 'ladder':
      return wayInUse(edit, connection);
    case 'rate':
      return rateFaults(edit, found);
    case 'remove-place':
      return notRented(edit.place, found);
    case 'add-day-off':
      return found.shop.people.some((one) => one.id === edit.person)
        ? []
        : [{ place: 'person', reason: `nobody here is called ${edit.person}` }];
    default:
      return [];
  }
}

/** What speaks against an item of a list as it would stand; a row that is not there is refused by the writer. */
function itemFaults(edit: AddItem | SetItem, job: Job, { shop, shelf }: StoredShop): Fault[] {
  const place = edit.kind === 'add-item' ? 'item' : 'set';
  switch (edit.list) {
    case 'colours':
      return colourFaults(edit.kind === 'add-item' ? edit.item : edit.set, place, {
        systems: shop.systems,
        shelf,
        bodyKind: job.bodyKind,
      });
    case 'samples': {
      const ground = { sampleSideMm: shop.sampleSideMm, today: localDateOf(currentMinute(), shop.timeZone) };
      const item = edit.kind === 'add-item' ? edit.item : changed(job.samples, edit.id, edit.set);
      return item ? sampleFaults(item, place, ground) : [];
    }
    case 'sendOuts': {
      const item = edit.kind === 'add-item' ? edit.item : changed(job.sendOuts, edit.id, edit.set);
      return item ? sendOutFaults(item, place, shop) : [];
    }
    case 'materialCaps': {
      const item = edit.kind === 'add-item' ? edit.item : changed(job.materialCaps, edit.id, edit.set);
      return item ? materialCapFaults(item, place, shelf) : [];
    }
    case 'decisions':
      return [
        { place: 'list', reason: 'the owner is asked, and his answer taken down, by edits of their own' },
      ];
    default:
      return [];
  }
}

/** The item of a list as an edit would leave it; null where it is not there. */
function changed<T extends { id: string }>(
  list: readonly T[],
  id: string,
  set: Partial<Omit<T, 'id'>>,
): T | null {
  const before = list.find((one) => one.id === id);
  return before ? { ...before, ...set } : null;
}

/** A rate that would move nothing is not taken. */
function rateFaults({ operation, rate }: Extract<Edit, { kind: 'rate' }>, found: StoredShop): Fault[] {
  const reason = rate === null ? null : rateFault(operation, catalogueWith(found.operations));
  return reason === null ? [] : [{ place: 'rate', reason }];
}

/** Coat systems that a kept scheme names are still there. */
function keptWayFaults(id: string, { alternatives, bodyKind }: Job, { shop, shelf }: StoredShop): Fault[] {
  const scheme = alternatives.find((one) => one.id === id)?.scheme;
  if (!scheme) return [];
  const { systems } = shop;
  return [
    ...scheme.sections.flatMap(({ system }, i) => wayFaults({ system }, shop, `scheme.sections[${i}]`)),
    ...scheme.colours.flatMap((one, i) =>
      colourFaults(one, `scheme.colours[${i}]`, { systems, shelf, bodyKind }),
    ),
  ];
}

/** The shop's own places are not removed. */
function notRented(id: string, { shop }: StoredShop): Fault[] {
  const place = shop.places.find((one) => one.id === id);
  return place && place.rented === null
    ? [{ place: 'place', reason: `${place.name} is the shop’s own` }]
    : [];
}

/** An entry is taken back once, and only one that stands. */
function correctionFaults(edit: Extract<Edit, { kind: 'correct-log' }>, { log }: Job): Fault[] {
  const entry = log.find((one) => one.id === edit.id);
  if (!entry) return [{ place: 'id', reason: 'there is no such entry' }];
  const taken = entry.corrects !== null || log.some((one) => one.corrects === edit.id);
  return taken ? [{ place: 'id', reason: 'it was taken back already' }] : [];
}

/** A line of the stock book is taken back once, and only one that stands. */
async function stockCorrectionFaults(
  edit: Extract<Edit, { kind: 'correct-stock' }>,
  connection: Connection,
): Promise<Fault[]> {
  const moves = await loadStockMoves(connection);
  const move = moves.find((one) => one.id === edit.id);
  if (!move) return [{ place: 'id', reason: 'there is no such entry in the stock book' }];
  const taken = move.corrects !== null || moves.some((one) => one.corrects === edit.id);
  return taken ? [{ place: 'id', reason: 'it was taken back already' }] : [];
}

/** A system or ladder of the shop's own is not removed while something of a job goes by it. */
async function wayInUse(
  edit: Extract<Edit, { kind: 'coat-system' | 'ladder' }>,
  connection: Connection,
): Promise<Fault[]> {
  const isStandard = edit.kind === 'ladder' ? standardLadder(edit.key) : coatSystemOf(edit.key);
  if (edit.entry !== null || isStandard) return [];
  for (const { job } of await loadJobs(connection)) {
    const isUsed = (system: string | null) => edit.kind === 'coat-system' && system === edit.key;
    const user =
      job.sections.find((one) => (edit.kind === 'ladder' ? one.ladder : one.system) === edit.key) ??
      job.colours.find((one) => isUsed(one.system)) ??
      job.alternatives.find(({ scheme }) =>
        [...scheme.sections, ...scheme.colours].some((one) => isUsed(one.system)),
      );
    if (user) return [{ place: 'key', reason: `${user.name} of ${job.number} goes by it` }];
  }
  return [];
}
