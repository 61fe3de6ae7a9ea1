'use client';

import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { useSaving } from '../frame/saving';
import type { SessionShown } from './accounts-props';

/** Who is signed in, where and since when; each can be taken back. @param path of the route that ends one */
export function SessionsTable({ sessions, path }: { sessions: SessionShown[]; path: string }) {
  const live = useLive();
  const { send } = useSaving();
  return (
    <section aria-label="Signed in now" className="pt-6">
      <h2 className="pb-1 font-semibold">Signed in now</h2>
      {sessions.length === 0 ? (
        <Empty>Nobody is signed in.</Empty>
      ) : (
        <Table caption="Signed in now" head={['Who', 'How', 'Where', 'Since', 'Last used', '']}>
          {sessions.map((one) => (
            <tr key={one.key} className="border-b border-line">
              <td className="py-1 pr-3 font-semibold">{one.name}</td>
              <td className="pr-3">{one.how}</td>
              <td className="max-w-80 truncate pr-3 text-small text-quiet" title={one.device}>
                {one.device}
              </td>
              <td className="pr-3 whitespace-nowrap">{one.since}</td>
              <td className="pr-3 whitespace-nowrap">{one.used}</td>
              <td className="text-right">
                {one.isOwn ? (
                  <span className="text-quiet">this one</span>
                ) : (
                  <Button
                    disabled={!live}
                    onClick={() => void send(`${path}/${one.key}`, {}, 'Session taken back')}
                  >
                    Sign out
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </Table>
      )}
    </section>
  );
}
