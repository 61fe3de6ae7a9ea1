import { guarded } from '../../../guarded';
import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { namesOf } from '@/features/words/names';
import { warningText } from '@/features/words/warning-words';
import { requireShop } from '@/server/services/plans';
import { whatIfAir } from '@/server/services/what-if';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

// An address holds text: here alone a figure is read from it.
const schema = Joi.object<{ airC: number }>({ airC: field.figure(-20, 50).strict(false).required() });

/** What breaks, and what it costs, with every place at one temperature. */
export const GET = guarded<Given>({ reads: 'plans', cost: 10 }, async (request, { params }) => {
  const { job } = await params;
  const given = new URL(request.url).searchParams.get('airC') ?? undefined;
  const parsed = parseWith(schema, { airC: given });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const [found, { shop, shelf }] = await Promise.all([whatIfAir(job, parsed.value.airC), requireShop()]);
  if (!found) return faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
  const { base, changed, changedPlan, breaks } = found;
  const names = namesOf(
    changedPlan,
    changedPlan.sections.map((one) => ({ key: one.section, name: one.name })),
    (code) => shelf.get(code)?.name ?? code,
  );
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  return Response.json({ base, changed, breaks: breaks.map((one) => warningText(one, names, locale)) });
});
