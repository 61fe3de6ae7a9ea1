'use client';

import { useState } from 'react';
import { looksOf } from '@/core/plan';
import { surfaceStates } from '@/core/record';
import { Table } from '@/ui/layout';
import { useDay } from '../frame/day';
import { day } from '../words/format';
import type { PartShown, StepsRoomProps } from './steps-props';

const stages = [
  ['strip', 'Strip'],
  ['metal', 'Metal'],
  ['epoxy', 'Epoxy'],
  ['filler', 'Filler'],
  ['build', 'Build'],
  ['colour', 'Colour'],
  ['clear', 'Clear'],
  ['finish', 'Finish'],
  ['refit', 'Refit'],
] as const;

const looks: Record<string, string> = {
  old: 'old finish',
  bare: 'bare',
  epoxy: 'epoxied',
  filler: 'filled',
  'high-build': 'primed',
  'guide-coat': 'guide-coated',
  masked: 'masked',
  sealer: 'sealed',
  colour: 'coloured',
  clear: 'cleared',
  sanded: 'sanded',
  polished: 'polished',
};

/** One line a panel: its state on the day shown, the stages behind it and ahead of it with their days, what comes next. */
export function StateBoard({ steps, covers, parts, locale }: StepsRoomProps) {
  const { at } = useDay();
  const [only, setOnly] = useState('');
  const lots = [...new Set(parts.map((part) => part.section))];
  const fields = parts.flatMap((part) => part.fields.map((field) => field.area));
  const states = surfaceStates(looksOf({ steps, covers }).steps, [...lots, ...new Set(fields)], at, covers);
  /** What the fields of a panel look like where they look otherwise than it does. */
  const apart = (part: PartShown) =>
    part.fields.flatMap(({ area, colour }) => {
      const state = states.get(area) ?? 'old';
      return state === states.get(part.section) ? [] : [`${colour} ${looks[state] ?? state}`];
    });
  const byLot = new Map(
    lots.map((lot) => [lot, steps.filter((step) => step.sections.includes(lot) && step.minutes > 0)]),
  );
  const shown = parts.filter((part) => only === '' || states.get(part.section) === only);
  const cell = (lot: string, phase: string) => {
    const own = byLot.get(lot)!.filter((step) => step.phase === phase);
    if (own.length === 0) return null;
    const end = Math.max(...own.map((step) => step.end));
    const start = Math.min(...own.map((step) => step.start));
    return { end, mark: end <= at ? '■' : start <= at ? '◧' : '□' };
  };
  return (
    <>
      <label className="flex items-center gap-2 pb-2">
        Only what is
        <select value={only} onChange={(event) => setOnly(event.target.value)}>
          <option value="">in any state</option>
          {[...new Set(states.values())].map((state) => (
            <option key={state} value={state}>
              {looks[state] ?? state}
            </option>
          ))}
        </select>
        <span className="text-quiet">
          {shown.length} panels on {day(at, locale)}; ■ done, ◧ begun, □ ahead, with the day it ends
        </span>
      </label>
      <Table
        caption="State of every panel"
        head={['Panel', 'State', 'Next', ...stages.map(([, name]) => name)]}
      >
        {shown.map((part) => {
          const next = byLot.get(part.section)!.find((step) => step.start > at && step.kind !== 'passive');
          const state = states.get(part.section) ?? 'old';
          return (
            <tr key={part.key} className="border-b border-line">
              <td className="py-[2px] pr-2 font-semibold whitespace-nowrap" title={part.name}>
                {part.key}
                <span className="sr-only"> {part.name}</span>
              </td>
              <td className="pr-2 whitespace-nowrap">{[looks[state] ?? state, ...apart(part)].join(', ')}</td>
              <td className="max-w-36 truncate pr-2 text-small" title={next?.name}>
                {next ? `${day(next.start, locale).slice(4)} ${next.name}` : 'nothing'}
              </td>
              {stages.map(([phase]) => {
                const one = cell(part.section, phase);
                return (
                  <td key={phase} className="pr-2 text-small whitespace-nowrap tabular-nums">
                    {one && `${one.mark} ${day(one.end, locale).slice(4)}`}
                  </td>
                );
              })}
            </tr>
          );
        })}
      </Table>
    </>
  );
}
