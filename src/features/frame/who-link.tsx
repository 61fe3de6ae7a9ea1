'use client';

import Link from 'next/link';
import { roleWords } from '@/core/rights';
import { useWho } from './who';

/** Who is here, and as what; leads to one's account, to the badges of a tablet, or to the roles of the demo. */
export function WhoLink() {
  const { name, role, how, onTablet, needsFactor } = useWho();
  const as = role === null ? 'no badge' : roleWords[role].name;
  // A long name of a role has its first word here and the whole of it on hover.
  const line = as.split(' ')[0];
  return (
    <Link
      href={onTablet || how === 'demo' ? '/sign-in' : '/account'}
      prefetch={false}
      className="flex h-[52px] flex-col items-center justify-center border-b border-black/40 px-1 text-small leading-[17px] hover:bg-black/25"
      title={needsFactor ? 'Set up your second factor: until then you read only' : `${name}, ${as}`}
    >
      <span className="max-w-full truncate font-semibold">{how === 'demo' ? 'Demo' : name}</span>
      <span className="max-w-full truncate text-strip-quiet max-lg:sr-only">
        {needsFactor ? '! factor' : line}
      </span>
    </Link>
  );
}
