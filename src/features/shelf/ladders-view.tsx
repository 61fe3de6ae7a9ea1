'use client';

import { gritSteps, type Ladder } from '@/core/film';
import { Table } from '@/ui/layout';

export interface LadderShown {
  ladder: Ladder;
  isStandard: boolean;
  /** Person-minutes per m² of all its grits and pads, by the shop's figures. */
  minPerM2: number;
  /** Version of the shop's own row; null where the trade's stands. */
  seen: number | null;
}

const stepText = (grit: Ladder['steps'][number]['grit']) => (typeof grit === 'number' ? String(grit) : grit);

/** Ladders of colour sanding and polishing: their steps, what they take, their minutes, and steps that are too long. */
export function LaddersView({
  ladders,
  picked,
  onPick,
}: {
  ladders: readonly LadderShown[];
  picked: string | null;
  onPick(key: string): void;
}) {
  return (
    <Table
      caption="Ladders of colour sanding"
      head={[
        'Ladder',
        'Steps',
        { text: 'Takes', right: true },
        { text: 'min/m²', right: true },
        'Long steps',
        '',
      ]}
    >
      {ladders.map(({ ladder, isStandard, minPerM2, seen }) => {
        const grits = ladder.steps.flatMap(({ grit }) => (typeof grit === 'number' ? [grit] : []));
        const long = gritSteps(grits, ladder.hand ? 'block' : 'machine').filter(
          (step) => step.verdict !== 'fair',
        );
        return (
          <tr
            key={ladder.key}
            className={`border-b border-line align-top ${ladder.key === picked ? 'bg-raised' : ''}`}
          >
            <td className="max-w-72 py-1 pr-3">
              <button
                type="button"
                className="text-left font-semibold underline underline-offset-2"
                onClick={() => onPick(ladder.key)}
              >
                {ladder.name}
              </button>
              <span className="block text-small text-quiet">{ladder.why}</span>
            </td>
            <td className="py-1 pr-3">
              {ladder.hand ? 'by hand: ' : 'by machine: '}
              {ladder.steps.map(({ grit }) => stepText(grit)).join(', ') || 'nothing'}
            </td>
            <td className="py-1 pr-3 text-right whitespace-nowrap tabular-nums">
              {ladder.steps.reduce((sum, step) => sum + step.removalUm, 0).toFixed(1)} µm
            </td>
            <td className="py-1 pr-3 text-right tabular-nums">{minPerM2}</td>
            <td className="py-1 pr-3">
              {long.length === 0 ? '–' : long.map((step) => `${step.from}→${step.to}`).join(', ')}
            </td>
            <td className="py-1 text-quiet">{isStandard ? (seen === null ? '' : 'changed') : 'own'}</td>
          </tr>
        );
      })}
    </Table>
  );
}
