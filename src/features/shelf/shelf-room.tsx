'use client';

import { useState } from 'react';
import { readySolids, type Product } from '@/core/film';
import type { ConsumableTrial } from '@/core/record';
import { Button } from '@/ui/button';
import { InspectorPanel, Part } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { FileReader } from '../frame/file-reader';
import { useSaving } from '../frame/saving';
import { useSelection } from '../frame/use-selection';
import { micrometres, money, span, type Locale } from '../words/format';
import { productKindWords } from '../words/store-words';
import { ProductSheet } from './product-sheet';
import { Trials } from './trials';

export interface ShelfProps {
  products: readonly (Product & { seen: number; ratio: string })[];
  trials: readonly (ConsumableTrial & { seen: number })[];
  labourRateMinorPerHour: number;
  locale: Locale;
}

const kinds = ['coating', 'filler', 'chemical', 'abrasive', 'masking', 'wipe', 'kit', 'service'] as const;

/** Products as their data sheets state them, to be looked up, edited, read and written; and trials of consumables. */
export function ShelfRoom({ products, trials, labourRateMinorPerHour, locale }: ShelfProps) {
  const [view, setView] = useState<'products' | 'trials'>('products');
  const [kind, setKind] = useState<(typeof kinds)[number]>('coating');
  const [picked, pick] = useSelection((name) => products.find((one) => one.code === name)?.code ?? null);
  const chosen = products.find((one) => one.code === picked) ?? null;
  // What the address names is shown among its kind.
  const shownKind = chosen && chosen.kind !== kind && view === 'products' ? chosen.kind : kind;
  const shown = products.filter((product) => product.kind === shownKind);
  return (
    <>
      <Room
        title="Shelf"
        aside={
          <div className="flex flex-wrap items-center gap-1" role="group" aria-label="What is shown">
            {kinds.map((one) => (
              <Button
                key={one}
                className="!px-2"
                look={view === 'products' && shownKind === one ? 'main' : 'plain'}
                aria-pressed={view === 'products' && shownKind === one}
                onClick={() => {
                  setView('products');
                  setKind(one);
                  pick('');
                }}
              >
                {productKindWords[one]}
              </Button>
            ))}
            <Button
              className="!px-2"
              look={view === 'trials' ? 'main' : 'plain'}
              aria-pressed={view === 'trials'}
              onClick={() => setView('trials')}
            >
              trials
            </Button>
          </div>
        }
      >
        {view === 'trials' ? (
          <Trials trials={trials} rate={labourRateMinorPerHour} locale={locale} />
        ) : shown.length === 0 ? (
          <Empty>Nothing of this kind stands on the shelf.</Empty>
        ) : shownKind === 'coating' ? (
          <Coatings products={shown} picked={picked} onPick={pick} locale={locale} />
        ) : (
          <Goods products={shown} picked={picked} onPick={pick} locale={locale} />
        )}
      </Room>
      {chosen && view === 'products' ? (
        <ProductSheet key={chosen.code} product={chosen} locale={locale} />
      ) : (
        <ShelfFiles count={products.length} />
      )}
    </>
  );
}

interface ListProps {
  products: ShelfProps['products'];
  picked: string | null;
  onPick(code: string): void;
  locale: Locale;
}

const packsText = (product: Product, locale: Locale) =>
  product.packs
    .map(
      (pack) =>
        `${pack.size} ${product.unit === 'each' ? 'pcs' : product.unit}${pack.part ? ` ${pack.part}` : ''} ${money(pack.priceMinor, locale, 2)}`,
    )
    .join(', ');

function Name({ product, onPick }: { product: Product; onPick(code: string): void }) {
  return (
    <button
      type="button"
      className="text-left underline underline-offset-2"
      onClick={() => onPick(product.code)}
    >
      {product.name}
    </button>
  );
}

function Coatings({ products, picked, onPick, locale }: ListProps) {
  return (
    <Table
      caption="Coatings"
      head={[
        'Product',
        'Mix',
        { text: 'Solids', right: true },
        { text: 'Film a coat', right: true },
        { text: 'Flash', right: true },
        { text: 'Sand after', right: true },
        { text: 'Recoat to', right: true },
        { text: 'Pot life', right: true },
        { text: 'VOC', right: true },
        'Packs',
      ]}
    >
      {products.map((product) => {
        const sheet = product.coating!;
        return (
          <tr
            key={product.code}
            id={product.code}
            className={`border-b border-line align-top ${product.code === picked ? 'bg-raised' : ''}`}
          >
            <td className="py-[3px] pr-3">
              <Name product={product} onPick={onPick} />
            </td>
            <td className="pr-3">{product.ratio}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {(100 * readySolids(sheet)).toFixed(0)} %
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{micrometres(sheet.dryUm)}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{span(sheet.flashMin)}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{span(sheet.sandAfterMin)}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {sheet.recoatMaxMin === null ? 'open' : span(sheet.recoatMaxMin)}
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {sheet.potLifeMin === null ? '–' : span(sheet.potLifeMin)}
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {sheet.vocGL === null ? '–' : sheet.vocGL}
            </td>
            <td className="text-small">{packsText(product, locale)}</td>
          </tr>
        );
      })}
    </Table>
  );
}

function Goods({ products, picked, onPick, locale }: ListProps) {
  return (
    <Table
      caption="Goods"
      head={[
        'Product',
        'Packs',
        { text: 'Lead, days', right: true },
        { text: 'Keeps, days', right: true },
        'Hazards',
      ]}
    >
      {products.map((product) => (
        <tr
          key={product.code}
          id={product.code}
          className={`border-b border-line ${product.code === picked ? 'bg-raised' : ''}`}
        >
          <td className="py-[3px] pr-3">
            <Name product={product} onPick={onPick} />
          </td>
          <td className="pr-3">{packsText(product, locale)}</td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">{product.leadDays}</td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">
            {product.shelfLifeDays ?? 'no limit'}
          </td>
          <td>{product.hazards.join(', ')}</td>
        </tr>
      ))}
    </Table>
  );
}

function ShelfFiles({ count }: { count: number }) {
  const live = useLive();
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
