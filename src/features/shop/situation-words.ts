import type { SchoolKey } from '@/core/record';
import { schools, type Situation } from '@/core/steps';

/** Where an operation has its place, in words; empty for everywhere. */
export function situationWords(when: Situation): string {
  const either = (list: readonly string[] | undefined, before = '') =>
    list === undefined ? [] : [`${before}${list.join(' or ')}`];
  return [
    ...either(when.route),
    ...either(when.substrate),
    ...either(when.depth),
    ...either(when.level, 'level '),
    ...either(when.old, 'old '),
    ...either(when.lays, 'with '),
    ...(when.is ?? []),
    ...(when.not ?? []).map((flag) => `not ${flag}`),
    ...Object.entries(when.school ?? {}).map(
      ([key, options]) => `${schools[key as SchoolKey].name.toLowerCase()} ${options.join(' or ')}`,
    ),
  ].join('; ');
}
