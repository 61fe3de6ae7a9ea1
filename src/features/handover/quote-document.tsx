import type { Offer } from '@/core/offer';
import { BlocksView } from '../documents/paper-view';
import { quoteBlocks } from '../documents/quote-paper';
import { date, fullDate, type Locale } from '../words/format';

/** A quote as it is read on a screen: what its paper says. */
export function QuoteDocument({ offer, locale }: { offer: Offer; locale: Locale }) {
  return (
    <div className="max-w-3xl">
      <p className="text-quiet">
        Made on {fullDate(offer.madeOn)}, valid until {date(offer.validUntil)}. Ready on{' '}
        {fullDate(offer.promised)}.
      </p>
      <BlocksView blocks={quoteBlocks(offer, locale)} />
    </div>
  );
}
