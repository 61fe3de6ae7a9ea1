import { buffer } from 'node:stream/consumers';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Reads a PDF from the input with a library that has no part in writing ours, and says as JSON what is in it. */
const pdf = await getDocument({
  data: new Uint8Array(await buffer(process.stdin)),
  verbosity: 0,
  useSystemFonts: false,
}).promise;
const pages = [];
for (let i = 1; i <= pdf.numPages; i += 1) {
  const page = await pdf.getPage(i);
  const { items } = await page.getTextContent();
  const { fnArray } = await page.getOperatorList();
  pages.push({
    mm: page.view.slice(2).map((points) => Math.round((points * 254) / 72) / 10),
    // A reader tells gaps and ends of lines apart by where the pieces lie.
    words: items
      .map((one) => `${one.str ?? ''}${one.hasEOL ? ' ' : ''}`)
      .join('')
      .replace(/\s+/g, ' '),
    tags: JSON.stringify(await page.getStructTree()),
    images: fnArray.filter((one) => one === OPS.paintImageXObject).length,
  });
}
const { info } = await pdf.getMetadata();
process.stdout.write(JSON.stringify({ pages, info, isTagged: (await pdf.getMarkInfo())?.Marked === true }));
await pdf.destroy();
