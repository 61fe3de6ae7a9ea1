import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { HouseWindow } from '@/features/frame/house-window';
import { shopProps } from '@/features/shop/shop-props';
import { ShopRoom } from '@/features/shop/shop-room';
import { catalogue } from '@/core/steps';
import { bodyKinds } from '@/core/vehicle';
import { workNotes } from '@/server/services/notes';
import { currentMinute } from '@/server/services/clock';
import { requireShop } from '@/server/services/plans';

import { mayDo, mayRead } from '@/core/rights';
import { accountsProps } from '../accounts-props';
import { keepingProps } from '../keeping-props';
import { allowed } from '../page-caller';

export const metadata = { title: 'Shop' };

export default async function ShopPage() {
  const caller = await allowed('shop');
  const { shop, shelf, versions, dayOffIds, operations, operationVersions } = await requireShop();
  const notes = await workNotes();
  const named = [
    ...[...catalogue, ...operations].map(({ code, name }) => [code, name] as const),
    ...[...shelf.values()].map(({ code, name }) => [code, name] as const),
    ...shop.places.map(({ id, name }) => [id, name] as const),
    ...bodyKinds.map(({ key, name }) => [key, name] as const),
  ];
  const used = new Set(notes.flatMap((one) => [one.operation, one.product, one.bodyKind, one.place]));
  const names = Object.fromEntries(named.filter(([key]) => used.has(key)));
  const signsIn = mayRead(caller.rights, 'accounts') ? await accountsProps(caller, shop) : null;
  const own = { operations, versions: operationVersions };
  return (
    <HouseWindow strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <ShopRoom
        notes={{ notes, names }}
        accounts={signsIn}
        keeping={mayDo(caller.rights, 'trash') ? await keepingProps(caller, shop.timeZone) : null}
        {...shopProps(shop, versions, dayOffIds, 'shop', currentMinute(), own, [...shelf.values()])}
      />
      <Keys job={null} findables={[]} />
    </HouseWindow>
  );
}
