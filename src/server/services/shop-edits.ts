import { insert, remove, setOrClear, update } from '../repositories/row-change';
import { closureId, shiftId, shopId } from '../repositories/shop-repository';
import { made, type ShopMakers, touched } from './edit-makers';

/** After the shop's own places, so that those are taken first. */
const rentedPosition = 900;

/** Edits of people, rooms, closed days and hours. */
export const shopMakers: ShopMakers<
  | 'shop'
  | 'person'
  | 'place'
  | 'add-place'
  | 'remove-place'
  | 'add-closures'
  | 'remove-closure'
  | 'shift'
  | 'remove-shift'
  | 'add-day-off'
  | 'remove-day-off'
> = {
  shop: ({ seen, set }) => made(`shop: ${touched(set)}`, update('shop', shopId, seen, set)),
  person: ({ person, seen, set }) => made(`${person}: ${touched(set)}`, update('person', person, seen, set)),
  place: ({ place, seen, set }) => made(`${place}: ${touched(set)}`, update('place', place, seen, set)),
  'add-place': ({ of, name, lengthM, widthM, heightM, airC, rented }, { newId }) =>
    made(
      `rented: ${name}`,
      insert('place', {
        id: newId(),
        shopId,
        kind: of,
        name,
        lengthM,
        widthM,
        heightM,
        airC,
        rented,
        profile: null,
        forecast: [],
        zone: null,
        airWith: [],
        outdoors: false,
        closed: [],
        position: rentedPosition,
      }),
    ),
  'remove-place': ({ place, seen }) => made('rented place removed', remove('place', place, seen)),
  'add-closures': ({ closures }) =>
    made(
      closures.length === 1 ? 'closed day' : `${closures.length} closed days`,
      ...closures.map(({ date, reason }) => insert('closure', { id: closureId(date), shopId, date, reason })),
    ),
  'remove-closure': ({ date, seen }) => made('closed day removed', remove('closure', closureId(date), seen)),
  shift: (edit) => {
    const id = shiftId(edit);
    const { weekday, startMin, endMin, seen } = edit;
    return made(
      'opening hours',
      seen === null
        ? insert('shift', { id, shopId, weekday, startMin, endMin })
        : update('shift', id, seen, { endMin }),
    );
  },
  'remove-shift': (edit) => made('opening hours removed', remove('shift', shiftId(edit), edit.seen)),
  'add-day-off': ({ person, from, to, reason }, { newId }) =>
    made('days off', insert('dayOff', { id: newId(), personId: person, from, to, reason })),
  'remove-day-off': ({ id, seen }) => made('days off removed', remove('dayOff', id, seen)),
};

/** Edits of the shop's ways of working: operations, rates, learned factors, coat systems, grit sequences. */
export const wayMakers: ShopMakers<'operation' | 'rate' | 'learned' | 'coat-system' | 'ladder'> = {
  operation: ({ code, seen, entry }) =>
    made(
      `operation ${code}`,
      ...setOrClear('operation', { id: code, seen }, entry && { entry }, (cells) =>
        insert('operation', { id: code, shopId, ...cells }),
      ),
    ),
  rate: ({ operation, seen, rate }) =>
    made(
      `rate of ${operation}`,
      ...setOrClear('operationRate', { id: operation, seen }, rate === null ? null : { rate }, (cells) =>
        insert('operationRate', { id: operation, shopId, ...cells }),
      ),
    ),
  learned: ({ operation, seen, factor }) =>
    made(
      `factor of ${operation}`,
      ...setOrClear('learnedFactor', { id: operation, seen }, factor === null ? null : { factor }, (cells) =>
        insert('learnedFactor', { id: operation, shopId, ...cells }),
      ),
    ),
  'coat-system': ({ key, seen, entry }) =>
    made(
      `coat system ${key}`,
      ...setOrClear('coatSystem', { id: key, seen }, entry && { entry }, (cells) =>
        insert('coatSystem', { id: key, shopId, ...cells }),
      ),
    ),
  ladder: ({ key, seen, entry }) =>
    made(
      `ladder ${key}`,
      ...setOrClear('ladder', { id: key, seen }, entry && { entry }, (cells) =>
        insert('ladder', { id: key, shopId, ...cells }),
      ),
    ),
};
