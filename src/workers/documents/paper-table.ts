import type { PaperRow, TableBlock } from '../../core/documents';
import type { Sheets } from './sheet';

const size = 9;
const padding = 3;
const gap = 6;

/** A table, its head anew on every page; a row is cut only where it is higher than a page. */
export function putTable(sheets: Sheets, block: TableBlock): void {
  const { doc } = sheets;
  const table = doc.struct('Table', { alt: block.caption });
  sheets.root.add(table);
  const widths = widthsOf(sheets, block);
  const head = { cells: block.columns.map((one) => one.head), look: 'plain' } as const;
  const put = (row: PaperRow, tag: 'TH' | 'TD' | null) => putRow(sheets, { block, table, widths, row, tag });
  // A head never stands alone at the foot of a page.
  sheets.need(heightOf(sheets, widths, head) + (block.rows[0] ? heightOf(sheets, widths, block.rows[0]) : 0));
  if (head.cells.some((cell) => cell !== '')) put(head, 'TH');
  for (const row of block.rows.flatMap((one) => piecesOf(sheets, widths, one))) {
    if (sheets.need(heightOf(sheets, widths, row))) put(head, null);
    put(row, 'TD');
  }
  table.end();
  sheets.y += 6;
}

/** A row as rows that each fit a page below its head. */
function piecesOf(sheets: Sheets, widths: readonly number[], row: PaperRow): PaperRow[] {
  const cells = linesOf(sheets, widths, row);
  const most = Math.floor((sheets.pageRoom - 60) / sheets.lineOf(size));
  const pieces = Math.ceil(Math.max(...cells.map((lines) => lines.length)) / most);
  if (pieces <= 1) return [row];
  return Array.from({ length: pieces }, (_, i) => ({
    cells: cells.map((lines) => lines.slice(i * most, (i + 1) * most).join(' ')),
    look: row.look,
  }));
}

const widthsOf = ({ wide }: Sheets, { columns }: TableBlock): number[] => {
  const all = columns.reduce((sum, one) => sum + one.wide, 0);
  return columns.map((one) => (wide * one.wide) / all);
};

const linesOf = (sheets: Sheets, widths: readonly number[], { cells, look }: PaperRow): string[][] =>
  widths.map((width, i) => sheets.faces.lines(cells[i] ?? '', look, size, width - gap));

const heightOf = (sheets: Sheets, widths: readonly number[], row: PaperRow): number =>
  Math.max(...linesOf(sheets, widths, row).map((lines) => lines.length)) * sheets.lineOf(size) + 2 * padding;

interface PutRow {
  block: TableBlock;
  table: PDFKit.PDFStructureElement;
  widths: readonly number[];
  row: PaperRow;
  /** Null where a head is shown again: it is no part of the text. */
  tag: 'TH' | 'TD' | null;
}

function putRow(sheets: Sheets, { block, table, widths, row, tag }: PutRow): void {
  const { doc, faces } = sheets;
  const cells = linesOf(sheets, widths, row);
  const height = heightOf(sheets, widths, row);
  const top = sheets.y + padding;
  // One that is never added would keep the document open for ever.
  const line = tag ? doc.struct('TR') : null;
  if (line) table.add(line);
  let left = sheets.left;
  for (const [i, lines] of cells.entries()) {
    const [x, width, isRight] = [left, widths[i]!, block.columns[i]!.right];
    left += width;
    const draw = () => {
      doc.fillColor(tag === 'TD' ? 'black' : '#5c5c5c');
      for (const [n, text] of lines.entries()) {
        const at = isRight ? x + width - gap - faces.width(text, row.look, size) : x;
        if (text !== '') faces.put(text, row.look, size, [at, top + n * sheets.lineOf(size)]);
      }
    };
    if (tag) line?.add(doc.struct(tag, {}, draw));
    else sheets.artifact(draw);
  }
  line?.end();
  sheets.y += height;
  sheets.rule(tag === 'TD' && row.look === 'plain' ? '#c9c9c9' : '#5c5c5c', tag === 'TD' ? 0.4 : 0.8);
}
