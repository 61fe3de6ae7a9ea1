import Papa from 'papaparse';
import { guard } from '../exchange/csv-cells';
import type { Offer } from './model';
import { stageParts, type StageDue } from './stages';

/** Stages of an accepted quote as numbers for the shop's accounts: a line a stage, money in whole units with two decimals. */
export function stagesCsv(offer: Offer, stages: readonly StageDue[]): string {
  const rows = stageParts(offer, stages).map((stage) => ({
    job: guard(offer.job),
    quote: String(offer.number),
    stage: stage.state,
    share_percent: (stage.shareBp / 100).toFixed(2),
    net: (stage.netMinor / 100).toFixed(2),
    tax: (stage.taxMinor / 100).toFixed(2),
    gross: (stage.grossMinor / 100).toFixed(2),
    currency: guard(offer.currency),
    expected_on: stage.expectedOn ?? '',
    due: stage.isReached ? 'yes' : 'no',
  }));
  return `${Papa.unparse(rows, { newline: '\n' })}\n`;
}
