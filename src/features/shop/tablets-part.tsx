'use client';

import { useState } from 'react';
import { roleWords, tabletRoles } from '@/core/rights';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { askJson, jsonPost, refusalIn } from '../frame/asking';
import { EntryForm, Line, Pick } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { ToldOnce } from './told-once';
import type { AccountsProps } from './accounts-props';

/** Tablets at their places, with rights of their own; whoever works there taps a badge. */
export function TabletsPart({
  tablets,
  places,
  origin,
}: Pick<AccountsProps, 'tablets' | 'places' | 'origin'>) {
  const live = useLive();
  const { send, refresh } = useSaving();
  const [code, setCode] = useState<string | null>(null);
  const standing = tablets.filter((one) => !one.ended);
  return (
    <section aria-label="Tablets" className="pt-6">
      <h2 className="pb-1 font-semibold">Tablets</h2>
      {standing.length === 0 ? (
        <Empty>No tablet is paired. Give one a name and a place: Coatrel shows the code that pairs it.</Empty>
      ) : (
        <Table caption="Tablets" head={['Tablet', 'Place', 'Rights of', 'State', '']}>
          {standing.map((one) => (
            <tr key={one.id} className="border-b border-line">
              <td className="py-1 pr-3 font-semibold">{one.name}</td>
              <td className="pr-3">{one.place}</td>
              <td className="pr-3">{roleWords[one.role].name}</td>
              <td className="pr-3">{one.state}</td>
              <td className="text-right">
                <Button
                  disabled={!live}
                  onClick={() => void send(`/api/tablets/${one.id}`, { seen: one.seen }, 'Tablet taken back')}
                >
                  Take back
                </Button>
              </td>
            </tr>
          ))}
        </Table>
      )}
      <EntryForm
        label="New tablet"
        deed="tablet"
        className="flex flex-wrap items-center gap-2 py-2"
        start={{ name: '', placeId: places[0]?.id ?? '', role: 'painter' }}
        send={async ({ name, placeId, role }) => {
          try {
            const body = { name, placeId: placeId || null, role };
            const made = await askJson<{ code: string }>('/api/tablets', jsonPost(body));
            setCode(made.code);
            refresh();
            return null;
          } catch (error) {
            return refusalIn(error);
          }
        }}
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="name"
              label="Tablet"
              placeholder="tablet"
              maxLength={40}
              required
              className="w-36"
            />
            <Pick
              form={form}
              name="placeId"
              label="Place"
              className="w-36"
              options={[
                ...places.map(({ id, name }) => ({ value: id, text: name })),
                { value: '', text: 'no place' },
              ]}
            />
            <Pick
              form={form}
              name="role"
              label="Rights of"
              className="w-32"
              options={tabletRoles.map((role) => ({ value: role, text: roleWords[role].name }))}
            />
            <Button type="submit">Make a pairing code</Button>
          </>
        )}
      </EntryForm>
      {code && (
        <ToldOnce what={`On the tablet open ${origin}/pair within ten minutes and type`} text={code} />
      )}
    </section>
  );
}
