import PDFDocument from 'pdfkit';
import { boundsOf, type Ring } from '../../core/geometry';
import { colourOfKey, type Job } from '../../core/record';
import type { Strip } from '../../core/scheme';
import { atStation, type DrawnShape, type MaskDrawing } from '../../core/exchange/mask-drawing';
import {
  marginMm,
  mostTiles,
  papers,
  tilingOf,
  type PaperKey,
  type Tile,
  type Tiling,
} from '../../core/exchange/mask-tiles';

type Doc = PDFKit.PDFDocument;

/** Points of a page to a millimetre. */
const ptPerMm = 72 / 25.4;
/** Lines of the grid by which sheets are laid on the object, mm. */
const gridMm = 100;
const barMm = 100;
const grey = '#8a8a8a';

export interface MaskMapGiven {
  job: Pick<Job, 'number' | 'name' | 'colours' | 'constructions'>;
  strip: Pick<Strip, 'key'>;
  /** The strip in words. */
  stripName: string;
  drawing: MaskDrawing;
  paper: PaperKey;
  /** Bytes of the face that ships with the app, embedded. */
  font: Uint8Array;
}

/**
 * A strip of a scheme at true scale on sheets of paper: first the whole strip with the grid of sheets, then every sheet
 * on which a line lies, with a grid of 100 mm measured from the front end and from the lowest point, crosses where
 * neighbours overlap, and a bar to check the printer by.
 * @returns the bytes of a PDF, or why there is none
 */
export async function maskMapPdf(given: MaskMapGiven): Promise<Uint8Array | { reason: string }> {
  const { job, stripName, drawing, paper, font } = given;
  const tiling = tilingOf(drawing, paper);
  if (tiling.tiles.length === 0) return { reason: `no line lies on ${stripName}: there is nothing to print` };
  if (tiling.tiles.length > mostTiles)
    return {
      reason: `${stripName} would take ${tiling.tiles.length} sheets of ${papers[paper].name}; more than ${mostTiles} are not printed, take larger paper or the SVG`,
    };
  const title = `${job.number} ${job.name}, mask map, ${stripName}`;
  const doc = new PDFDocument({
    autoFirstPage: false,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en-GB',
    displayTitle: true,
    info: { Title: title, Creator: 'Coatrel' },
  });
  doc.font(Buffer.from(font));
  const bytes = collected(doc);
  const pages = tiling.tiles.length + 1;
  overview(doc, given, tiling, title, pages);
  tiling.tiles.forEach((tile, i) => sheet(doc, given, tiling, tile, `page ${i + 2} of ${pages}`));
  doc.end();
  return bytes;
}

const collected = (doc: Doc): Promise<Uint8Array> =>
  new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
    doc.on('error', reject);
  });

function addPage(doc: Doc, { widthMm, heightMm }: Pick<Tiling, 'widthMm' | 'heightMm'>): void {
  doc.addPage({ size: [widthMm * ptPerMm, heightMm * ptPerMm], margin: 0 });
}

function say(doc: Doc, text: string, [x, y]: readonly [number, number], size = 9): void {
  doc.addStructure(
    doc.struct('P', {}, () => {
      doc.fillColor('black').fontSize(size);
      doc.text(text, x * ptPerMm, y * ptPerMm, { lineBreak: false });
    }),
  );
}

/** What is drawn counts as one picture with words of its own. */
function picture(doc: Doc, alt: string, draw: () => void): void {
  doc.addStructure(doc.struct('Figure', { alt }, draw));
}

const pathOf = (rings: readonly Ring[]): string =>
  rings.map((ring) => `M${ring.map(([x, y]) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}Z`).join('');

/** Panels and fields in mm, wherever the page has been moved to. */
function shapes(doc: Doc, { panels, fields }: MaskDrawing, line: number): void {
  for (const { rings } of fields)
    doc.path(pathOf(rings)).fillColor('black').fillOpacity(0.12).fill('even-odd');
  doc.fillOpacity(1);
  for (const { rings } of panels) doc.path(pathOf(rings)).lineWidth(line).strokeColor(grey).stroke();
  for (const { rings } of fields) doc.path(pathOf(rings)).lineWidth(line).strokeColor('black').stroke();
}

function overview(doc: Doc, given: MaskMapGiven, tiling: Tiling, title: string, pages: number): void {
  const { drawing, job, stripName, paper } = given;
  addPage(doc, tiling);
  say(doc, title, [marginMm.side, marginMm.top], 14);
  say(
    doc,
    `${pages - 1} sheets of ${papers[paper].name} at 1:1, seen from outside, front at the ${drawing.frontAt}. Print at 100 %, without fitting to the page; measure the bar on each sheet.`,
    [marginMm.side, marginMm.top + 9],
  );
  const wide = tiling.widthMm - 2 * marginMm.side;
  const high = tiling.heightMm * 0.5;
  const scale = Math.min(wide / drawing.widthMm, high / drawing.heightMm);
  const top = marginMm.top + 20;
  picture(doc, `${stripName} with the grid of sheets`, () => {
    doc.save().scale(ptPerMm).translate(marginMm.side, top).scale(scale);
    shapes(doc, drawing, 0.2 / scale);
    for (const { left, top: down, row, column } of tiling.tiles) {
      doc
        .rect(left, down, tiling.shownW, tiling.shownH)
        .lineWidth(0.15 / scale)
        .strokeColor('black')
        .stroke();
      doc.fillColor('black').fontSize(2.2 / scale);
      doc.text(`${row}-${column}`, left + 1 / scale, down + 1 / scale, { lineBreak: false });
    }
    doc.restore();
  });
  let y = top + drawing.heightMm * scale + 8;
  const shown = new Set(drawing.fields.map((field) => field.construction));
  for (const one of job.constructions.filter(({ id }) => shown.has(id)).slice(0, 40)) {
    say(doc, `${one.name}: ${colourOfKey(job, one.colour).name}`, [marginMm.side, y]);
    y += 5;
  }
  foot(doc, tiling, `${title}, page 1 of ${pages}`);
}

function sheet(doc: Doc, given: MaskMapGiven, tiling: Tiling, tile: Tile, page: string): void {
  const { job, stripName, drawing } = given;
  addPage(doc, tiling);
  const { shownW, shownH } = tiling;
  picture(doc, `${stripName}, sheet ${tile.row}-${tile.column}`, () => {
    doc.save().scale(ptPerMm).translate(marginMm.side, marginMm.top);
    doc.save().rect(0, 0, shownW, shownH).clip().translate(-tile.left, -tile.top);
    grid(doc, drawing, tiling, tile);
    shapes(doc, onSheet(drawing, tiling, tile), 0.2);
    doc.restore();
    crosses(doc, tiling);
    doc.restore();
  });
  marks(doc, drawing, tiling, tile);
  foot(
    doc,
    tiling,
    `${job.number} ${job.name}, ${stripName}, row ${tile.row} from below, column ${tile.column} from the front, ${page}`,
  );
}

/** What of a drawing lies on a sheet: a page carries no shape that it does not show. */
function onSheet(drawing: MaskDrawing, { shownW, shownH }: Tiling, { left, top }: Tile): MaskDrawing {
  const isOn = ({ rings }: DrawnShape) => {
    const bounds = boundsOf(rings.flat());
    return (
      bounds.right >= left &&
      bounds.left <= left + shownW &&
      bounds.bottom >= top &&
      bounds.top <= top + shownH
    );
  };
  return { ...drawing, panels: drawing.panels.filter(isOn), fields: drawing.fields.filter(isOn) };
}

/** Hair lines every 100 mm from the front end and up from the lowest point. */
function grid(doc: Doc, drawing: MaskDrawing, { shownW, shownH }: Tiling, { left, top }: Tile): void {
  doc.lineWidth(0.08).strokeColor(grey);
  for (const at of every(drawing.widthMm, gridMm)) {
    const x = atStation(drawing, at);
    if (x >= left && x <= left + shownW)
      doc
        .moveTo(x, top)
        .lineTo(x, top + shownH)
        .stroke();
  }
  for (const at of every(drawing.heightMm, gridMm)) {
    const y = drawing.heightMm - at;
    if (y >= top && y <= top + shownH)
      doc
        .moveTo(left, y)
        .lineTo(left + shownW, y)
        .stroke();
  }
}

const every = (length: number, step: number): number[] =>
  Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => i * step);

/** Crosses where the middle of the overlap with a neighbour lies, in the corners of what is shown. */
function crosses(doc: Doc, { shownW, shownH }: Tiling): void {
  const inset = 5;
  doc.lineWidth(0.15).strokeColor('black');
  for (const x of [inset, shownW - inset])
    for (const y of [inset, shownH - inset]) {
      doc
        .moveTo(x - 3, y)
        .lineTo(x + 3, y)
        .stroke();
      doc
        .moveTo(x, y - 3)
        .lineTo(x, y + 3)
        .stroke();
    }
}

/** Distances of the grid lines, written in the white of the sheet. */
function marks(doc: Doc, drawing: MaskDrawing, { shownW, shownH }: Tiling, { left, top }: Tile): void {
  for (const at of every(drawing.widthMm, gridMm)) {
    const x = atStation(drawing, at) - left;
    if (x >= 0 && x <= shownW - 8) say(doc, `${at}`, [marginMm.side + x + 0.5, marginMm.top - 4], 7);
  }
  for (const at of every(drawing.heightMm, gridMm)) {
    const y = drawing.heightMm - at - top;
    if (y >= 0 && y <= shownH) say(doc, `${at}`, [2, marginMm.top + y - 1.2], 7);
  }
}

function foot(doc: Doc, { widthMm, heightMm }: Tiling, text: string): void {
  const y = heightMm - marginMm.foot + 6;
  picture(doc, `a bar of ${barMm} mm`, () => {
    doc.save().scale(ptPerMm).lineWidth(0.4).strokeColor('black');
    doc
      .moveTo(marginMm.side, y)
      .lineTo(marginMm.side + barMm, y)
      .stroke();
    for (const x of [0, barMm])
      doc
        .moveTo(marginMm.side + x, y - 1.5)
        .lineTo(marginMm.side + x, y + 1.5)
        .stroke();
    doc.restore();
  });
  say(doc, `${barMm} mm`, [Math.min(widthMm - 24, marginMm.side + barMm + 2), y - 1.6]);
  say(doc, text, [marginMm.side, y + 5], 8);
}
