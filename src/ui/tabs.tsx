'use client';

import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** Pages of one inspector; arrow keys walk the row of names. */
export function Tabs({
  label,
  value,
  onChange,
  pages,
}: {
  label: string;
  value: string;
  onChange(value: string): void;
  pages: readonly { key: string; name: string; content: ReactNode }[];
}) {
  return (
    <Radix.Root value={value} onValueChange={onChange}>
      <Radix.List aria-label={label} className="mt-2 flex border-b border-strong">
        {pages.map((page) => (
          <Radix.Trigger
            key={page.key}
            value={page.key}
            className="h-8 flex-1 border-b-2 border-transparent px-1 text-quiet data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {page.name}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {pages.map((page) => (
        <Radix.Content key={page.key} value={page.key} className="pt-1">
          {page.content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
