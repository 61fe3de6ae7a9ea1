import type { Metadata } from 'next';
import { Keys } from '@/features/frame/keys';
import { Rail } from '@/features/frame/rail';
import { ShopStrip } from '@/features/frame/strip';
import { HouseWindow } from '@/features/frame/house-window';
import { SessionsTable } from '@/features/shop/sessions-table';
import { OwnAccount } from '@/features/sign-in/own-account';
import { requireShop } from '@/server/services/plans';
import { sessionsOf } from '@/server/services/sessions';
import { Room } from '@/ui/layout';
import { sessionsShown } from '../accounts-props';
import { allowed } from '../page-caller';

export const metadata: Metadata = { title: 'Account' };

/** One's own account: password, second factor, and where one is signed in. */
export default async function AccountPage() {
  const caller = await allowed('own');
  const [{ shop }, sessions] = await Promise.all([
    requireShop(),
    caller.accountId === null ? [] : sessionsOf(caller.accountId),
  ]);
  return (
    <HouseWindow strip={<ShopStrip shopName={shop.name} />} rail={<Rail job={null} />}>
      <Room title="Account">
        <div className="max-w-4xl">
          <OwnAccount hasSecondFactor={caller.hasSecondFactor} />
          <SessionsTable sessions={sessionsShown(sessions, caller, shop.timeZone)} path="/api/own/sessions" />
        </div>
      </Room>
      <Keys job={null} findables={[]} />
    </HouseWindow>
  );
}
