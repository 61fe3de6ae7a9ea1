import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { shopProps } from '@/features/shop/shop-props';
import { ShopRoom } from '@/features/shop/shop-room';
import { currentMinute } from '@/server/services/clock';
import { requireShop } from '@/server/services/plans';
import { Window } from '@/ui/layout';

export const metadata = { title: 'Shop' };

export default async function ShopPage() {
  const { shop, shelf, versions, dayOffIds, operations, operationVersions } = await requireShop();
  const own = { operations, versions: operationVersions };
  return (
    <Window strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <ShopRoom
        {...shopProps(shop, versions, dayOffIds, 'shop', currentMinute(), own, [...shelf.values()])}
      />
      <Keys job={null} findables={[]} />
    </Window>
  );
}
