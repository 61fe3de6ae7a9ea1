'use client';

import {
  bandEnds,
  bandLies,
  datums,
  fairings,
  outlineSides,
  type BandShape,
  type BoxShape,
  type ConstructionShape,
  type Edit,
  type LaidLine,
  type StripesShape,
} from '@/core/record';
import { typedFigure } from '@/core/units';
import { EditChoice, EditText } from '../frame/edit-field';
import type { ConstructionShown, LayoutProps } from './layout-props';
import { listFault, listOf, listText, stationsFault, stationsOf, stationsText } from './measures-text';
import { datumNames } from '../words/scheme-words';

interface FieldsProps {
  job: string;
  one: ConstructionShown;
  colours: LayoutProps['colours'];
  /** Panels of its strip, for heights from their edges. */
  panels: readonly string[];
  stripChoices: readonly { value: string; text: string }[];
}

/** Sends a change of one construction. */
const setter =
  ({ job, one }: FieldsProps) =>
  (set: Partial<Omit<ConstructionShown, 'id' | 'seen'>>): Edit => ({
    kind: 'set-item',
    job,
    list: 'constructions',
    id: one.id,
    seen: one.seen,
    set,
  });

const choices = (words: readonly string[]) =>
  words.map((value) => ({ value, text: value.replace(/-/g, ' ') }));

/** Everything that is typed of a construction. */
export function ConstructionFields(props: FieldsProps) {
  const { one, colours, stripChoices } = props;
  const set = setter(props);
  const { shape } = one;
  const shaped = (next: ConstructionShape) => set({ shape: next });
  return (
    <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2 pt-1 [&_input]:w-full [&_label]:w-full [&_select]:w-full [&_span]:w-full [&_span]:flex-wrap">
      <EditText label="Name" value={one.name} toEdit={(name) => set({ name })} />
      <EditChoice
        label="Colour"
        value={one.colour}
        choices={colours.map(({ id, name }) => ({ value: id, text: name }))}
        toEdit={(colour) => set({ colour })}
      />
      <EditChoice
        label="Lies on"
        value={one.strip}
        choices={stripChoices}
        toEdit={(strip) => set({ strip })}
      />
      <EditText
        label="Place, higher is over"
        type="number"
        value={String(one.place)}
        toEdit={(text) => set({ place: Number(text) })}
      />
      <LineFields {...props} line={shape.line} toEdit={(line) => shaped({ ...shape, line })} />
      {shape.kind === 'field' && (
        <EditChoice
          label="Covers what lies"
          value={shape.side}
          choices={choices(['above', 'below'])}
          toEdit={(side) => shaped({ ...shape, side: side === 'above' ? 'above' : 'below' })}
        />
      )}
      {shape.kind === 'band' && <BandFields {...props} shape={shape} toEdit={shaped} />}
      {shape.kind === 'stripes' && <StripesFields shape={shape} toEdit={shaped} />}
      {shape.kind === 'box' && <BoxFields shape={shape} toEdit={shaped} />}
    </div>
  );
}

function LineFields({
  line,
  panels,
  toEdit,
}: FieldsProps & { line: LaidLine; toEdit(line: LaidLine): Edit }) {
  const isOfPanel = line.datum === 'panel-lower' || line.datum === 'panel-upper';
  return (
    <>
      <EditChoice
        label="Heights from"
        value={line.datum}
        choices={datums.map((value) => ({ value, text: datumNames[value] }))}
        toEdit={(text) => {
          const datum = datums.find((one) => one === text) ?? 'base';
          const named = datum === 'panel-lower' || datum === 'panel-upper';
          return toEdit({ ...line, datum, panel: named ? line.panel || (panels[0] ?? '') : '' });
        }}
      />
      {isOfPanel ? (
        <EditChoice
          label="Edge of the row of"
          value={line.panel}
          choices={choices(panels)}
          toEdit={(panel) => toEdit({ ...line, panel })}
        />
      ) : (
        <EditChoice
          label="Between stations"
          value={line.fairing}
          choices={choices(fairings)}
          toEdit={(text) => toEdit({ ...line, fairing: text === 'faired' ? 'faired' : 'straight' })}
        />
      )}
      <span className="col-span-2">
        <EditText
          label="Height, mm; or place: height; …"
          value={stationsText(line.stations)}
          check={stationsFault}
          toEdit={(text) => toEdit({ ...line, stations: stationsOf(text) ?? line.stations })}
        />
      </span>
    </>
  );
}

const endText = (mm: number | null): string => (mm === null ? '' : String(mm));
const endOf = (text: string): number | null => (text.trim() === '' ? null : typedFigure(text));

function BandFields({
  shape,
  colours,
  toEdit,
}: FieldsProps & { shape: BandShape; toEdit(shape: BandShape): Edit }) {
  const { outline } = shape;
  return (
    <>
      <span className="col-span-2">
        <EditText
          label="Width, mm; or place: width; …"
          value={stationsText(shape.widths)}
          check={stationsFault}
          toEdit={(text) => toEdit({ ...shape, widths: stationsOf(text) ?? shape.widths })}
        />
      </span>
      <EditChoice
        label="Lies on its line"
        value={shape.lies}
        choices={choices(bandLies)}
        toEdit={(text) => toEdit({ ...shape, lies: bandLies.find((one) => one === text) ?? 'centred' })}
      />
      <EditChoice
        label="Ends"
        value={shape.ends}
        choices={choices(bandEnds)}
        toEdit={(text) => toEdit({ ...shape, ends: bandEnds.find((one) => one === text) ?? 'square' })}
      />
      <EditText
        label="From, mm from the front"
        type="number"
        value={endText(shape.fromMm)}
        toEdit={(text) => toEdit({ ...shape, fromMm: endOf(text) })}
      />
      <EditText
        label="To, mm from the front"
        type="number"
        value={endText(shape.toMm)}
        toEdit={(text) => toEdit({ ...shape, toMm: endOf(text) })}
      />
      <EditChoice
        label="Outline"
        value={outline?.colour ?? ''}
        choices={[{ value: '', text: 'none' }, ...colours.map(({ id, name }) => ({ value: id, text: name }))]}
        toEdit={(colour) =>
          toEdit({
            ...shape,
            outline: colour === '' ? null : { widthMm: 6, sides: 'both', ...outline, colour },
          })
        }
      />
      {outline && (
        <EditText
          label="Outline width, mm"
          type="number"
          value={String(outline.widthMm)}
          toEdit={(text) => toEdit({ ...shape, outline: { ...outline, widthMm: Number(text) } })}
        />
      )}
      {outline && (
        <EditChoice
          label="Outline on"
          value={outline.sides}
          choices={choices(outlineSides)}
          toEdit={(text) =>
            toEdit({
              ...shape,
              outline: { ...outline, sides: outlineSides.find((one) => one === text) ?? 'both' },
            })
          }
        />
      )}
    </>
  );
}

function StripesFields({ shape, toEdit }: { shape: StripesShape; toEdit(shape: StripesShape): Edit }) {
  return (
    <>
      <EditText
        label="Widths, mm, upwards"
        value={listText(shape.widthsMm)}
        check={listFault}
        toEdit={(text) => toEdit({ ...shape, widthsMm: listOf(text) ?? shape.widthsMm })}
      />
      <EditText
        label="Gaps between, mm"
        value={listText(shape.gapsMm)}
        check={listFault}
        toEdit={(text) => toEdit({ ...shape, gapsMm: listOf(text) ?? shape.gapsMm })}
      />
    </>
  );
}

function BoxFields({ shape, toEdit }: { shape: BoxShape; toEdit(shape: BoxShape): Edit }) {
  const figure = (label: string, key: 'atMm' | 'lengthMm' | 'heightMm') => (
    <EditText
      label={label}
      type="number"
      value={String(shape[key])}
      toEdit={(text) => toEdit({ ...shape, [key]: Number(text) })}
    />
  );
  return (
    <>
      {figure('From the front, mm', 'atMm')}
      {figure('Length, mm', 'lengthMm')}
      {figure('Letter height, mm', 'heightMm')}
      <EditText
        label="Letters, empty for a plain box"
        value={shape.letters}
        toEdit={(letters) => toEdit({ ...shape, letters })}
      />
    </>
  );
}
