'use client';

import { Printer } from 'lucide-react';
import type { Shop } from '@/core/shop';
import { Button } from '@/ui/button';
import { Room } from '@/ui/layout';
import { date } from '../words/format';
import { QuoteDocument } from './quote-document';
import type { KeptOffer } from './quotes-props';

/** A quote on paper, with room for the signatures of both sides. */
export function QuotePage({
  kept: { offer, answer, answeredBy, answeredWhere, answeredOn },
  title,
  owner,
  shop,
}: {
  kept: KeptOffer;
  title: string;
  owner: string;
  shop: Pick<Shop, 'name' | 'timeZone'>;
}) {
  return (
    <Room
      title={`${shop.name}: quote ${offer.number} for ${offer.job} ${title}`}
      aside={
        <Button className="no-print" onClick={() => window.print()}>
          <Printer size={14} aria-hidden="true" className="mr-1 inline" />
          Print
        </Button>
      }
    >
      {owner !== '' && <p>For {owner}</p>}
      <QuoteDocument offer={offer} locale={{ timeZone: shop.timeZone, currency: offer.currency }} />
      {answer === 'open' ? (
        <div className="grid max-w-3xl break-inside-avoid grid-cols-2 gap-8 pt-10">
          {['For the shop', 'For the owner'].map((side) => (
            <p key={side} className="border-t border-strong pt-1 text-small">
              {side}: name, place, day
            </p>
          ))}
        </div>
      ) : (
        <p className="pt-6 font-semibold">
          {answer === 'accepted' ? 'Accepted' : 'Refused'} by {answeredBy}, {answeredWhere}
          {answeredOn && `, ${date(answeredOn)}`}
        </p>
      )}
    </Room>
  );
}
