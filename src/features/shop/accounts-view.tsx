'use client';

import { useState } from 'react';
import { Table } from '@/ui/layout';
import { NewAccount } from './new-account';
import { AccountRow } from './account-row';
import type { AccountsProps } from './accounts-props';
import { ToldOnce } from './told-once';
import { SessionsTable } from './sessions-table';
import { TabletsPart } from './tablets-part';

/** Who signs in, on which tablets, and who is signed in now. */
export function AccountsView({ accounts, tablets, sessions, people, places, origin }: AccountsProps) {
  const [told, setTold] = useState<string | null>(null);
  const [withEnded, setWithEnded] = useState(false);
  const shown = accounts.filter((one) => withEnded || !one.ended);
  const free = people.filter(({ id }) => !accounts.some((one) => one.personId === id && !one.ended));
  return (
    <>
      <h2 className="pb-1 font-semibold">Accounts</h2>
      <Table
        caption="Accounts"
        head={['Name', 'Signs in as', 'Role', 'Works here as', 'Licence', 'Has', 'Badge code', 'Link', '']}
      >
        {shown.map((one) => (
          <AccountRow key={one.id} account={one} people={people} origin={origin} />
        ))}
      </Table>
      <div className="flex flex-wrap items-center gap-4 py-2">
        <NewAccount people={free} onMade={(path) => setTold(`${origin}${path}`)} />
        <label className="inline-flex items-center gap-2 text-quiet">
          <input
            type="checkbox"
            className="size-5"
            checked={withEnded}
            onChange={(event) => setWithEnded(event.target.checked)}
          />
          show ended accounts
        </label>
      </div>
      {told && <ToldOnce what="Hand this link over; within a day it sets the password:" text={told} />}
      <TabletsPart tablets={tablets} places={places} origin={origin} />
      <SessionsTable sessions={sessions} path="/api/sessions" />
    </>
  );
}
