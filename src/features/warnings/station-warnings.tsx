'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { Notice } from '@/ui/notice';
import type { JobView } from '../frame/job-view';

/** What the way to the list promises: remedies where any can be planned. */
const wayOn = (own: JobView['warnings']): string => {
  const help = own.some((one) => one.remedies > 0) ? 'what helps' : 'see all';
  if (own.length > 1) return `${own.length} here, ${help}`;
  return own.some((one) => one.remedies > 0) ? 'What helps' : 'See it';
};

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
        {wayOn(own)}
      </Link>
    </section>
  );
}
