'use client';

import { useState } from 'react';
import { figureEntry, figureKeys, type TypedFigure } from '@/core/figures';
import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { FileReader } from '../frame/file-reader';
import { useSaving } from '../frame/saving';
import { counted } from '../words/counted';
import { FigureRow } from './figure-row';
import { isAt, type FigurePlaceShown, type FiguresProps } from './figure-place';
import { useOpen } from '../frame/who';

/** Every figure that plans reckon with: the trade's, and the shop's or the job's own in its place. */
export function FiguresView(props: FiguresProps) {
  const { job, places, typed } = props;
  const [at, setAt] = useState(0);
  const [isTypedOnly, setTypedOnly] = useState(false);
  const place = places[at] ?? places[0]!;
  const shown = figureKeys.filter(
    (key) =>
      figureEntry(key).scopes.includes(place.scope) &&
      (!isTypedOnly || typed.some((one) => isAt(one, key, place))),
  );
  const groups = [...new Set(shown.map((key) => figureEntry(key).group))];
  const path = job === null ? '/api/figures' : `/api/jobs/${encodeURIComponent(job)}/figures`;
  return (
    <section aria-label="Figures">
      <div className="flex flex-wrap items-baseline gap-3 pb-2">
        <label className="flex items-baseline gap-1">
          Figures of
          <select className="w-64" value={at} onChange={(event) => setAt(Number(event.target.value))}>
            {places.map((one, i) => (
              <option key={`${one.scope} ${one.of}`} value={i}>
                {one.name}
                {countAt(typed, one)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-baseline gap-1">
          <input
            type="checkbox"
            checked={isTypedOnly}
            onChange={(event) => setTypedOnly(event.target.checked)}
          />
          only what is typed
        </label>
        <span className="text-quiet">{counted(typed.length, 'figure')} typed here</span>
        <a className="ml-auto underline" href={path} download>
          CSV
        </a>
      </div>
      <Dangling {...props} />
      {shown.length === 0 ? (
        <Empty>Nothing is typed for {place.name}: the trade’s figures hold.</Empty>
      ) : (
        <Table
          caption={`Figures of ${place.name}`}
          head={[
            'Figure',
            { text: 'Holds', right: true, width: '7.5rem' },
            { text: 'Typed', width: '10rem' },
          ]}
        >
          {groups.map((group) => (
            <Group key={group} name={group}>
              {shown
                .filter((key) => figureEntry(key).group === group)
                .map((key) => (
                  <FigureRow key={key} figure={key} place={place} props={props} toEdit={toEditOf(props)} />
                ))}
            </Group>
          ))}
        </Table>
      )}
      <div className="no-print max-w-md pt-4">
        <FileReader
          deed={props.job === null ? 'shop' : 'job'}
          label="Read figures from a CSV file: what it names is taken, an empty value goes back to the trade’s"
          accept=".csv,text/csv"
          mostMb={1}
          path={path}
          toBody={(text) => ({ text })}
          saved="Figures read"
        />
      </div>
    </section>
  );
}

function Group({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <tr>
        <th
          colSpan={3}
          scope="rowgroup"
          className="border-b border-line pt-2 text-left text-small text-quiet"
        >
          {name}
        </th>
      </tr>
      {children}
    </>
  );
}

const countAt = (typed: readonly TypedFigure[], { scope, of }: FigurePlaceShown): string => {
  const own = typed.filter((one) => one.scope === scope && one.of === of).length;
  return own === 0 ? '' : `, ${own} typed`;
};

/** The edit that leaves these figures typed. */
const toEditOf =
  ({ job, seen }: FiguresProps) =>
  (figures: TypedFigure[]): Edit =>
    job === null ? { kind: 'shop', seen, set: { figures } } : { kind: 'job', job, seen, set: { figures } };

/** Figures of a product, section or panel that is not there any more: they hold nowhere. */
function Dangling(props: FiguresProps) {
  const { typed, places } = props;
  const { save } = useSaving();
  const live = useOpen(props.job === null ? 'shop' : 'job');
  const isThere = (one: TypedFigure) =>
    places.some((place) => place.scope === one.scope && place.of === one.of);
  const lost = typed.filter((one) => !isThere(one));
  if (lost.length === 0) return null;
  return (
    <p className="pb-2 text-caution">
      {counted(lost.length, 'figure')} typed for what is not there any more (
      {[...new Set(lost.map((one) => `${one.scope} ${one.of}`))].join(', ')}): they hold nowhere.{' '}
      <Button disabled={!live} onClick={() => void save(toEditOf(props)(typed.filter(isThere)))}>
        Remove
      </Button>
    </p>
  );
}
