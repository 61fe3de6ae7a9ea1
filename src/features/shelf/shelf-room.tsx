'use client';

import { useState } from 'react';
import type { Product } from '@/core/film';
import type { ConsumableTrial } from '@/core/record';
import { Button } from '@/ui/button';
import { InspectorPanel, Part } from '@/ui/facts';
import { Empty, Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { FileReader } from '../frame/file-reader';
import { useSaving } from '../frame/saving';
import { useSelection } from '../frame/use-selection';
import type { Locale } from '../words/format';
import { productKindWords } from '../words/store-words';
import { LadderSheet } from './ladder-sheet';
import { LaddersView, type LadderShown } from './ladders-view';
import { Coatings, Goods } from './product-lists';
import { ProductSheet } from './product-sheet';
import { SystemSheet } from './system-sheet';
import { SystemsView, type SystemShown } from './systems-view';
import { Trials } from './trials';
import { useOpen } from '../frame/who';

export interface ShelfProps {
  products: readonly (Product & { seen: number; ratio: string })[];
  trials: readonly (ConsumableTrial & { seen: number })[];
  systems: readonly SystemShown[];
  ladders: readonly LadderShown[];
  labourRateMinorPerHour: number;
  locale: Locale;
}

const views = { ...productKindWords, trials: 'trials', systems: 'systems', ladders: 'ladders' };
type View = keyof typeof views;

/**
 * Products as their data sheets state them, to be looked up, edited, read and written; trials of consumables; and the
 * shop's ways of laying and sanding film.
 */
export function ShelfRoom({
  products,
  trials,
  systems,
  ladders,
  labourRateMinorPerHour,
  locale,
}: ShelfProps) {
  const [view, setView] = useState<View>('coating');
  const [way, setWay] = useState<string | null>(null);
  const [picked, pick] = useSelection((name) => products.find((one) => one.code === name)?.code ?? null);
  const chosen = products.find((one) => one.code === picked) ?? null;
  // What the address names is shown among its kind.
  const shownView = chosen && view in productKindWords ? chosen.kind : view;
  const shown = products.filter((product) => product.kind === shownView);
  const nameOf = (code: string) => products.find((one) => one.code === code)?.name ?? code;
  const system = systems.find((one) => one.system.key === way);
  const ladder = ladders.find((one) => one.ladder.key === way);
  return (
    <>
      <Room
        title="Shelf"
        aside={
          <ViewSwitch
            views={views}
            shown={shownView}
            onShow={(next) => {
              setView(next);
              setWay(null);
              pick('');
            }}
          />
        }
      >
        {shownView === 'trials' ? (
          <Trials trials={trials} rate={labourRateMinorPerHour} locale={locale} />
        ) : shownView === 'systems' ? (
          <SystemsView systems={systems} picked={way} onPick={setWay} productName={nameOf} />
        ) : shownView === 'ladders' ? (
          <LaddersView ladders={ladders} picked={way} onPick={setWay} />
        ) : shown.length === 0 ? (
          <Empty>Nothing of this kind stands on the shelf.</Empty>
        ) : shownView === 'coating' ? (
          <Coatings products={shown} picked={picked} onPick={pick} locale={locale} />
        ) : (
          <Goods products={shown} picked={picked} onPick={pick} locale={locale} />
        )}
      </Room>
      {shownView === 'systems' && system ? (
        <SystemSheet
          key={system.system.key}
          shown={system}
          coatings={products.filter((one) => one.coating !== null)}
        />
      ) : shownView === 'ladders' && ladder ? (
        <LadderSheet key={ladder.ladder.key} shown={ladder} />
      ) : chosen ? (
        <ProductSheet key={chosen.code} product={chosen} locale={locale} />
      ) : (
        <ShelfFiles count={products.length} />
      )}
    </>
  );
}

function ShelfFiles({ count }: { count: number }) {
  const live = useOpen('shelf-file');
  const { send } = useSaving();
  return (
    <InspectorPanel title="Working defaults" subtitle={`${count} products`}>
      <p>
        Times at 20 °C. The figures stand in the middle of what data sheets of each type say; prices are
        invented. The maker’s data sheet, local rules and licensed practice come first.
      </p>
      <p className="pt-2">Choose a product to read and edit its sheet.</p>
      <Part title="Files">
        <a className="underline" href="/api/shelf" download>
          Write the Shelf as CSV
        </a>
        <FileReader
          deed="shelf-file"
          label="Read products from CSV: new ones are added, known ones take the file’s figures"
          accept=".csv,text/csv"
          mostMb={3}
          path="/api/shelf"
          toBody={(text) => ({ text })}
          saved="Products read"
        />
        <Button
          disabled={!live}
          onClick={() => void send('/api/shelf', { standard: true }, 'Standard products added')}
        >
          Add standard products that are missing
        </Button>
      </Part>
    </InspectorPanel>
  );
}
