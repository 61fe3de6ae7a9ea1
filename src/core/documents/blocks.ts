import type {
  FactsBlock,
  HeadingBlock,
  ListBlock,
  PaperColumn,
  PaperRow,
  SignaturesBlock,
  TableBlock,
  TextBlock,
} from './paper';

export const heading = (text: string): HeadingBlock => ({
  kind: 'heading',
  text,
  level: 1,
  onNewPage: false,
});
export const subheading = (text: string): HeadingBlock => ({
  kind: 'heading',
  text,
  level: 2,
  onNewPage: false,
});
export const pageHeading = (text: string): HeadingBlock => ({
  kind: 'heading',
  text,
  level: 1,
  onNewPage: true,
});

export const text = (words: string): TextBlock => ({ kind: 'text', text: words, look: 'plain' });
export const quiet = (words: string): TextBlock => ({ kind: 'text', text: words, look: 'quiet' });
export const strong = (words: string): TextBlock => ({ kind: 'text', text: words, look: 'strong' });

export const list = (items: readonly string[]): ListBlock => ({ kind: 'list', items });
export const facts = (rows: FactsBlock['rows']): FactsBlock => ({ kind: 'facts', rows });
export const signatures = (lines: readonly string[]): SignaturesBlock => ({ kind: 'signatures', lines });

export const column = (head: string, wide = 1): PaperColumn => ({ head, right: false, wide });
export const figures = (head: string, wide = 1): PaperColumn => ({ head, right: true, wide });
export const row = (...cells: string[]): PaperRow => ({ cells, look: 'plain' });
export const sumRow = (...cells: string[]): PaperRow => ({ cells, look: 'strong' });

export const table = (
  caption: string,
  columns: readonly PaperColumn[],
  rows: readonly PaperRow[],
): TableBlock => ({ kind: 'table', caption, columns, rows });
