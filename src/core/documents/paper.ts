/** A document as it is printed, whatever draws it: a page of the browser or a PDF. */
export interface PrintedPaper {
  title: string;
  /** The line below the title: of which job, on which day. */
  subject: string;
  shop: Letterhead;
  blocks: readonly Block[];
}

/** Head of the shop's paper. */
export interface Letterhead {
  name: string;
  /** Address, telephone, number of the register: as the shop wrote them. */
  lines: readonly string[];
  /** Picture of its mark, by the SHA-256 it is kept under; null where it has none. */
  markSha256: string | null;
}

export interface HeadingBlock {
  kind: 'heading';
  text: string;
  /** 2 stands under 1. */
  level: 1 | 2;
  /** Begins a page of its own. */
  onNewPage: boolean;
}

export interface TextBlock {
  kind: 'text';
  text: string;
  look: 'plain' | 'quiet' | 'strong';
}

export interface ListBlock {
  kind: 'list';
  items: readonly string[];
}

/** Rows of a name and what it is. */
export interface FactsBlock {
  kind: 'facts';
  rows: readonly (readonly [string, string])[];
}

export interface PaperColumn {
  head: string;
  /** Figures stand at the right. */
  right: boolean;
  /** Share of the width beside those of the other columns. */
  wide: number;
}

export interface PaperRow {
  cells: readonly string[];
  /** A sum, a group, or an ordinary row. */
  look: 'plain' | 'strong';
}

export interface TableBlock {
  kind: 'table';
  caption: string;
  columns: readonly PaperColumn[];
  rows: readonly PaperRow[];
}

/** Lines to be signed on paper. */
export interface SignaturesBlock {
  kind: 'signatures';
  lines: readonly string[];
}

export interface PaperPhoto {
  sha256: string;
  caption: string;
  widthPx: number;
  heightPx: number;
}

export interface PhotosBlock {
  kind: 'photos';
  photos: readonly PaperPhoto[];
}

export interface DrawnPath {
  /** An SVG path in units of the drawing, y downwards. */
  path: string;
  /** Hexadecimal colour; null for none. */
  fill: string | null;
  stroke: string | null;
}

/** A drawing with its own units, as wide as the page at most. */
export interface DrawingBlock {
  kind: 'drawing';
  /** What it shows, for whoever cannot see it. */
  words: string;
  width: number;
  height: number;
  paths: readonly DrawnPath[];
  texts: readonly { x: number; y: number; text: string }[];
}

/** Labels and cards with a frame of their own, side by side, never cut by the end of a page. */
export interface CardsBlock {
  kind: 'cards';
  across: 1 | 2;
  cards: readonly { title: string; lines: readonly string[] }[];
}

export type Block =
  | HeadingBlock
  | TextBlock
  | ListBlock
  | FactsBlock
  | TableBlock
  | SignaturesBlock
  | PhotosBlock
  | DrawingBlock
  | CardsBlock;

/** Photos that a document shows, each once. */
export const photosOfPaper = ({ blocks }: Pick<PrintedPaper, 'blocks'>): string[] => [
  ...new Set(
    blocks.flatMap((block) => (block.kind === 'photos' ? block.photos.map((one) => one.sha256) : [])),
  ),
];
