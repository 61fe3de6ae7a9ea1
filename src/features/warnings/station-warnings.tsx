'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { Notice } from '@/ui/notice';
import type { JobView } from '../frame/job-view';

/** Above a station: the gravest warning that is put right there, until when, and the way to all of them. */
export function StationWarnings({ job }: { job: Pick<JobView, 'number' | 'warnings'> }) {
  const station = usePathname().split('/')[3] ?? '';
  const own = job.warnings.filter((one) => one.station === station);
  const [first] = own;
  if (!first) return null;
  return (
    <section
      aria-label="Warnings of this station"
      className="no-print flex items-baseline justify-between gap-4 border-b border-line px-4"
    >
      <Notice grade={first.grade}>
        {first.text}
        {first.by !== null && <span className="whitespace-nowrap text-quiet"> By {first.by}.</span>}
      </Notice>
      <Link
        href={`/jobs/${job.number}/steps?view=warnings&at=${station}`}
        className="shrink-0 font-semibold underline underline-offset-2"
        prefetch={false}
      >
        {own.length === 1 ? 'What helps' : `${own.length} here, what helps`}
      </Link>
    </section>
  );
}
