'use client';

import type { CoatSystem, SystemLayer } from '@/core/film';
import { Table } from '@/ui/layout';

export interface SystemShown {
  system: CoatSystem;
  isStandard: boolean;
  /** Version of the shop's own row; null where the trade's stands. */
  seen: number | null;
}

/** Coats of a layer in words. */
export function coatsText({ coats }: SystemLayer): string {
  switch (coats.rule) {
    case 'fixed':
      return `${coats.count} ×`;
    case 'per-round':
      return `${coats.count} × a round`;
    case 'budget':
      return 'by the clear budget';
    case 'level':
      return `${Object.values(coats.byLevel).join('/')} × by level`;
  }
}

/** Coat systems with their layers from the metal up; the trade's, changed ones and the shop's own. */
export function SystemsView({
  systems,
  picked,
  onPick,
  productName,
}: {
  systems: readonly SystemShown[];
  picked: string | null;
  onPick(key: string): void;
  productName(code: string): string;
}) {
  return (
    <Table
      caption="Coat systems"
      head={['System', 'Route', 'Layers, bottom up', { text: 'Forgives', right: true }, '']}
    >
      {systems.map(({ system, isStandard, seen }) => (
        <tr
          key={system.key}
          className={`border-b border-line align-top ${system.key === picked ? 'bg-raised' : ''}`}
        >
          <td className="max-w-64 py-1 pr-3">
            <button
              type="button"
              className="text-left font-semibold underline underline-offset-2"
              onClick={() => onPick(system.key)}
            >
              {system.name}
            </button>
            <span className="block text-small text-quiet">{system.why}</span>
          </td>
          <td className="py-1 pr-3">{system.route}</td>
          <td className="py-1 pr-3">
            {system.layers.map((layer, i) => (
              <span key={`${i} ${layer.role}`} className="block">
                {layer.role}: {coatsText(layer)} {productName(layer.product)}
              </span>
            ))}
          </td>
          <td className="py-1 pr-3 text-right tabular-nums">{system.forgiveness}</td>
          <td className="py-1 text-quiet">{isStandard ? (seen === null ? '' : 'changed') : 'own'}</td>
        </tr>
      ))}
    </Table>
  );
}
