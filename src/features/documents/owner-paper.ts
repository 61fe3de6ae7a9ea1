import {
  column,
  figures,
  heading,
  list,
  quiet,
  row,
  table,
  text,
  type Block,
  type PrintedPaper,
} from '@/core/documents';
import type { OwnerView } from '@/core/owner/owner-view';
import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import { localDateOf, type Minute } from '@/core/units';
import { date, fullDate, hours, money, type Locale } from '../words/format';
import { stageNames } from '../words/offer-words';
import { budgetWords, movedText, promiseText, stateText, waitText } from '../words/owner-words';
import { phaseName } from '../words/phase-names';
import { letterheadOf } from './letterhead';
import { netDrawingAt } from './net-drawing';

/** What the owner's page tells, on one sheet: what may be shown is chosen by the view, and nothing is added here. */
export function ownerPaper(
  view: OwnerView,
  { job, plan, now, shop }: { job: Job; plan: Plan; now: Minute; shop: Shop },
): PrintedPaper {
  const locale: Locale = shop;
  return {
    title: view.name,
    subject: `As it stands on ${fullDate(localDateOf(now, shop.timeZone))}`,
    shop: letterheadOf(shop),
    blocks: [
      text(promiseText(view.promise)),
      ...(view.waits.length > 0
        ? [heading('Waits for you'), list(view.waits.map((one) => waitText(one, locale)))]
        : []),
      ...netDrawingAt({ job, plan, words: 'Every outside laid flat, as it looks today' }, now),
      heading('Today'),
      table(
        'Today',
        [column('', 3), column('', 4)],
        view.today.map((one) => row(one.section, stateText(one.state))),
      ),
      heading('Done this week'),
      ...(view.done.length === 0
        ? [text('Nothing was finished in the last seven days.')]
        : [list(view.done.map((one) => `${date(one.day)}: ${one.what}, ${one.on}`))]),
      ...(view.next.length > 0
        ? [heading('Next'), list(view.next.map((one) => `${date(one.day)}: ${phaseName(one.phase)}`))]
        : []),
      ...(view.promise.moved.length > 0
        ? [heading('Why the day moved'), list(view.promise.moved.map(movedText))]
        : []),
      ...hourBlocks(view),
      ...paymentBlocks(view, locale),
    ],
  };
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const hourBlocks = (view: OwnerView): Block[] => [
  heading('Hours'),
  table(
    'Hours by stretch of the work',
    [column('Work', 4), figures('So far', 1), figures('In all', 1), figures('Quoted', 1)],
    view.hours.map((one) =>
      row(
        phaseName(one.phase),
        hours(one.usedMin),
        hours(one.expectedMin),
        one.quotedMin === null ? '–' : hours(one.quotedMin),
      ),
    ),
  ),
  ...view.budgets.map((one) =>
    quiet(
      `${budgetWords[one.budget]}: ${percent(one.used)} used, ${percent(one.expected)} expected of what was agreed`,
    ),
  ),
];

const paymentBlocks = (view: OwnerView, locale: Locale): Block[] =>
  view.payments.length === 0
    ? []
    : [
        heading('Payments'),
        table(
          'Payments',
          [column('', 4), figures('Sum', 2), column('', 2)],
          view.payments.map((one) =>
            row(
              stageNames[one.state],
              money(one.grossMinor, locale, 2),
              one.isReached ? 'due' : one.expectedOn === null ? '' : `about ${date(one.expectedOn)}`,
            ),
          ),
        ),
      ];
