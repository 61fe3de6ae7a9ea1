import type { Reading } from '@/core/rights';

/** Documents of a job, by the word of their address. The mask map has an address of its own in Scheme. */
export const documentKinds = [
  'quote',
  'stage',
  'owner',
  'statement',
  'run-sheet',
  'batch-cards',
  'labels',
  'survey',
  'film',
  'handover',
] as const;
export type DocumentKind = (typeof documentKinds)[number];

export const documentNames: Record<DocumentKind, string> = {
  quote: 'Quote',
  stage: 'Stage statement',
  owner: 'Owner’s sheet',
  statement: 'Method statement',
  'run-sheet': 'Run sheet',
  'batch-cards': 'Batch cards',
  labels: 'Labels of what is kept',
  survey: 'Survey',
  film: 'Film record',
  handover: 'Handover file',
};

/** What somebody has to be allowed to read for each document. */
export const documentReading: Record<DocumentKind, Reading> = {
  quote: 'money',
  stage: 'money',
  owner: 'money',
  statement: 'plans',
  'run-sheet': 'plans',
  'batch-cards': 'plans',
  labels: 'plans',
  survey: 'plans',
  film: 'plans',
  handover: 'money',
};
