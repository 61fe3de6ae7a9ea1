import type { Shelf } from '../film';
import type { MaterialCap, SendOut } from '../record';
import type { Shop } from '../shop';
import { wallTime } from '../units';
import type { Fault } from './faults';

/** A cap names what it caps: an amount needs one product, since a kind is measured in several units. */
export function materialCapFaults(cap: Omit<MaterialCap, 'id'>, place: string, shelf: Shelf): Fault[] {
  const { kind, product: code, mostMinor, mostAmount } = cap;
  const product = shelf.get(code);
  if (code !== '' && !product)
    return [{ place: `${place}.product`, reason: `there is no product ${code} on the shelf` }];
  if (product && product.kind !== kind)
    return [{ place: `${place}.kind`, reason: `${product.name} is of the kind ${product.kind}` }];
  if (code === '' && mostAmount !== null)
    return [
      {
        place: `${place}.mostAmount`,
        reason: 'an amount needs one product: what is of one kind is measured in different units',
      },
    ];
  if (mostMinor === null && mostAmount === null)
    return [{ place: `${place}.mostMinor`, reason: 'a cap needs money or an amount' }];
  return [];
}

/** What is fetched is handed over while somebody is there; what is back before it left came back from elsewhere. */
export function sendOutFaults(
  { leaveAt, sentOn, dueOn, returnedOn }: Omit<SendOut, 'id'>,
  place: string,
  { shifts }: Pick<Shop, 'shifts'>,
): Fault[] {
  const faults: Fault[] = [];
  if (leaveAt !== null && !shifts.some((one) => one.startMin < leaveAt && leaveAt <= one.endMin))
    faults.push({
      place: `${place}.leaveAt`,
      reason: `the shop is not open at ${wallTime(leaveAt)} on any day`,
    });
  if (sentOn !== null && dueOn !== null && dueOn < sentOn)
    faults.push({ place: `${place}.dueOn`, reason: 'it is due before it leaves' });
  if (sentOn !== null && returnedOn !== null && returnedOn < sentOn)
    faults.push({ place: `${place}.returnedOn`, reason: 'it is back before it left' });
  return faults;
}
