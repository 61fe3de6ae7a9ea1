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
