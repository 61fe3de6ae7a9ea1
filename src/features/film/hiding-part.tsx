import type { GroundAdvice } from '@/core/film';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { counted } from '../words/counted';

/** What shows through a colour: coats to hide each ground, the sealer that asks least, coats more over another colour. */
export function HidingPart({ ground }: { ground: GroundAdvice }) {
  const { covers, rows, best, planned, matchDeltaE, steps } = ground;
  if (covers === 'never')
    return (
      <Part title="Hiding and ground">
        <p>
          Never hides: the ground makes the colour. Every coat deepens it; cross-coat, and spray a card first.
        </p>
      </Part>
    );
  const shows = rows[0] && !rows[0].hidden ? rows[0] : null;
  return (
    <Part title="Hiding and ground">
      {shows ? (
        <Notice grade="caution">
          {shows.name} shows through {planned} coats (ΔE {shows.leftAfter.toFixed(1)})
        </Notice>
      ) : (
        rows[0] && <Notice grade="released">{planned} coats hide what is under them</Notice>
      )}
      {rows.map((row) => (
        <Fact key={row.name} label={`Over ${row.name}`}>
          {row.coats === null ? 'not in 12 coats' : counted(row.coats, 'coat')}
          {row.extra !== null && row.extra > 0 && `, ${row.extra} more there`}
        </Fact>
      ))}
      <Fact label="Sealer that asks least">
        grey L* {best.l}
        {best.coats !== null && `, ${counted(best.coats, 'coat')}`}
      </Fact>
      {steps.length > 0 && (
        <table className="mt-1 w-full text-small tabular-nums">
          <caption className="text-left text-quiet">What still shows after each coat, ΔE00</caption>
          <thead>
            <tr className="border-b border-line text-right text-quiet">
              {steps.slice(0, 6).map((_, i) => (
                <th key={i} scope="col" className="font-normal">
                  {i + 1}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr className="text-right">
              {steps.slice(0, 6).map((value, i) => (
                <td key={i} className={i + 1 < (rows[0]?.coats ?? Infinity) ? 'font-semibold' : ''}>
                  {value.toFixed(1)}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      )}
      <p className="pt-1 text-small text-quiet">
        {matchDeltaE === null
          ? 'By effective constants, for hiding only.'
          : `From the screen colour with invented toners (match ΔE ${matchDeltaE.toFixed(1)}).`}{' '}
        Hidden below ΔE 1. A sprayed card decides.
      </p>
    </Part>
  );
}
