import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { areaStates } from '@/core/plan';
import { thumbnailOf } from '@/features/frame/thumbnail';
import { OwnerPage } from '@/features/owner/owner-page';
import { ownerPageOf } from '@/server/services/owner-page';

export const metadata: Metadata = {
  title: 'Your vehicle',
  robots: { index: false, follow: false },
};

/** The page of an owner, outside the frame: nothing of another job can be reached from it. */
export default async function Owner({
  params,
  searchParams,
}: {
  params: Promise<{ token: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { token } = await params;
  const page = await ownerPageOf(token);
  if (!page) notFound();
  const said = await searchParams;
  const { job, plan, now, sides } = page.drawn;
  return (
    <OwnerPage
      view={page.view}
      quotes={page.quotes}
      sides={sides}
      states={areaStates(plan, now)}
      picture={thumbnailOf(job, plan, now)}
      shopName={page.shopName}
      locale={{ timeZone: page.timeZone, currency: page.currency }}
      token={token}
      told={said.kept !== undefined ? 'kept' : said.refused !== undefined ? 'refused' : null}
    />
  );
}
