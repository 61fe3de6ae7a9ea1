'use client';

import Link from 'next/link';
import type { AuditLine } from '@/core/record';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useSaving } from '../frame/saving';
import { moment } from '../words/format';
import { useOpen } from '../frame/who';

export interface RecentWrite extends AuditLine {
  /** Number of the job, or `shop`. */
  room: string;
}

const nameOf = (room: string) => (room === 'shop' ? 'Shop' : room);

/** The newest writes of the shop and all jobs, and a way to undo the last of one's own where a page cannot be shown. */
export function RecentChanges({ writes, now }: { writes: RecentWrite[]; now: number }) {
  const { undo, message } = useSaving();
  const live = useOpen('undo');
  const rooms = [...new Set(writes.map((one) => one.room))];
  const locale = { timeZone: 'UTC' };
  return (
    <main className="mx-auto max-w-5xl p-8">
      <h1 className="text-title font-semibold">Changes</h1>
      <p className="py-2 text-quiet">
        Newest first, times in UTC, read {moment(now, locale)}.{' '}
        <Link href="/" className="underline">
          Back to the Yard
        </Link>
      </p>
      {rooms.length > 0 && (
        <div className="flex flex-wrap items-center gap-2 pb-3">
          {rooms.map((room) => (
            <Button key={room} disabled={!live} onClick={() => void undo(room)}>
              Undo my last change in {nameOf(room)}
            </Button>
          ))}
          <span role="status">{message?.text}</span>
        </div>
      )}
      {writes.length === 0 ? (
        <Empty>Nothing was changed yet.</Empty>
      ) : (
        <Table caption="Changes of all jobs, newest first" head={['When', 'Where', 'Who', 'What', 'Kind']}>
          {writes.map((one) => (
            <tr key={one.id} className="border-b border-line">
              <td className="py-1 pr-3 whitespace-nowrap">{moment(one.atMinute, locale)}</td>
              <td className="pr-3">{nameOf(one.room)}</td>
              <td className="pr-3">{one.author}</td>
              <td className={`pr-3 ${one.undone ? 'line-through' : ''}`}>{one.label}</td>
              <td className="text-quiet">{one.kind}</td>
            </tr>
          ))}
        </Table>
      )}
    </main>
  );
}
