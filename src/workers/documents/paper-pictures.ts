import type { CardsBlock, DrawingBlock, PhotosBlock } from '../../core/documents';
import type { Sheets } from './sheet';

/** The bytes of a photo as it is printed; null where it is gone. */
export type PhotoBytes = (sha256: string) => Promise<Uint8Array | null>;

const gap = 10;
const captionSize = 8;

/** Photos two in a row, each with its words; they are fetched one at a time, so that memory stays that of one. */
export async function putPhotos(
  sheets: Sheets,
  { photos }: PhotosBlock,
  bytesOf: PhotoBytes,
  shown: () => void,
): Promise<void> {
  const wide = (sheets.wide - gap) / 2;
  const highest = wide * 0.75;
  for (let i = 0; i < photos.length; i += 2) {
    const pair = photos.slice(i, i + 2);
    const captions = pair.map((one) => sheets.faces.lines(one.caption, 'plain', captionSize, wide));
    const words = Math.max(...captions.map((lines) => lines.length)) * sheets.lineOf(captionSize);
    sheets.need(highest + words + 12);
    const top = sheets.y;
    for (const [n, photo] of pair.entries()) {
      const x = sheets.left + n * (wide + gap);
      const bytes = await bytesOf(photo.sha256);
      putPhoto(sheets, { caption: photo.caption, bytes, x, top, wide, high: highest });
      sheets.root.add(
        sheets.doc.struct('Caption', {}, () => {
          sheets.doc.fillColor('black');
          for (const [line, text] of captions[n]!.entries())
            sheets.faces.put(text, 'plain', captionSize, [
              x,
              top + highest + 2 + line * sheets.lineOf(captionSize),
            ]);
        }),
      );
      shown();
    }
    sheets.y = top + highest + words + 12;
  }
}

function putPhoto(
  sheets: Sheets,
  {
    caption,
    bytes,
    x,
    top,
    wide,
    high,
  }: { caption: string; bytes: Uint8Array | null; x: number; top: number; wide: number; high: number },
): void {
  const { doc, faces } = sheets;
  sheets.root.add(
    doc.struct('Figure', { alt: caption }, () => {
      if (bytes) doc.image(Buffer.from(bytes), x, top, { fit: [wide, high] });
      else {
        doc.fillColor('#5c5c5c');
        faces.put('This photo is missing from the store.', 'plain', 9, [x, top]);
      }
    }),
  );
}

/** A drawing as wide as the page, or as high as most of one. */
export function putDrawing(sheets: Sheets, { words, width, height, paths, texts }: DrawingBlock): void {
  const { doc, faces } = sheets;
  const scale = Math.min(sheets.wide / width, (sheets.pageRoom * 0.6) / height);
  sheets.need(height * scale + 8);
  const top = sheets.y;
  sheets.root.add(
    doc.struct('Figure', { alt: words }, () => {
      doc.save().translate(sheets.left, top).scale(scale);
      for (const { path, fill, stroke } of paths) {
        doc.path(path).lineWidth(0.5 / scale);
        if (fill && stroke) doc.fillAndStroke(fill, stroke, 'even-odd');
        else if (fill) doc.fill(fill, 'even-odd');
        else doc.strokeColor(stroke ?? 'black').stroke();
      }
      doc.restore();
      doc.fillColor('black');
      for (const one of texts) {
        const wide = faces.width(one.text, 'plain', 6);
        faces.put(one.text, 'plain', 6, [sheets.left + one.x * scale - wide / 2, top + one.y * scale - 3]);
      }
    }),
  );
  sheets.y = top + height * scale + 8;
}

const cardSize = 9;
const inner = 8;

/** Cards in frames, in one or two columns; each stays whole. */
export function putCards(sheets: Sheets, { across, cards }: CardsBlock): void {
  const wide = (sheets.wide - gap * (across - 1)) / across;
  for (let i = 0; i < cards.length; i += across) {
    const row = cards.slice(i, i + across).map((card) => ({
      title: sheets.faces.lines(card.title, 'strong', 11, wide - 2 * inner),
      lines: card.lines.map((line) => sheets.faces.lines(line, 'plain', cardSize, wide - 2 * inner)),
    }));
    const heightOf = ({ title, lines }: (typeof row)[number]) =>
      title.length * sheets.lineOf(11) + lines.flat().length * sheets.lineOf(cardSize) + 2 * inner;
    const high = Math.max(...row.map(heightOf));
    sheets.need(high + gap);
    const top = sheets.y;
    for (const [n, card] of row.entries()) {
      const x = sheets.left + n * (wide + gap);
      sheets.artifact(() => {
        sheets.doc.rect(x, top, wide, high).lineWidth(0.8).strokeColor('black').stroke();
      });
      let y = top + inner;
      sheets.root.add(
        sheets.doc.struct('H2', {}, () => {
          sheets.doc.fillColor('black');
          for (const line of card.title) {
            sheets.faces.put(line, 'strong', 11, [x + inner, y]);
            y += sheets.lineOf(11);
          }
        }),
      );
      for (const lines of card.lines)
        sheets.root.add(
          sheets.doc.struct('P', {}, () => {
            for (const line of lines) {
              sheets.faces.put(line, 'plain', cardSize, [x + inner, y]);
              y += sheets.lineOf(cardSize);
            }
          }),
        );
    }
    sheets.y = top + high + gap;
  }
}
