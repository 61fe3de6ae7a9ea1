import PDFDocument from 'pdfkit';
import { papers } from '../../core/exchange';
import type { PrintedPaper } from '../../core/documents';
import { Faces, type Weight } from './faces';

type Doc = PDFKit.PDFDocument;
export type DocumentPaper = 'a4' | 'letter';

/** Points of a page to a millimetre. */
export const ptPerMm = 72 / 25.4;
const mm = (length: number): number => length * ptPerMm;

/** White round what is printed. */
const margin = { side: mm(18), top: mm(18), foot: mm(20) };
const grey = '#5c5c5c';
/** Height of a line over the size of its letters. */
const leading = 1.32;

/**
 * Sheets of a document while they are filled from above: a cursor, what is left below it, and the tree of tags by which a
 * reader aloud finds its way. All lengths in points.
 */
export class Sheets {
  readonly doc: Doc;
  readonly faces: Faces;
  readonly root: PDFKit.PDFStructureElement;
  readonly left = margin.side;
  readonly wide: number;
  private readonly bottom: number;
  /** Where the next thing is put, from the top of the page. */
  y = margin.top;

  constructor(
    private readonly paper: PrintedPaper,
    size: DocumentPaper,
  ) {
    const { widthMm, heightMm } = papers[size];
    this.doc = new PDFDocument({
      size: [mm(widthMm), mm(heightMm)],
      margin: 0,
      pdfVersion: '1.7',
      tagged: true,
      lang: 'en-GB',
      displayTitle: true,
      bufferPages: true,
      info: { Title: paper.title, Author: paper.shop.name, Creator: 'Coatrel' },
    });
    this.wide = mm(widthMm) - 2 * margin.side;
    this.bottom = mm(heightMm) - margin.foot;
    this.faces = new Faces(this.doc);
    this.root = this.doc.struct('Document');
    this.doc.addStructure(this.root);
  }

  get room(): number {
    return this.bottom - this.y;
  }
  get pageRoom(): number {
    return this.bottom - margin.top;
  }
  lineOf = (size: number): number => size * leading;

  newPage(): void {
    this.doc.addPage();
    this.y = margin.top;
  }

  /** A new page where so much no longer fits. @returns whether one was begun */
  need(height: number): boolean {
    if (height <= this.room || this.y === margin.top) return false;
    this.newPage();
    return true;
  }

  /** What is no part of the text: rules, frames, and words that are told elsewhere. */
  artifact(draw: () => void): void {
    this.doc.markContent('Artifact', { type: 'Layout' });
    draw();
    this.doc.endMarkedContent();
  }

  rule(colour = grey, thick = 0.5): void {
    this.artifact(() => {
      this.doc
        .moveTo(this.left, this.y)
        .lineTo(this.left + this.wide, this.y)
        .lineWidth(thick)
        .strokeColor(colour)
        .stroke();
    });
  }

  /** Lines of a text under one tag, over as many pages as they take. */
  paragraph(
    text: string,
    { tag = 'P', weight = 'plain', size = 10, colour = 'black', indent = 0 }: Partial<ParagraphLook> = {},
  ): void {
    const lines = this.faces.lines(text, weight, size, this.wide - indent);
    const high = this.lineOf(size);
    // No first line stands alone at the foot of a page.
    this.need(high * Math.min(2, lines.length));
    while (lines.length > 0) {
      const fit = Math.max(1, Math.floor(this.room / high));
      const own = lines.splice(0, fit);
      this.root.add(
        this.doc.struct(tag, {}, () => {
          this.doc.fillColor(colour);
          for (const line of own) {
            this.faces.put(line, weight, size, [this.left + indent, this.y]);
            this.y += high;
          }
        }),
      );
      if (lines.length > 0) this.newPage();
    }
  }

  /** Foot of every page, once it is known how many there are. */
  private feet(): void {
    const { start, count } = this.doc.bufferedPageRange();
    for (let i = start; i < start + count; i += 1) {
      this.doc.switchToPage(i);
      this.doc.markContent('Artifact', { type: 'Pagination' });
      this.doc.fillColor(grey);
      const said = `page ${i + 1 - start} of ${count}`;
      const right = this.left + this.wide - this.faces.width(said, 'plain', 8);
      this.faces.put(said, 'plain', 8, [right, this.bottom + mm(7)]);
      const [title] = this.faces.lines(
        `${this.paper.title} · ${this.paper.shop.name}`,
        'plain',
        8,
        this.wide - mm(30),
      );
      this.faces.put(title ?? '', 'plain', 8, [this.left, this.bottom + mm(7)]);
      this.doc.endMarkedContent();
    }
  }

  /** Closes the document; nothing is put on it afterwards. */
  end(): void {
    this.root.end();
    this.feet();
    this.doc.end();
  }
}

interface ParagraphLook {
  tag: string;
  weight: Weight;
  size: number;
  colour: string;
  indent: number;
}
