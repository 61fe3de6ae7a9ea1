import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { ShelfRoom } from '@/features/shelf/shelf-room';
import { requireShop } from '@/server/services/plans';
import { Window } from '@/ui/layout';

export const metadata = { title: 'Shelf' };

export default async function ShelfPage() {
  const { shop, shelf } = await requireShop();
  const products = [...shelf.values()];
  return (
    <Window strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <ShelfRoom products={products} locale={{ timeZone: shop.timeZone, currency: shop.currency }} />
      <Keys
        job={null}
        findables={products.map((product) => ({
          text: product.name,
          kind: 'product',
          href: `/shelf#${product.code}`,
        }))}
      />
    </Window>
  );
}
