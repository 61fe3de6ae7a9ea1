import { BoothRoom } from '@/features/booth/booth-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function BoothPage({ params }: JobParams) {
  const { plan, shop } = await plannedJob((await params).job);
  const locale = { timeZone: shop.shop.timeZone, currency: shop.shop.currency };
  return <BoothRoom plan={plan} locale={locale} productName={(code) => shop.shelf.get(code)?.name ?? code} />;
}
