import { localDateOf } from '@/core/units';
import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { formChoices } from '@/features/new-job/form-choices';
import { NewJobForm } from '@/features/new-job/new-job-form';
import { currentMinute } from '@/server/services/clock';
import { listPatterns } from '@/server/services/jobs';
import { requireShop } from '@/server/services/plans';
import { Room, Window } from '@/ui/layout';
import { allowed } from '../../page-caller';

export const metadata = { title: 'New job' };

export default async function NewJobPage() {
  await allowed('plans');
  const { shop } = await requireShop();
  const choices = formChoices(
    await listPatterns(),
    localDateOf(currentMinute(), shop.timeZone),
    shop.currency,
  );
  return (
    <Window strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <Room title="New job">
        <NewJobForm choices={choices} />
      </Room>
      <Keys job={null} findables={[]} />
    </Window>
  );
}
