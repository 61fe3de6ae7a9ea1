import Papa from 'papaparse';
import { guard } from '../exchange/csv-cells';
import type { Offer } from './model';
import type { StageDue } from './stages';

/** Stages of an accepted quote as numbers for the shop's accounts: a line a stage, money in whole units with two decimals. */
export function stagesCsv(offer: Offer, stages: readonly StageDue[]): string {
  const taxes = offer.taxes.reduce((sum, tax) => sum + tax.sumMinor, 0);
  let [netLeft, taxLeft] = [offer.netMinor, taxes];
  const rows = stages.map((stage, i) => {
    const isLast = i === stages.length - 1;
    const tax = isLast ? taxLeft : Math.round((stage.grossMinor * taxes) / Math.max(1, offer.grossMinor));
    const net = isLast ? netLeft : stage.grossMinor - tax;
    netLeft -= net;
    taxLeft -= tax;
    return {
      job: guard(offer.job),
      quote: String(offer.number),
      stage: stage.state,
      share_percent: (stage.shareBp / 100).toFixed(2),
      net: (net / 100).toFixed(2),
      tax: (tax / 100).toFixed(2),
      gross: (stage.grossMinor / 100).toFixed(2),
      currency: guard(offer.currency),
      expected_on: stage.expectedOn ?? '',
      due: stage.isReached ? 'yes' : 'no',
    };
  });
  return `${Papa.unparse(rows, { newline: '\n' })}\n`;
}
