'use client';

import { useState, type ReactNode } from 'react';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import type { QuotesProps } from './quotes-props';
import { QuotesView } from './quotes-view';

const views = { quotes: 'Quotes', record: 'Record' };
type View = keyof typeof views;

/** Station 9: what the owner was offered, and what he gets. */
export function HandoverViews({ quotes, children }: { quotes: QuotesProps; children: ReactNode }) {
  const [view, setView] = useState<View>('quotes');
  return (
    <Room title="Handover" aside={<ViewSwitch views={views} shown={view} onShow={setView} />}>
      {view === 'quotes' ? <QuotesView {...quotes} /> : children}
    </Room>
  );
}
