import { ratioWords } from '@/core/exchange';
import { figuresFrom } from '@/core/figures';
import { coatSystemOf, ladderMinutes, laddersWith, standardLadder, systemsWith } from '@/core/film';
import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { HouseWindow } from '@/features/frame/house-window';
import { ShelfRoom } from '@/features/shelf/shelf-room';
import { requireShop } from '@/server/services/plans';
import { currentTrials } from '@/server/services/stores';

import { allowed } from '../page-caller';

export const metadata = { title: 'Shelf' };

export default async function ShelfPage() {
  await allowed('shelf');
  const [{ shop, shelf, productVersions, wayVersions }, { trials, versions: seen }] = await Promise.all([
    requireShop(),
    currentTrials(),
  ]);
  const figures = figuresFrom(shop.figures);
  const products = [...shelf.values()].map((product) => ({
    ...product,
    seen: productVersions[product.code]!,
    ratio: ratioWords(product),
  }));
  return (
    <HouseWindow strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <ShelfRoom
        products={products}
        trials={trials.map((trial) => ({ ...trial, seen: seen[trial.id]! }))}
        systems={systemsWith(shop.systems).map((system) => ({
          system,
          isStandard: coatSystemOf(system.key) !== undefined,
          seen: wayVersions.systems[system.key] ?? null,
        }))}
        ladders={laddersWith(shop.ladders).map((ladder) => ({
          ladder,
          isStandard: standardLadder(ladder.key) !== undefined,
          minPerM2: ladderMinutes(ladder, figures).reduce((sum, minutes) => sum + minutes, 0),
          seen: wayVersions.ladders[ladder.key] ?? null,
        }))}
        labourRateMinorPerHour={shop.labourRateMinorPerHour}
        locale={{ timeZone: shop.timeZone, currency: shop.currency }}
      />
      <Keys
        job={null}
        findables={products.map((product) => ({
          text: product.name,
          kind: 'product',
          href: `/shelf#${product.code}`,
        }))}
      />
    </HouseWindow>
  );
}
