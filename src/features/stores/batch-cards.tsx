'use client';

import { Printer } from 'lucide-react';
import { deference, cautions, type Caution } from '@/core/safety';
import type { BatchCard } from '@/core/stores';
import { Button } from '@/ui/button';
import { Room } from '@/ui/layout';
import { amount, clock, day, type Locale } from '../words/format';

/** Cards of one mix for the mixing room: measures in the order of addition, when it was mixed and when it dies. */
export function BatchCards({
  title,
  subject,
  cards,
  kit,
  gun,
  hazards,
  locale,
}: {
  title: string;
  subject: string;
  cards: readonly BatchCard[];
  kit: readonly string[];
  gun: string;
  hazards: readonly Caution[];
  locale: Locale;
}) {
  return (
    <Room
      title={title}
      aside={
        <Button className="no-print" onClick={() => window.print()}>
          <Printer size={14} aria-hidden="true" className="mr-1 inline" />
          Print
        </Button>
      }
    >
      <p className="pb-3 text-quiet">{subject}</p>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(340px,1fr))] gap-4 print:block">
        {cards.map((card) => (
          <section
            key={card.batch}
            aria-label={`Batch ${card.batch}`}
            className="break-inside-avoid border border-strong bg-raised p-4 print:mb-6"
          >
            <h2 className="text-title font-semibold">
              Batch {card.batch} of {card.of}: {amount(card.litres, 'L')}
            </h2>
            <Measures card={card} />
            <p>
              Stir, strain through 190 µm, {gun}; {Math.ceil(card.litres)} cups of 1 L.
            </p>
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 pt-2">
              <dt className="text-quiet">Mixed at, planned</dt>
              <dd className="text-right font-semibold">
                {day(card.mixedAt, locale)} {clock(card.mixedAt, locale)}
              </dd>
              {card.usableFrom > card.mixedAt && (
                <>
                  <dt className="text-quiet">Not before</dt>
                  <dd className="text-right font-semibold">{clock(card.usableFrom, locale)}</dd>
                </>
              )}
              <dt className="text-quiet">Dead at</dt>
              <dd className="text-right font-semibold">
                {card.deadAt === null ? 'keeps in the closed tin' : clock(card.deadAt, locale)}
              </dd>
              <dt className="text-quiet">Mixed by, at, batch on the tin</dt>
              <dd className="border-b border-line">&nbsp;</dd>
            </dl>
          </section>
        ))}
      </div>
      <div className="max-w-prose pt-4">
        {kit.length > 0 && <p className="font-semibold">For each person: {kit.join('; ')}.</p>}
        {hazards.map((code) => (
          <p key={code}>{cautions[code]}</p>
        ))}
        <p className="text-quiet">{deference}</p>
      </div>
    </Room>
  );
}

/** What is poured, in the order of addition. */
function Measures({ card }: { card: BatchCard }) {
  return (
    <table className="my-2 w-full tabular-nums">
      <thead>
        <tr className="border-b border-strong text-left">
          <th scope="col">In this order</th>
          <th scope="col" className="text-right">
            mL
          </th>
          <th scope="col" className="text-right">
            scale reads, g
          </th>
        </tr>
      </thead>
      <tbody>
        {card.lines.map((line, i) => (
          <tr key={i} className="border-b border-line text-lead">
            <td className="py-1">
              {i + 1}. {line.label}
            </td>
            <td className="text-right">{line.ml.toFixed(0)}</td>
            <td className="text-right">
              {line.cumulativeGrams === null ? 'measure it' : line.cumulativeGrams.toFixed(0)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
