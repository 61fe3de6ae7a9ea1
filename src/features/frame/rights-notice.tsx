'use client';

import { mayDo, roleWords, type Deed } from '@/core/rights';
import { useWho } from './who';

/** Deeds that tell whether somebody plans here; who does needs no notice. */
const planning: Deed = 'accept-plan';

/** One line for those who may not change all they see: as what they are here, and what that is for. */
export function RightsNotice() {
  const { rights, role, how, name, needsFactor } = useWho();
  if (mayDo(rights, planning) && how !== 'tablet') return null;
  const said = needsFactor
    ? 'Set up your second factor under your name above; until then you read only.'
    : how === 'tablet'
      ? `${name}: tap your name above and enter your badge code to write anything down.`
      : role === null
        ? null
        : `${roleWords[role].name}: ${roleWords[role].line}. What is not yours to change is only shown.`;
  return said && <p className="no-print border-b border-line bg-raised px-4 py-1 text-small">{said}</p>;
}
