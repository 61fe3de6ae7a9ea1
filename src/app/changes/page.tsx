import type { Metadata } from 'next';
import { RecentChanges } from '@/features/changes/recent-changes';
import { recentWrites } from '@/server/services/audit';
import { currentMinute } from '@/server/services/clock';
import { allowed } from '../page-caller';

export const metadata: Metadata = { title: 'Changes' };

/** The newest writes of every job, read without planning or drawing any of them. */
export default async function ChangesPage() {
  await allowed('changes');
  return <RecentChanges writes={await recentWrites()} now={currentMinute()} />;
}
