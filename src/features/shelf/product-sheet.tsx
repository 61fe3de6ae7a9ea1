'use client';

import { useState } from 'react';
import {
  dryFilmUm,
  readySolids,
  reopenings,
  repairs,
  type CoatingSheet,
  type Reopening,
  type Repair,
} from '@/core/film';
import { Button } from '@/ui/button';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { micrometres, span, type Locale } from '../words/format';
import { gunWords } from '../words/film-words';
import { CopyProduct } from './copy-product';
import { productEdit, type SeenProduct } from './product-edit';
import { Choice, Quantity, Time, Whole } from './sheet-fields';
import { SheetHistory } from '../frame/sheet-history';
import { SheetPoints } from './sheet-points';
import { MixEditor, PacksEditor } from './sheet-lists';
import { useOpen } from '../frame/who';

const sheetEdit = (product: SeenProduct, set: Partial<CoatingSheet>) =>
  productEdit(product, { coating: { ...product.coating!, ...set } });

/** One product as its sheet states it: every figure is edited where it stands, with its unit or another. */
export function ProductSheet({ product, locale }: { product: SeenProduct; locale: Locale }) {
  const sheet = product.coating;
  return (
    <InspectorPanel title={product.name} subtitle={`${product.code} · ${sheet?.family ?? product.kind}`}>
      <Part title="Product">
        <Fact label="Name">
          <EditText
            label="Name of the product"
            quiet
            className="w-44"
            value={product.name}
            toEdit={(text) => productEdit(product, { name: text })}
          />
        </Fact>
        <Whole
          label="Lead, days"
          value={product.leadDays}
          toEdit={(leadDays) => productEdit(product, { leadDays: leadDays! })}
        />
        <Fact label="Lead counts">
          <EditChoice
            label="Lead counts"
            quiet
            className="w-44"
            value={product.leadIn}
            choices={[
              { value: 'calendar', text: 'every day' },
              { value: 'open', text: 'days we are open' },
            ]}
            toEdit={(leadIn) => productEdit(product, { leadIn: leadIn === 'open' ? 'open' : 'calendar' })}
          />
        </Fact>
        <Fact label="Data sheet of">
          <EditText
            label="Date of the data sheet"
            quiet
            type="date"
            className="w-36"
            value={product.sheetDated ?? ''}
            toEdit={(text) => productEdit(product, { sheetDated: text || null })}
          />
        </Fact>
        <Whole
          label="Keeps unopened, days"
          value={product.shelfLifeDays}
          none
          toEdit={(shelfLifeDays) => productEdit(product, { shelfLifeDays })}
        />
        {product.hazards.length > 0 && <Fact label="Hazards">{product.hazards.join(', ')}</Fact>}
      </Part>
      <PacksEditor product={product} locale={locale} />
      {sheet && <SheetParts product={product} sheet={sheet} />}
      <SheetHistory
        path={`/api/shelf/${encodeURIComponent(product.code)}/history`}
        seen={product.seen}
        timeZone={locale.timeZone}
      />
      <CopyProduct product={product} />
      <Remove product={product} />
    </InspectorPanel>
  );
}

function SheetParts({ product, sheet }: { product: SeenProduct; sheet: CoatingSheet }) {
  const solids = readySolids(sheet);
  const edit = (set: Partial<CoatingSheet>) => sheetEdit(product, set);
  const time = (label: string, key: TimeKey, none = false) => (
    <Time key={key} label={label} value={sheet[key]} none={none} toEdit={(value) => edit({ [key]: value })} />
  );
  return (
    <>
      <MixEditor product={product} sheet={sheet} />
      <FilmPart sheet={sheet} edit={edit} solids={solids} />
      <Part title={`Times at ${sheet.sheetC} °C`}>
        {time('Pot life', 'potLifeMin', true)}
        {time('Flash', 'flashMin')}
        {time('Dust-free', 'dustFreeMin')}
        {time('Recoat from', 'recoatMinMin')}
        {time('Recoat to', 'recoatMaxMin', true)}
        <Choice
          label="Then"
          value={sheet.afterMax}
          values={reopenings}
          toEdit={(text) => edit({ afterMax: text as Reopening })}
        />
        {time('Sand after', 'sandAfterMin')}
        {time('Tape after', 'tapeAfterMin', true)}
        {time('Handle after', 'handleAfterMin', true)}
        {time('Cured', 'fullCureMin', true)}
        {sheet.inductionMin > 0 && <Fact label="Stand before use">{span(sheet.inductionMin)}</Fact>}
      </Part>
      <SheetPoints product={product} sheet={sheet} />
      <ApplicationPart sheet={sheet} edit={edit} />
    </>
  );
}

/** The film of one coat, and how many make a layer. */
function FilmPart({
  sheet,
  edit,
  solids,
}: {
  sheet: CoatingSheet;
  edit(set: Partial<CoatingSheet>): ReturnType<typeof sheetEdit>;
  solids: number;
}) {
  return (
    <Part title="Film">
      <Quantity
        label="Dry film a coat"
        kind="film"
        value={sheet.dryUm}
        unit="µm"
        toEdit={(dryUm) => edit({ dryUm })}
      />
      <Fact label="Wet film a coat">{micrometres(sheet.dryUm / dryFilmUm(1, solids))}</Fact>
      <Whole label="Coats, least" value={sheet.coatsLeast} toEdit={(value) => edit({ coatsLeast: value! })} />
      <Whole label="Coats, most" value={sheet.coatsMost} toEdit={(value) => edit({ coatsMost: value! })} />
      <Whole
        label="Most in a session"
        value={sheet.coatsPerSession}
        none
        toEdit={(coatsPerSession) => edit({ coatsPerSession })}
      />
      <Whole label="Shade, L*" value={sheet.shadeL} none toEdit={(shadeL) => edit({ shadeL })} />
      <Whole label="VOC, g/L ready" value={sheet.vocGL} none toEdit={(vocGL) => edit({ vocGL })} />
    </Part>
  );
}

/** In what air, and with what set-up it goes on. */
function ApplicationPart({
  sheet,
  edit,
}: {
  sheet: CoatingSheet;
  edit(set: Partial<CoatingSheet>): ReturnType<typeof sheetEdit>;
}) {
  return (
    <Part title="Application">
      <Quantity
        label="Air from"
        kind="temperature"
        value={sheet.minAirC}
        unit="°C"
        toEdit={(minAirC) => edit({ minAirC })}
      />
      <Quantity
        label="Air to"
        kind="temperature"
        value={sheet.maxAirC}
        unit="°C"
        toEdit={(maxAirC) => edit({ maxAirC })}
      />
      <Whole
        label="Humidity to, %"
        value={sheet.maxHumidity}
        toEdit={(value) => edit({ maxHumidity: value! })}
      />
      <Fact label="Over the dew point">{sheet.dewMarginC} °C</Fact>
      <Fact label="Set-up">{gunWords(sheet)}</Fact>
      {sheet.method === 'spray' &&
        (
          [
            ['Nozzle, mm', 'nozzleMm'],
            ['Pressure, bar', 'pressureBar'],
            ['Fan, cm', 'fanCm'],
          ] as const
        ).map(([label, key]) => (
          <Whole
            key={key}
            label={label}
            value={sheet.application[key]}
            none
            toEdit={(value) => edit({ application: { ...sheet.application, [key]: value } })}
          />
        ))}
      <Fact label="Flow, wet edge">
        {sheet.flowLPerMin} L/min, {span(sheet.wetEdgeMin)}
      </Fact>
      <Choice
        label="Mended by"
        value={sheet.repair}
        values={repairs}
        toEdit={(text) => edit({ repair: text as Repair })}
      />
      {sheet.pairs.length > 0 && <Fact label="Names as its pair">{sheet.pairs.join(', ')}</Fact>}
    </Part>
  );
}

type TimeKey =
  | 'potLifeMin'
  | 'flashMin'
  | 'dustFreeMin'
  | 'recoatMinMin'
  | 'recoatMaxMin'
  | 'sandAfterMin'
  | 'tapeAfterMin'
  | 'handleAfterMin'
  | 'fullCureMin';
/** Taking a product off asks once more: systems that use it lose a layer. */
function Remove({ product }: { product: SeenProduct }) {
  const [asked, setAsked] = useState(false);
  const live = useOpen('remove-product');
  const { save } = useSaving();
  return (
    <Part title="Take off the Shelf">
      {asked ? (
        <div className="flex gap-1">
          <Button
            disabled={!live}
            onClick={() => void save({ kind: 'remove-product', code: product.code, seen: product.seen })}
          >
            Take it off
          </Button>
          <Button onClick={() => setAsked(false)}>Keep it</Button>
        </div>
      ) : (
        <Button onClick={() => setAsked(true)}>Take off …</Button>
      )}
      <p className="pt-1 text-small text-quiet">
        A coat system that uses it loses that layer, and says so. Undo brings it back.
      </p>
    </Part>
  );
}
