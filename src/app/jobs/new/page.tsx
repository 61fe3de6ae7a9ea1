import { forbidden } from 'next/navigation';
import { mayDo } from '@/core/rights';
import { localDateOf } from '@/core/units';
import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { HouseWindow } from '@/features/frame/house-window';
import { formChoices } from '@/features/new-job/form-choices';
import { NewJobForm } from '@/features/new-job/new-job-form';
import { currentMinute } from '@/server/services/clock';
import { listPatterns } from '@/server/services/jobs';
import { requireShop } from '@/server/services/plans';
import { Room } from '@/ui/layout';
import { allowed } from '../../page-caller';

export const metadata = { title: 'New job' };

export default async function NewJobPage() {
  const caller = await allowed('plans');
  if (!mayDo(caller.rights, 'new-job')) forbidden();
  const { shop } = await requireShop();
  const choices = formChoices(
    await listPatterns(),
    localDateOf(currentMinute(), shop.timeZone),
    shop.currency,
  );
  return (
    <HouseWindow strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <Room title="New job">
        <NewJobForm choices={choices} />
      </Room>
      <Keys job={null} findables={[]} />
    </HouseWindow>
  );
}
