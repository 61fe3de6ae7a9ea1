import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { amount } from '../words/format';
import type { BoothProps } from './booth-props';

/** Batch against panel, colour by colour: whether the last coats came out of one mix, and what to box for the rest. */
export function BatchTable({ colours }: Pick<BoothProps, 'colours'>) {
  if (colours.length === 0)
    return (
      <Empty>No colour is on yet. Once coats are tapped, each panel shows the batch it came from.</Empty>
    );
  return (
    <>
      {colours.map((lot) => (
        <section key={`${lot.product} ${lot.colour}`} className="pb-4">
          <h2 className="font-semibold">
            {lot.colour}, {lot.productName}
          </h2>
          {lot.batches.length > 1 ? (
            <Notice grade="caution">
              the last coats came from {lot.batches.length} batches: {lot.batches.map(batchName).join(', ')};
              they may differ where panels meet
            </Notice>
          ) : (
            <Notice grade="released">one batch on every panel: {batchName(lot.batches[0] ?? '')}</Notice>
          )}
          {lot.box.together.length > 0 && (
            <Notice grade="caution">
              box {lot.box.together.join(' and ')} together before the last coats: neither holds all that is
              left
            </Notice>
          )}
          {lot.box.missingL > 0.01 && (
            <Notice grade="caution">
              {amount(lot.box.missingL, 'L')} more are needed than stand on the shelf with a batch on the tin
            </Notice>
          )}
          <Table caption={`Panels in ${lot.colour}`} head={['Batch', 'Panels']}>
            {lot.batches.map((batch) => (
              <tr key={batch} className="border-b border-line align-top">
                <td className="py-1 pr-3 whitespace-nowrap">{batchName(batch)}</td>
                <td className="py-1">
                  {lot.panels
                    .filter((one) => one.batch === batch)
                    .map((one) => `${one.part}${one.face === 'inside' ? ' inside' : ''}`)
                    .join(', ')}
                </td>
              </tr>
            ))}
          </Table>
        </section>
      ))}
    </>
  );
}

const batchName = (batch: string): string => batch || 'no batch written';
