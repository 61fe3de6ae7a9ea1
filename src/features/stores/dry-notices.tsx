import { Notice } from '@/ui/notice';
import { amount, date, moment } from '../words/format';
import type { DryRow, StoresProps } from './stores-props';

/** What the shelf has some of and not enough: the step and the panel where it ends, where to stop, and the day to order. */
export function DryNotices({ dry, locale }: Pick<StoresProps, 'dry' | 'locale'>) {
  return dry.map((one) => (
    <Notice key={`${one.product} ${one.step}`} grade="caution">
      {dryText(one, moment(one.start, locale))}
    </Notice>
  ));
}

export function dryText(row: DryRow, start: string): string {
  const { name, unit, stepName, left, needed, panel, breakAfter, orderBy } = row;
  const where = panel === null ? 'inside' : `on ${panel} of`;
  const stop =
    breakAfter === null ? 'Do not begin it before there is more.' : `Stop at the edge of ${breakAfter}.`;
  const order = orderBy === null ? '' : ` Order by ${date(orderBy)}.`;
  return `${name} runs dry ${where} “${stepName}” (${start}): ${amount(left, unit)} left of ${amount(needed, unit)} needed. ${stop}${order}`;
}
