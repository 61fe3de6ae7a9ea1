import type { Offer } from '@/core/offer';
import { QuoteDocument } from '../handover/quote-document';
import type { Locale } from '../words/format';

/** A quote, folded until somebody reads it. */
export const QuoteToRead = ({ offer, locale }: { offer: Offer; locale: Locale }) => (
  <details className="py-2">
    <summary className="cursor-pointer py-2 underline">Read quote {offer.number}</summary>
    <QuoteDocument offer={offer} locale={locale} />
  </details>
);
