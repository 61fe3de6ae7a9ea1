'use client';

import { harms, openingMethods } from '@/core/record';
import { Table } from '@/ui/layout';
import { AddItem } from '../frame/add-item';
import { ChoiceCell, FigureCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';
import type { StripDownProps } from './strip-down-props';

const heading = 'pt-4 font-semibold';

/** Where the paint ends and what it must not reach: openings with soft edges, blend lines, things to cover. */
export function EdgesTables(props: StripDownProps) {
  return (
    <>
      <Openings {...props} />
      <Blends {...props} />
      <Covers {...props} />
    </>
  );
}

function Openings({ job, openings, panels }: StripDownProps) {
  return (
    <section aria-label="Openings">
      <h2 className="font-semibold">Openings</h2>
      <p className="text-quiet">
        Each is masked again in every pass: foam 2 min and 2 a metre, back-taped 3 and 6, wrapped 8 and 2.
      </p>
      <AddItem
        label="Add an opening"
        panels={panels}
        toEdit={(what, part) => ({
          kind: 'add-item',
          job,
          list: 'openings',
          item: { part, what, lengthM: 3, method: 'foam', barrier: '', exit: '' },
        })}
      />
      {openings.length > 0 && (
        <Table
          caption="Openings"
          head={['Panel', 'Opening', 'Edge, m', 'Soft by', 'Line lies at', 'Overspray leaves', '']}
        >
          {openings.map((one) => {
            const row: ItemRow<'openings'> = {
              job,
              list: 'openings',
              id: one.id,
              seen: one.seen,
              name: one.what || one.part,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <td className="py-1 pr-2">{one.part}</td>
                <TextCell row={row} field="what" label="Opening" value={one.what} width="w-40" />
                <FigureCell row={row} field="lengthM" label="Edge in metres" value={one.lengthM} />
                <ChoiceCell
                  row={row}
                  field="method"
                  label="Soft by"
                  value={one.method}
                  choices={openingMethods}
                  width="w-40"
                />
                <TextCell row={row} field="barrier" label="Line" value={one.barrier} width="w-48" />
                <TextCell row={row} field="exit" label="Way out" value={one.exit} width="w-48" />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}

function Blends({ job, blends, panels }: StripDownProps) {
  return (
    <section aria-label="Blend lines">
      <h2 className={heading}>Blend lines</h2>
      <AddItem
        label="Add a blend line"
        panels={panels}
        toEdit={(line, part) => ({
          kind: 'add-item',
          job,
          list: 'blends',
          item: { part, line, material: '', widthMm: 150, timing: 'clear' },
        })}
      />
      {blends.length > 0 && (
        <Table caption="Blend lines" head={['Panel', 'Ends at', 'Over, mm', 'With', 'In the last', '']}>
          {blends.map((one) => {
            const row: ItemRow<'blends'> = {
              job,
              list: 'blends',
              id: one.id,
              seen: one.seen,
              name: one.line || one.part,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <td className="py-1 pr-2">{one.part}</td>
                <TextCell row={row} field="line" label="Line" value={one.line} width="w-56" />
                <FigureCell row={row} field="widthMm" label="Width" value={one.widthMm} />
                <TextCell row={row} field="material" label="Material" value={one.material} width="w-48" />
                <ChoiceCell
                  row={row}
                  field="timing"
                  label="In the last"
                  value={one.timing}
                  choices={['colour', 'clear']}
                />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}

function Covers({ job, covers }: StripDownProps) {
  return (
    <section aria-label="To cover">
      <h2 className={heading}>To cover</h2>
      <p className="text-quiet">
        Soft tops, plastic glass, boots, engines, tyres, seats, panels that keep their paint: each stands with
        the steps that would harm it.
      </p>
      <AddItem
        label="Add a cover"
        panels={[]}
        place="Job"
        toEdit={(what) => ({
          kind: 'add-item',
          job,
          list: 'covers',
          item: { what: what || 'cover', harm: 'overspray', cover: '' },
        })}
      />
      {covers.length > 0 && (
        <Table caption="To cover" head={['What', 'Against', 'With', '']}>
          {covers.map((one) => {
            const row: ItemRow<'covers'> = {
              job,
              list: 'covers',
              id: one.id,
              seen: one.seen,
              name: one.what,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <TextCell row={row} field="what" label="What" value={one.what} width="w-56" />
                <ChoiceCell row={row} field="harm" label="Against" value={one.harm} choices={harms} />
                <TextCell row={row} field="cover" label="With" value={one.cover} width="w-56" />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}
