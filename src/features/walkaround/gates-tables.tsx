'use client';

import { gateKinds, gateStages, holeActions } from '@/core/record';
import { Fact } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { Table } from '@/ui/layout';
import { hours } from '../words/format';
import { AddItem } from '../frame/add-item';
import {
  ChoiceCell,
  DayCell,
  FigureCell,
  RemoveCell,
  TextCell,
  TickCell,
  type ItemRow,
} from '../frame/item-cells';
import { GatePhotos } from './gate-photos';
import type { StripDownProps } from './strip-down-props';

const heading = 'pt-4 font-semibold';

/** What must be so or be decided before a stretch of work, the holes with their places, and what was found with the hours it takes. */
export function GatesTables(props: StripDownProps) {
  return (
    <>
      <Gates {...props} />
      <Holes {...props} />
      <Finds {...props} />
    </>
  );
}

function Gates({ job, gates, sections }: StripDownProps) {
  const open = gates.filter((gate) => !gate.done).length;
  const sectionName = new Map(sections.map((section) => [section.key, section.name]));
  return (
    <section aria-label="Gates and open decisions">
      <h2 className="font-semibold">Gates and open decisions</h2>
      {open > 0 && (
        <Notice grade="stop">
          {open} open: what each holds is planned and not booked before it is ticked
        </Notice>
      )}
      <AddItem
        label="Add a gate"
        panels={sections}
        place="Section"
        toEdit={(what, section) => ({
          kind: 'add-item',
          job,
          list: 'gates',
          item: {
            section,
            kind: 'dry-fit',
            what,
            gapMm: null,
            flushMm: null,
            attempts: 0,
            done: false,
            doneOn: null,
            holds: 'prime',
          },
        })}
      />
      {gates.length > 0 && (
        <Table
          caption="Gates"
          head={[
            'Section',
            'Gate',
            'What',
            'Holds',
            'Gap, mm',
            'Flush, mm',
            'Tries',
            'Done',
            'On',
            'Photos',
            '',
          ]}
        >
          {gates.map((one) => {
            const row: ItemRow<'gates'> = {
              job,
              list: 'gates',
              id: one.id,
              seen: one.seen,
              name: one.what || one.kind,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <td className="py-1 pr-2">{sectionName.get(one.section) ?? one.section}</td>
                <ChoiceCell row={row} field="kind" label="Kind" value={one.kind} choices={gateKinds} />
                <TextCell row={row} field="what" label="What" value={one.what} width="w-44" />
                <ChoiceCell row={row} field="holds" label="Holds" value={one.holds} choices={gateStages} />
                <FigureCell row={row} field="gapMm" label="Gap" value={one.gapMm} none />
                <FigureCell row={row} field="flushMm" label="Flush" value={one.flushMm} none />
                <FigureCell row={row} field="attempts" label="Tries" value={one.attempts} />
                <TickCell row={row} field="done" label="Done" value={one.done} />
                <DayCell row={row} field="doneOn" label="Day" value={one.doneOn} />
                <td className="w-48 py-1 pr-2">
                  <GatePhotos job={job} gate={one.id} name={one.what || one.kind} />
                </td>
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}

function Holes({ job, holes, panels }: StripDownProps) {
  return (
    <section aria-label="Holes">
      <h2 className={heading}>Holes</h2>
      <AddItem
        label="Add a hole"
        panels={panels}
        toEdit={(note, part) => ({
          kind: 'add-item',
          job,
          list: 'holes',
          item: {
            part,
            diameterMm: 6,
            fromLeftMm: 0,
            fromTopMm: 0,
            action: 'fill',
            sealant: '',
            done: false,
            note,
          },
        })}
      />
      {holes.length > 0 && (
        <Table
          caption="Holes"
          head={[
            'Panel',
            'Diameter, mm',
            'From left, mm',
            'From top, mm',
            'To',
            'Sealant',
            'Done',
            'Note',
            '',
          ]}
        >
          {holes.map((one, i) => {
            const row: ItemRow<'holes'> = {
              job,
              list: 'holes',
              id: one.id,
              seen: one.seen,
              name: `hole ${i + 1} in ${one.part}`,
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <td className="py-1 pr-2">{one.part}</td>
                <FigureCell row={row} field="diameterMm" label="Diameter" value={one.diameterMm} />
                <FigureCell row={row} field="fromLeftMm" label="From left" value={one.fromLeftMm} />
                <FigureCell row={row} field="fromTopMm" label="From top" value={one.fromTopMm} />
                <ChoiceCell
                  row={row}
                  field="action"
                  label="What to do"
                  value={one.action}
                  choices={holeActions}
                />
                <TextCell row={row} field="sealant" label="Sealant" value={one.sealant} />
                <TickCell row={row} field="done" label="Done" value={one.done} />
                <TextCell row={row} field="note" label="Note" value={one.note} width="w-48" />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}

function Finds({ job, finds, panels, allowance, today }: StripDownProps) {
  return (
    <section aria-label="Found after stripping">
      <h2 className={heading}>Found after stripping</h2>
      {allowance && allowance.share > 0 ? (
        <div className="max-w-80">
          <Fact label={`Held, ${Math.round(allowance.share * 100)} % of strip, metal and filler`}>
            {hours(allowance.heldMin)} h
          </Fact>
          <Fact label="Found so far">{hours(allowance.foundMin)} h</Fact>
          <Fact label="Left">{hours(allowance.leftMin)} h</Fact>
          {allowance.foundMin > allowance.heldMin && (
            <Notice grade="stop">more was found than was held: tell the owner before going on</Notice>
          )}
        </div>
      ) : (
        <p className="text-quiet">
          No allowance is held: type the year it was built in the description of the job.
          {allowance && ` Found so far: ${hours(allowance.foundMin)} h.`}
        </p>
      )}
      <AddItem
        label="Add a find"
        panels={panels}
        toEdit={(what, part) => ({
          kind: 'add-item',
          job,
          list: 'finds',
          item: { part, hours: 1, what, onDate: today },
        })}
      />
      {finds.length > 0 && (
        <Table caption="Finds" head={['Day', 'Panel', 'What', 'Hours', '']}>
          {finds.map((one) => {
            const row: ItemRow<'finds'> = {
              job,
              list: 'finds',
              id: one.id,
              seen: one.seen,
              name: one.what || 'find',
            };
            return (
              <tr key={one.id} className="border-b border-line">
                <DayCell row={row} field="onDate" label="Day" value={one.onDate} />
                <td className="py-1 pr-2">{one.part}</td>
                <TextCell row={row} field="what" label="What" value={one.what} width="w-72" />
                <FigureCell row={row} field="hours" label="Hours" value={one.hours} />
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}
