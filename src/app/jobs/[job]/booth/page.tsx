import { boothProps } from '@/features/booth/booth-props';
import { BoothRoom } from '@/features/booth/booth-room';
import { currentMinute } from '@/server/services/clock';
import { stockBook } from '@/server/services/stores';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function BoothPage({ params }: JobParams) {
  const [{ stored, plan, shop }, moves] = await Promise.all([plannedJob((await params).job), stockBook()]);
  const props = boothProps(stored.job, plan, {
    shop: shop.shop,
    shelf: shop.shelf,
    moves,
    now: currentMinute(),
  });
  const coated = new Set(props.sessions.flatMap((one) => one.coats.map((coat) => coat.product)));
  const sheets = Object.fromEntries(
    [...coated].flatMap((code) => {
      const sheet = shop.shelf.get(code)?.coating;
      return sheet ? [[code, sheet] as const] : [];
    }),
  );
  return <BoothRoom {...props} sheets={sheets} />;
}
