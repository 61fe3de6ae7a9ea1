'use client';

import { useState, type ReactNode } from 'react';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { OwnerLinks, type OwnerProps } from './owner-view';
import type { QuotesProps } from './quotes-props';
import { QuotesView } from './quotes-view';

const views = { quotes: 'Quotes', owner: 'Owner’s page', record: 'Record' };
type View = keyof typeof views;

/** Station 9: what the owner was offered, and what he gets. */
export function HandoverViews({
  quotes,
  owner,
  children,
}: {
  quotes: QuotesProps;
  owner: OwnerProps;
  children: ReactNode;
}) {
  const [view, setView] = useState<View>('quotes');
  return (
    <Room title="Handover" aside={<ViewSwitch views={views} shown={view} onShow={setView} />}>
      {view === 'quotes' && <QuotesView {...quotes} />}
      {view === 'owner' && <OwnerLinks {...owner} />}
      {view === 'record' && children}
    </Room>
  );
}
