'use client';

import { useRouter } from 'next/navigation';
import { Dialog } from 'radix-ui';
import { useState } from 'react';

/** Something one can go to by its name. */
export interface Findable {
  text: string;
  kind: string;
  href: string;
}

const mostShown = 9;

/** All words of the query somewhere in the text or kind, case aside. */
export function findMatches(findables: readonly Findable[], query: string): Findable[] {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  return findables
    .filter((one) => words.every((word) => `${one.text} ${one.kind}`.toLowerCase().includes(word)))
    .slice(0, mostShown);
}

export function Find({
  open,
  onOpenChange,
  findables,
}: {
  open: boolean;
  onOpenChange(open: boolean): void;
  findables: Findable[];
}) {
  const router = useRouter();
  const [query, setQuery] = useState('');
  const [chosen, setChosen] = useState(0);
  const matches = findMatches(findables, query);
  const go = (one: Findable | undefined) => {
    if (!one) return;
    onOpenChange(false);
    setQuery('');
    router.push(one.href);
  };
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          className="fixed top-20 left-1/2 z-50 w-[520px] -translate-x-1/2 border border-strong bg-raised p-4"
          aria-describedby={undefined}
        >
          <Dialog.Title className="mb-2 font-semibold">Find a part, step, section or product</Dialog.Title>
          <input
            autoFocus
            aria-label="Find"
            value={query}
            onChange={(event) => {
              setQuery(event.target.value);
              setChosen(0);
            }}
            onKeyDown={(event) => {
              if (event.key === 'ArrowDown') setChosen((i) => Math.min(i + 1, matches.length - 1));
              else if (event.key === 'ArrowUp') setChosen((i) => Math.max(i - 1, 0));
              else if (event.key === 'Enter') go(matches[chosen]);
              else return;
              event.preventDefault();
            }}
            className="w-full"
          />
          <ul className="mt-2">
            {matches.map((one, i) => (
              <li key={`${one.href}${one.text}`}>
                <button
                  type="button"
                  onClick={() => go(one)}
                  className={`flex w-full justify-between gap-4 px-2 py-1 text-left ${i === chosen ? 'bg-ink text-sheet' : ''}`}
                >
                  <span className="truncate">{one.text}</span>
                  <span className="shrink-0 opacity-75">{one.kind}</span>
                </button>
              </li>
            ))}
            {query && matches.length === 0 && (
              <li className="px-2 py-1 text-quiet">Nothing of that name in this job.</li>
            )}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
