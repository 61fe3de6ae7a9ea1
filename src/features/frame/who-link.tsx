'use client';

import Link from 'next/link';
import { roleWords } from '@/core/rights';
import { useWho } from './who';

/** Who is here, and as what; leads to one's account, to the badges of a tablet, or to the roles of the demo. */
export function WhoLink() {
  const { name, role, how, onTablet, needsFactor } = useWho();
  const as = role === null ? 'no badge' : roleWords[role].name;
  const line = how === 'demo' ? `Demo: ${as}` : as;
  return (
    <Link
      href={onTablet || how === 'demo' ? '/sign-in' : '/account'}
      prefetch={false}
      className="max-w-28 shrink-0 leading-[16px]"
      title={needsFactor ? 'Set up your second factor: until then you read only' : `${name}, ${as}`}
    >
      <span className="block truncate text-small font-semibold">{name}</span>
      <span className="block truncate text-small text-strip-quiet">
        {needsFactor ? '! Second factor' : line}
      </span>
    </Link>
  );
}
