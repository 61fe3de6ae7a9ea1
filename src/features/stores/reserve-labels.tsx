'use client';

import { Printer } from 'lucide-react';
import type { ReserveLabel } from '@/core/stores';
import { Button } from '@/ui/button';
import { Empty, Room } from '@/ui/layout';
import { amount, date } from '../words/format';

const kinds = { 'held-back': 'Held back, unmixed', 'touch-up': 'Touch-up' };

/** Labels for the tins that are kept: what it is, of which batch, from when, until when, and what is not in it yet. */
export function ReserveLabels({
  job,
  vehicle,
  labels,
}: {
  job: string;
  vehicle: string;
  labels: readonly ReserveLabel[];
}) {
  return (
    <Room
      title="Labels of what is kept"
      aside={
        <Button className="no-print" onClick={() => window.print()}>
          <Printer size={14} aria-hidden="true" className="mr-1 inline" />
          Print
        </Button>
      }
    >
      {labels.length === 0 && <Empty>No colour is mixed in this job: nothing is kept of it.</Empty>}
      <div className="grid grid-cols-[repeat(auto-fill,minmax(340px,1fr))] gap-4 print:grid-cols-2">
        {labels.map((label) => (
          <section
            key={`${label.product}${label.colour}${label.kind}`}
            aria-label={`${kinds[label.kind]}, ${label.colour}`}
            className="break-inside-avoid border-2 border-ink bg-raised p-3"
          >
            <p className="flex items-baseline justify-between gap-3">
              <span className="text-title font-semibold">{label.colour}</span>
              <span className="text-title tabular-nums">{amount(label.litres, 'L')}</span>
            </p>
            <p className="font-semibold">{kinds[label.kind]}</p>
            <p>{label.name}</p>
            <p>
              {job} {vehicle}
            </p>
            <p>Batch {label.batches.join(', ') || '_______________'}</p>
            <p>
              Made {date(label.madeOn)} {label.madeOn.slice(0, 4)} ·{' '}
              {label.useBy === null
                ? 'no shelf life on the sheet'
                : `use by ${date(label.useBy)} ${label.useBy.slice(0, 4)}${label.by === 'tin' ? ' (first tin)' : ' (sheet)'}`}
            </p>
            <p className="pt-1 text-small">
              {label.without.length > 0
                ? `Without ${label.without.join(' and ')}: activate only what is used. `
                : ''}
              {label.kind === 'held-back'
                ? 'For a correction: box and stir before any of it is used.'
                : 'For the owner’s touch-up: stir, strain, spray or dab a card first.'}{' '}
              An opened tin may not last that long.
            </p>
          </section>
        ))}
      </div>
    </Room>
  );
}
