'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { JobView } from './job-view';
import { stations } from './stations';
import { useMayRead } from './who';
import { WhoLink } from './who-link';

const stateWords = { empty: 'nothing yet', drafted: 'drafted', ready: 'ready', attention: 'needs attention' };

/** How far a station is: an open, half, full square, or a triangle that needs attention. */
function StateMark({ state }: { state: keyof typeof stateWords }) {
  return (
    <svg
      width="9"
      height="9"
      viewBox="0 0 9 9"
      role="img"
      aria-label={stateWords[state]}
      className="absolute top-1 right-1"
    >
      {state === 'attention' ? (
        <path d="M4.5 0 9 9H0z" fill="#f0b03f" />
      ) : (
        <>
          <rect x=".5" y=".5" width="8" height="8" fill="none" stroke="currentColor" />
          {state === 'drafted' && <rect x="1" y="1" width="4" height="7" fill="currentColor" />}
          {state === 'ready' && <rect x="1" y="1" width="7" height="7" fill="currentColor" />}
        </>
      )}
    </svg>
  );
}

const place =
  'relative flex h-[52px] flex-col items-center justify-center border-b border-black/40 text-small leading-[17px]';

/** The stations as places to go to; outside a job only Yard, Shop and Shelf are open. */
export function Rail({ job }: { job: Pick<JobView, 'number' | 'stationStates'> | null }) {
  const path = usePathname();
  const mayRead = useMayRead();
  const look = (href: string) =>
    `${place} ${path === href ? 'bg-bay text-ink' : 'text-strip-ink hover:bg-black/25'}`;
  const station = (href: string, mark: string, name: string, state?: keyof typeof stateWords) => (
    <Link
      key={href}
      href={href}
      className={look(href)}
      aria-current={path === href ? 'page' : undefined}
      prefetch={false}
    >
      <span className="text-lead font-semibold">{mark}</span>
      <span className="max-lg:sr-only">{name}</span>
      {state && <StateMark state={state} />}
    </Link>
  );
  return (
    <div className="flex min-h-full flex-col">
      {station('/', 'Y', 'Yard')}
      {stations.map(({ key, path: name, name: text }) =>
        job ? (
          station(`/jobs/${job.number}/${name}`, key, text, job.stationStates[name])
        ) : (
          <span
            key={key}
            className={`${place} text-strip-quiet opacity-55`}
            aria-disabled="true"
            title="Choose a job in the Yard first"
          >
            <span className="text-lead font-semibold">{key}</span>
            <span className="max-lg:sr-only">{text}</span>
          </span>
        ),
      )}
      <div className="mt-auto border-t border-black/40">
        <WhoLink />
        {mayRead('shop') && station('/shop', 'P', 'Shop')}
        {station('/shelf', 'F', 'Shelf')}
      </div>
    </div>
  );
}
