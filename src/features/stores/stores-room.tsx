'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { amount, money } from '../words/format';
import { wasteWords } from '../words/store-words';
import { DryNotices } from './dry-notices';
import { MixTable } from './mix-table';
import { ShoppingTable } from './shopping-table';
import { StockBook } from './stock-book';
import type { StoresProps } from './stores-props';
import { WearTable } from './wear-table';
import { counted } from '../words/counted';

const views = { buy: 'To buy', mix: 'To mix', stock: 'On the shelf', wear: 'Wear', money: 'Money' };
type View = keyof typeof views;

// The chart is heavy and seldom looked at: it comes when it is asked for.
const MoneyView = dynamic(() => import('./money-view').then((room) => room.MoneyView), {
  loading: () => <p className="py-4 text-quiet">Drawing …</p>,
});

/** What to mix, buy and have on the shelf, by when, and what it costs. */
export function StoresRoom(props: StoresProps) {
  const [view, setView] = useState<View>('buy');
  return (
    <>
      <Room title="Stores" aside={<ViewSwitch views={views} shown={view} onShow={setView} />}>
        {view === 'buy' && <DryNotices {...props} />}
        {view === 'buy' && <ShoppingTable {...props} />}
        {view === 'mix' && <MixTable {...props} />}
        {view === 'stock' && <StockBook {...props} />}
        {view === 'wear' && <WearTable {...props} />}
        {view === 'money' && <MoneyView {...props} />}
      </Room>
      <StoresInspector {...props} />
    </>
  );
}

function StoresInspector({ job, money: sums, quote, pools, waste, voc, locale }: StoresProps) {
  const cost = (minor: number) => money(minor, locale, 2);
  return (
    <InspectorPanel title="Materials of this job" subtitle="ex tax; the quote apart">
      <Part title="Budget">
        <Fact label="Used, drawn by finished steps">{cost(sums.usedMinor)}</Fact>
        <Fact label="Ordered and received">{cost(sums.committedMinor)}</Fact>
        <Fact label="Expected in all">{cost(sums.plannedMinor)}</Fact>
        {sums.capMinor > 0 && <Fact label="Cap">{cost(sums.capMinor)}</Fact>}
      </Part>
      <Part title="One batch for all parts">
        {pools.length === 0 && <p className="text-quiet">No colour is mixed in this job.</p>}
        {pools.map((pool) => (
          <div key={`${pool.product}${pool.colour}`} className="py-1">
            <Fact label={<strong>{pool.colourName}</strong>}>{amount(pool.mixL, 'L')}</Fact>
            <Fact label="Held back unmixed, touch-up">
              {amount(pool.heldBackL, 'L')}, {amount(pool.touchUpL, 'L')}
            </Fact>
            <p className="text-small text-quiet">
              {pool.product}; {counted(pool.sessions.length, 'session')}, boxed together unactivated
            </p>
          </div>
        ))}
        {pools.length > 0 && (
          <Link className="underline" href={`/jobs/${job}/documents/labels`}>
            labels of what is kept
          </Link>
        )}
      </Part>
      <Part title="Waste, for a licensed carrier">
        {waste.map((line) => (
          <Fact key={line.kind} label={wasteWords[line.kind]}>
            {amount(line.amount, line.unit)}, {cost(line.costMinor)}
          </Fact>
        ))}
      </Part>
      <Part title="VOC">
        <Fact label="Of the whole job">{voc.totalKg.toFixed(1)} kg</Fact>
        <Fact label="Shop’s limit, ready mix">
          {voc.limitGL === null ? 'none set' : `${voc.limitGL} g/L`}
        </Fact>
        {voc.unknown.length > 0 && (
          <p className="text-small text-quiet">No figure on the sheet: {voc.unknown.join(', ')}.</p>
        )}
      </Part>
      <Part title="Quote">
        <Fact label="Labour">{cost(quote.labourMinor)}</Fact>
        <Fact label="Materials">{cost(quote.materialsMinor)}</Fact>
        <Fact label="Booth">{cost(quote.boothMinor)}</Fact>
        <Fact label="Tax">{cost(quote.taxMinor)}</Fact>
        <Fact label={<strong>Gross</strong>}>
          <strong>{cost(quote.grossMinor)}</strong>
        </Fact>
      </Part>
    </InspectorPanel>
  );
}
