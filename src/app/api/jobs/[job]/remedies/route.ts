import { guarded } from '../../../guarded';
import Joi from 'joi';
import { parseWith } from '@/core/exchange';
import type { Remedies } from '@/features/warnings/remedies';
import { warningText } from '@/features/words/warning-words';
import { remediesOf } from '@/server/services/changes';
import { requireShop } from '@/server/services/plans';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ warning: string }>({ warning: Joi.string().min(1).max(2000).required() });

/** What might be done otherwise about one warning, each remedy planned through; nothing is stored. */
export const GET = guarded<Given>({ reads: 'plans', cost: 10 }, async (request, { params }) => {
  const { job } = await params;
  const asked = new URL(request.url).searchParams.get('warning') ?? undefined;
  const parsed = parseWith(schema, { warning: asked });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const [answer, { shop, shelf }] = await Promise.all([remediesOf(job, parsed.value.warning), requireShop()]);
  if (answer.status === 'no-job')
    return faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
  if (answer.status === 'gone') return Response.json({ status: 'gone' } satisfies Remedies);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  return Response.json({
    status: 'tried',
    base: answer.base,
    tried: answer.tried.map(({ change, figures, settles, alsoSettles, brings, names }) => {
      const areas = new Map(names.areas.map((one) => [one.key, one.name]));
      const words = {
        step: (key: string) => names.steps[key] ?? key,
        section: (key: string) => areas.get(key) ?? key,
        product: (code: string) => shelf.get(code)?.name ?? code,
      };
      const told = (list: typeof brings) => list.map((one) => warningText(one, words, locale));
      const [gone, comes] = [told(alsoSettles), told(brings)];
      // The same said of a step that has another key with the change is neither gone nor new.
      const onlyIn = (list: typeof gone, other: typeof gone) =>
        list.filter(({ text }) => !other.some((one) => one.text === text));
      return {
        change,
        figures,
        settles,
        alsoSettles: onlyIn(gone, comes),
        brings: onlyIn(comes, gone),
      };
    }),
  } satisfies Remedies);
});
