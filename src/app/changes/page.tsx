import type { Metadata } from 'next';
import { RecentChanges } from '@/features/changes/recent-changes';
import { recentWrites } from '@/server/services/audit';
import { currentMinute } from '@/server/services/clock';

export const metadata: Metadata = { title: 'Changes' };

/** The newest writes of every job, read without planning or drawing any of them. */
export default async function ChangesPage() {
  return <RecentChanges writes={await recentWrites()} now={currentMinute()} />;
}
