import { stagesCsv, stagesDue } from '@/core/offer';
import { offersOf } from '@/server/services/offers';
import { currentPlan } from '@/server/services/plans';
import { guarded } from '../../../../../guarded';
import { faultsAnswer } from '../../../../../json-body';

interface Given {
  params: Promise<{ job: string; number: string }>;
}

/** The stages of a quote as numbers for the shop's accounts. */
export const GET = guarded<Given>({ reads: 'money' }, async (_request, { params }) => {
  const { job, number } = await params;
  const [offers, planned] = await Promise.all([offersOf(job), currentPlan(job)]);
  const found = offers.find(({ offer }) => String(offer.number) === number);
  if (!found || !planned)
    return faultsAnswer([{ place: 'quote', reason: `${job} has no quote ${number.slice(0, 6)}` }], 404);
  return new Response(stagesCsv(found.offer, stagesDue(found.offer, planned.plan)), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${job}-quote-${found.offer.number}-stages.csv"`,
    },
  });
});
