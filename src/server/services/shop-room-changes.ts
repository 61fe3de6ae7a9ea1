import type { Edit } from '../../core/record';
import type { RowChange } from '../repositories/row-change';
import { closureId, shiftId, shopId } from '../repositories/shop-repository';

export type ShopRoomEdit = Extract<
  Edit,
  {
    kind:
      | 'person'
      | 'place'
      | 'add-place'
      | 'remove-place'
      | 'add-closures'
      | 'remove-closure'
      | 'shift'
      | 'remove-shift';
  }
>;

/** After the shop's own places, so that those are taken first. */
const rentedPosition = 900;

/** Edits of people, rooms, closed days and hours as row changes. */
export function shopRoomChanges(
  edit: ShopRoomEdit,
  newId: () => string,
): { label: string; changes: RowChange[] } {
  switch (edit.kind) {
    case 'person':
      return {
        label: `${edit.person}: ${Object.keys(edit.set).join(', ')}`,
        changes: [
          { kind: 'update', table: 'person', id: edit.person, seen: edit.seen, set: { ...edit.set } },
        ],
      };
    case 'place':
      return {
        label: `${edit.place}: ${Object.keys(edit.set).join(', ')}`,
        changes: [{ kind: 'update', table: 'place', id: edit.place, seen: edit.seen, set: { ...edit.set } }],
      };
    case 'add-place': {
      const { kind: _, of, ...given } = edit;
      const row = { id: newId(), shopId, kind: of, ...given, position: rentedPosition };
      return { label: `rented: ${edit.name}`, changes: [{ kind: 'insert', table: 'place', row }] };
    }
    case 'remove-place':
      return {
        label: 'rented place removed',
        changes: [{ kind: 'delete', table: 'place', id: edit.place, seen: edit.seen }],
      };
    case 'add-closures':
      return {
        label: edit.closures.length === 1 ? 'closed day' : `${edit.closures.length} closed days`,
        changes: edit.closures.map(({ date, reason }) => ({
          kind: 'insert',
          table: 'closure',
          row: { id: closureId(date), shopId, onDate: date, reason },
        })),
      };
    case 'remove-closure':
      return {
        label: 'closed day removed',
        changes: [{ kind: 'delete', table: 'closure', id: closureId(edit.date), seen: edit.seen }],
      };
    case 'shift': {
      const id = shiftId(edit);
      const { weekday, startMin, endMin } = edit;
      return {
        label: 'opening hours',
        changes: [
          edit.seen === null
            ? { kind: 'insert', table: 'shift', row: { id, shopId, weekday, startMin, endMin } }
            : { kind: 'update', table: 'shift', id, seen: edit.seen, set: { endMin } },
        ],
      };
    }
    case 'remove-shift':
      return {
        label: 'opening hours removed',
        changes: [{ kind: 'delete', table: 'shift', id: shiftId(edit), seen: edit.seen }],
      };
  }
}
