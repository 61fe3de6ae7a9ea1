'use client';

import type { DryMass } from '@/core/readings/dry-mass';
import { typedFigure } from '@/core/units';
import { Notice } from '@/ui/notice';
import { Table } from '@/ui/layout';
import { EditText } from '../frame/edit-field';

export interface DryMassProps {
  job: string;
  mass: DryMass;
  /** Version of the survey of each panel; none where nobody has written anything of it. */
  seen: Record<string, number>;
  productNames: string[];
}

const kg = (value: number | null): string => (value === null ? 'not known' : value.toFixed(3));
const kgM = (value: number | null): string => (value === null ? '–' : value.toFixed(2));

/** Film laid and taken off an aircraft by panel, with its moments: a table for the licensed engineer. */
export function DryMassTable({ job, mass, seen, productNames }: DryMassProps) {
  const net = mass.laidKg - mass.removedKg;
  return (
    <section aria-label="Dry mass" className="pt-6">
      <h2 className="font-semibold">Dry mass and moments</h2>
      <p className="max-w-prose pb-1 text-quiet">
        For the licensed engineer. Film by sheet and readings, not a weighing: the aircraft is weighed, and
        its weight and balance is revised by whoever is licensed to. Stations are those of its own datum.
      </p>
      {productNames.length > 0 && (
        <Notice grade="caution">
          No sheet gives the dry density of {productNames.join(', ')}: what they lay is in no sum. Enter it in
          Shelf.
        </Notice>
      )}
      <Table
        caption="Dry mass by panel"
        head={[
          'Panel',
          { text: 'Laid, kg', right: true },
          { text: 'Taken off, kg', right: true },
          { text: 'Station, m', right: true },
          { text: 'Moment, kg·m', right: true },
        ]}
      >
        {mass.panels.map((one) => (
          <tr key={one.part} className="border-b border-line">
            <td className="py-1 pr-3">
              <span className="font-semibold">{one.part}</span> <span className="text-quiet">{one.name}</span>
            </td>
            <td className="pr-3 text-right tabular-nums">{kg(one.laidKg)}</td>
            <td className="pr-3 text-right tabular-nums">{kg(one.removedKg)}</td>
            <td className="py-1 pr-3 text-right">
              <EditText
                label={`Station of ${one.part}, m`}
                quiet
                className="w-20 text-right"
                value={one.armM === null ? '' : String(one.armM)}
                check={(text) => stationFault(text)}
                toEdit={(text) => ({
                  kind: 'survey',
                  job,
                  parts: [{ part: one.part, seen: seen[one.part] ?? null }],
                  set: { armM: text.trim() === '' ? null : typedFigure(text) },
                })}
              />
            </td>
            <td className="text-right tabular-nums">{kgM(one.momentKgM)}</td>
          </tr>
        ))}
        <tr className="border-t border-strong font-semibold">
          <td className="py-1 pr-3">What is known, in all</td>
          <td className="pr-3 text-right tabular-nums">{kg(mass.laidKg)}</td>
          <td className="pr-3 text-right tabular-nums">{kg(mass.removedKg)}</td>
          <td className="pr-3 text-right">{`${net >= 0 ? '+' : '−'}${Math.abs(net).toFixed(3)} kg`}</td>
          <td className="text-right tabular-nums">{kgM(mass.momentKgM)}</td>
        </tr>
      </Table>
    </section>
  );
}

/** A station is a number of metres, before or behind the datum, or nothing. */
function stationFault(text: string): string | null {
  if (text.trim() === '') return null;
  const value = typedFigure(text);
  if (!Number.isFinite(value)) return 'a station is a number of metres';
  return Math.abs(value) > 60 ? 'a station lies within 60 m of the datum' : null;
}
