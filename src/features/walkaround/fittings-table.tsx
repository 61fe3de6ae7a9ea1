'use client';

import { blankFitting, fittingChoices, fittingNeeds, fittingStates } from '@/core/record';
import { fittingAdvice, type FittingAdvice } from '@/core/steps';
import { Empty, Table } from '@/ui/layout';
import { AddItem } from '../frame/add-item';
import { ChoiceCell, DayCell, FigureCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';
import { RefitList } from './refit-list';
import type { StripDownProps } from './strip-down-props';

/** Every fitting in the way: off and on against masking in each pass, its bag, its bench work, when it is back. */
export function FittingsTable({ job, fittings, panels, passes }: StripDownProps) {
  const sectionOf = new Map(panels.map((panel) => [panel.key, panel.section]));
  const first = panels[0]?.key ?? '';
  const adviceOf = (one: StripDownProps['fittings'][number]) =>
    fittingAdvice(one, passes[sectionOf.get(one.part) ?? ''] ?? 0);
  return (
    <>
      <AddItem
        label="Add a fitting"
        panels={panels}
        toEdit={(name, part) => ({
          kind: 'add-item',
          job,
          list: 'fittings',
          item: {
            ...blankFitting,
            name: name || 'fitting',
            part: part || first,
            tag: String(fittings.length + 1),
          },
        })}
      />
      {fittings.length === 0 ? (
        <Empty>
          No fitting is listed. Lamps, handles, seals, emblems, hinges: each is taken off or masked.
        </Empty>
      ) : (
        <Table
          caption="Fittings"
          head={[
            'Tag',
            'Fitting',
            'On',
            'Off',
            'Refit',
            'Mask once',
            'Decision',
            '',
            'Condition',
            'Held by',
            'Needs',
            'Bench',
            'Back on',
            'Now',
            '',
          ]}
        >
          {fittings.map((one) => {
            const row: ItemRow<'fittings'> = {
              job,
              list: 'fittings',
              id: one.id,
              seen: one.seen,
              name: one.name,
            };
            return <FittingRow key={one.id} one={one} row={row} advice={adviceOf(one)} />;
          })}
        </Table>
      )}
      <RefitList job={job} fittings={fittings} isOff={(one) => adviceOf(one).remove} />
    </>
  );
}

/** One fitting: off or masked, who keeps it, when it is back. */
function FittingRow({
  one,
  row,
  advice,
}: {
  one: StripDownProps['fittings'][number];
  row: ItemRow<'fittings'>;
  advice: FittingAdvice;
}) {
  return (
    <tr className="border-b border-line">
      <TextCell row={row} field="tag" label="Tag" value={one.tag} width="w-10" />
      <TextCell row={row} field="name" label="Name" value={one.name} width="w-32" />
      <td className="py-1 pr-2">{one.part}</td>
      <FigureCell row={row} field="removeMin" label="Minutes off" value={one.removeMin} />
      <FigureCell row={row} field="refitMin" label="Minutes to refit" value={one.refitMin} />
      <FigureCell row={row} field="maskMin" label="Minutes to mask" value={one.maskMin} />
      <ChoiceCell
        row={row}
        field="choice"
        label="Decision"
        value={one.choice}
        choices={fittingChoices}
        width="w-24"
      />
      <td className="py-1 pr-2 text-small whitespace-nowrap">
        <span className="font-semibold">{advice.remove ? 'take off' : 'mask'}</span>
        <span className="block text-quiet">
          {advice.removeMin} v. {one.maskMin} × {advice.passes} min
        </span>
      </td>
      <TextCell row={row} field="condition" label="Condition" value={one.condition} width="w-20" />
      <TextCell row={row} field="fasteners" label="Held by" value={one.fasteners} width="w-24" />
      <ChoiceCell
        row={row}
        field="needs"
        label="Needs"
        value={one.needs}
        choices={fittingNeeds}
        width="w-24"
      />
      <FigureCell row={row} field="benchMin" label="Bench minutes" value={one.benchMin} />
      <DayCell row={row} field="readyOn" label="Back on" value={one.readyOn} />
      <ChoiceCell
        row={row}
        field="state"
        label="State"
        value={one.state}
        choices={fittingStates}
        width="w-24"
      />
      <RemoveCell row={row} />
    </tr>
  );
}
