import Link from 'next/link';
import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { HouseWindow } from '@/features/frame/house-window';
import { Together } from '@/features/yard/together';
import { RangesProvider } from '@/features/yard/ranges';
import { yardRow } from '@/features/yard/yard-row';
import { YardTable } from '@/features/yard/yard-table';
import { mayDo } from '@/core/rights';
import { currentMinute } from '@/server/services/clock';
import { currentPlans, requireShop } from '@/server/services/plans';
import { Empty, Room } from '@/ui/layout';
import { allowed } from './page-caller';

export default async function YardPage() {
  const caller = await allowed('plans');
  const { shop, shelf } = await requireShop();
  const now = currentMinute();
  const rows = (await currentPlans()).map(({ stored, plan }) =>
    yardRow(stored.job, plan, shop, (code) => shelf.get(code)?.name ?? code, now),
  );
  const newJob = mayDo(caller.rights, 'new-job') && (
    <Link
      href="/jobs/new"
      className="flex h-8 items-center rounded-[2px] bg-ink px-3 font-semibold text-sheet"
    >
      New job
    </Link>
  );
  return (
    <HouseWindow strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <Room title="Yard" aside={newJob}>
        {rows.length > 0 ? (
          <>
            <RangesProvider
              mark={rows
                .map((row) => `${row.number} ${row.finishDate} ${row.budgets.labourMin.planned}`)
                .join()}
            >
              <YardTable rows={rows} />
            </RangesProvider>
            <Together />
          </>
        ) : (
          <Empty>
            No job stands in the yard. New job describes the first one: a few figures are enough for a plan.
          </Empty>
        )}
      </Room>
      <Keys
        job={null}
        findables={rows.map((row) => ({
          text: `${row.number} ${row.name}`,
          kind: 'job',
          href: `/jobs/${row.number}/steps`,
        }))}
      />
    </HouseWindow>
  );
}
