import { placeTaken, workAirC } from '@/core/plan/place-taken';
import { notFound } from 'next/navigation';
import { batchCards, kitWords } from '@/core/stores';
import { gunWords } from '@/features/words/film-words';
import { BatchCards } from '@/features/stores/batch-cards';
import { plannedJob, type JobParams } from '../../../../planned-job';
import { counted } from '@/features/words/counted';

interface Given extends JobParams {
  searchParams: Promise<{ session?: string | string[]; product?: string | string[] }>;
}

/** The printable cards of one mix of one session. */
export default async function BatchCardPage({ params, searchParams }: Given) {
  const { plan, shop } = await plannedJob((await params).job);
  const { session, product } = await searchParams;
  const need = plan.sessions.find((one) => one.session === session && one.product === product);
  const found = need && shop.shelf.get(need.product);
  const step = need && plan.steps.find((one) => one.key === need.steps[0]?.step);
  if (!need || !found?.coating || !step) notFound();
  const stays = new Map(plan.stays.map((stay) => [stay.key, stay]));
  const airC = workAirC(placeTaken(step, stays, shop.shop), step.start, shop.shop.timeZone);
  return (
    <BatchCards
      title={found.name}
      subject={`${plan.job} · ${step.subject} · ${need.readyL.toFixed(2)} L ready in ${counted(need.batches, 'batch')} · pot life at ${airC} °C`}
      cards={batchCards(need.product, found.coating, need, step.start, airC)}
      kit={kitWords(step)}
      gun={gunWords(found.coating)}
      hazards={step.cautions}
      locale={{ timeZone: shop.shop.timeZone, currency: shop.shop.currency }}
    />
  );
}
