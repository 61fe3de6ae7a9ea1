import { notFound } from 'next/navigation';
import { QuotePage } from '@/features/handover/quote-page';
import { offersOf } from '@/server/services/offers';
import { plannedJob } from '../../../../../planned-job';

/** One quote, to print. */
export default async function PrintedQuote({ params }: { params: Promise<{ job: string; number: string }> }) {
  const { job, number } = await params;
  const { stored, shop } = await plannedJob(job);
  const kept = (await offersOf(stored.job.number)).find(({ offer }) => String(offer.number) === number);
  if (!kept) notFound();
  return <QuotePage kept={kept} title={stored.job.name} owner={stored.job.owner} shop={shop.shop} />;
}
