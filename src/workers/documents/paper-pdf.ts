import type { Writable } from 'node:stream';
import { finished } from 'node:stream/promises';
import type { Block, PrintedPaper } from '../../core/documents';
import { putCards, putDrawing, putPhotos, type PhotoBytes } from './paper-pictures';
import { putTable } from './paper-table';
import { Sheets, type DocumentPaper } from './sheet';

export interface PaperGiven {
  paper: PrintedPaper;
  size: DocumentPaper;
  photo: PhotoBytes;
  /** Hears the share of the photos that lie on it, 0..1. */
  tell(share: number): void;
}

/**
 * A document as PDF: text that can be selected and is tagged, the face of the app embedded, page n of m at the foot. It is
 * written while it is made, so that memory stays that of a page and a photo.
 */
export async function paperPdf({ paper, size, photo, tell }: PaperGiven, out: Writable): Promise<void> {
  const sheets = new Sheets(paper, size);
  sheets.doc.pipe(out);
  const written = finished(out);
  await putHead(sheets, paper, photo);
  const all = paper.blocks.reduce((sum, one) => sum + (one.kind === 'photos' ? one.photos.length : 0), 0);
  let shown = 0;
  const onePhoto = () => tell((shown += 1) / all);
  for (const block of paper.blocks) await putBlock(sheets, block, photo, onePhoto);
  sheets.end();
  await written;
}

/** The shop's head: its mark at the right, its name and lines, then the title. */
async function putHead(
  sheets: Sheets,
  { shop, title, subject }: PrintedPaper,
  photo: PhotoBytes,
): Promise<void> {
  const mark = shop.markSha256 === null ? null : await photo(shop.markSha256);
  const markWide = 110;
  const top = sheets.y;
  if (mark)
    sheets.root.add(
      sheets.doc.struct('Figure', { alt: `Mark of ${shop.name}` }, () => {
        sheets.doc.image(Buffer.from(mark), sheets.left + sheets.wide - markWide, top, {
          fit: [markWide, 48],
          align: 'right',
        });
      }),
    );
  sheets.paragraph(shop.name, { weight: 'strong', size: 11 });
  for (const line of shop.lines) sheets.paragraph(line, { size: 8, colour: '#5c5c5c' });
  sheets.y = Math.max(sheets.y, mark ? top + 48 : 0) + 8;
  sheets.rule('black', 1);
  sheets.y += 10;
  sheets.paragraph(title, { tag: 'H1', weight: 'strong', size: 17 });
  if (subject !== '') sheets.paragraph(subject, { colour: '#5c5c5c' });
  sheets.y += 8;
}

async function putBlock(
  sheets: Sheets,
  block: Block,
  photo: PhotoBytes,
  onePhoto: () => void,
): Promise<void> {
  switch (block.kind) {
    case 'heading': {
      if (block.onNewPage) sheets.need(Infinity);
      const size = block.level === 1 ? 13 : 10.5;
      // A heading keeps what it heads on its page.
      sheets.need(sheets.lineOf(size) + (block.level === 1 ? 90 : 50));
      sheets.y += block.level === 1 ? 8 : 4;
      sheets.paragraph(block.text, { tag: block.level === 1 ? 'H2' : 'H3', weight: 'strong', size });
      sheets.y += 2;
      return;
    }
    case 'text':
      sheets.paragraph(block.text, {
        weight: block.look === 'strong' ? 'strong' : 'plain',
        colour: block.look === 'quiet' ? '#5c5c5c' : 'black',
      });
      sheets.y += 3;
      return;
    case 'list':
      for (const item of block.items) sheets.paragraph(`– ${item}`, { indent: 8 });
      sheets.y += 3;
      return;
    case 'facts':
      putTable(sheets, {
        kind: 'table',
        caption: '',
        columns: [
          { head: '', right: false, wide: 2 },
          { head: '', right: false, wide: 5 },
        ],
        rows: block.rows.map(([name, value]) => ({ cells: [name, value], look: 'plain' })),
      });
      return;
    case 'table':
      putTable(sheets, block);
      return;
    case 'signatures':
      putSignatures(sheets, block.lines);
      return;
    case 'photos':
      await putPhotos(sheets, block, photo, onePhoto);
      return;
    case 'drawing':
      putDrawing(sheets, block);
      return;
    case 'cards':
      putCards(sheets, block);
      return;
  }
}

function putSignatures(sheets: Sheets, lines: readonly string[]): void {
  sheets.need(lines.length * 44);
  for (const line of lines) {
    sheets.y += 28;
    sheets.rule('black', 0.6);
    sheets.y += 2;
    sheets.paragraph(line, { size: 8, colour: '#5c5c5c' });
  }
  sheets.y += 6;
}
