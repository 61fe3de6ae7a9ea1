import { refitWaits } from '@/core/record';
import { Table } from '@/ui/layout';
import { ChoiceCell, FigureCell, type ItemRow } from '../frame/item-cells';
import { refitStates } from '../words/refit-words';
import type { StripDownProps } from './strip-down-props';

type Fitting = StripDownProps['fittings'][number];

/** What comes off goes back in this order, each piece when its place has reached what it waits for. */
export function RefitList({
  job,
  fittings,
  isOff,
}: {
  job: string;
  fittings: readonly Fitting[];
  isOff(one: Fitting): boolean;
}) {
  const off = fittings
    .filter((one) => isOff(one) && one.state !== 'refitted')
    .sort((a, b) => a.refitOrder - b.refitOrder);
  if (off.length === 0) return null;
  return (
    <section aria-label="Refit" className="pt-6">
      <h2 className="font-semibold">Refit, in its order</h2>
      <p className="max-w-prose pb-1 text-quiet">
        Before 100 a piece goes back ahead of all the others, the body onto its chassis say; after 100 when
        the bay is free again. A piece with a place of its own, more people or more to wait for is a step in
        Steps.
      </p>
      <Table caption="Refit" head={['Order', 'Piece', 'On', 'Goes on when its place', 'People', 'Minutes']}>
        {off.map((one) => {
          const row: ItemRow<'fittings'> = {
            job,
            list: 'fittings',
            id: one.id,
            seen: one.seen,
            name: one.name,
          };
          return (
            <tr key={one.id} className="border-b border-line">
              <FigureCell row={row} field="refitOrder" label="Order of refit" value={one.refitOrder} />
              <td className="py-1 pr-3 font-semibold">{one.name}</td>
              <td className="py-1 pr-3">{one.part}</td>
              <ChoiceCell
                row={row}
                field="waitsFor"
                label="Goes on when"
                value={one.waitsFor}
                choices={refitWaits}
                names={refitStates}
                width="w-64"
              />
              <FigureCell row={row} field="hands" label="People to refit" value={one.hands} />
              <td className="py-1 pr-3 tabular-nums">{one.refitMin}</td>
            </tr>
          );
        })}
      </Table>
    </section>
  );
}
