import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';

type Doc = PDFKit.PDFDocument;

const own = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-';
/** For letters that the face of the app does not have. */
const other = '@fontsource/noto-sans/files/noto-sans-';
const bytesOf = (file: string): Buffer =>
  readFileSync(createRequire(join(process.cwd(), 'package.json')).resolve(`${file}-normal.woff`));

/** The face that ships with the app, as the packages of the house have it. */
export const fontBytes = (): Uint8Array => bytesOf(`${own}latin-400`);

const filesOf = (weight: 400 | 700): string[] => [
  ...['latin', 'latin-ext'].map((script) => `${own}${script}-${weight}`),
  ...['latin', 'greek', 'cyrillic', 'vietnamese'].map((script) => `${other}${script}-${weight}`),
];
/** Each weight has a file of plain letters and one of each further script, in the order they are asked. */
const faces = { plain: filesOf(400), strong: filesOf(700) };
export type Weight = keyof typeof faces;

/** A piece of a line that one file of the face can set. */
export interface Run {
  font: string;
  text: string;
}

interface Glyphs {
  hasGlyphForCodePoint(point: number): boolean;
}

/** Sets text in the face of the app: which file a letter is in, and how wide it comes out. */
export class Faces {
  private readonly opened = new Map<string, Glyphs>();
  private readonly known = new Map<string, Run>();

  constructor(private readonly doc: Doc) {}

  /** A file of the face, read when the first letter of it is set. */
  private glyphs(file: string): Glyphs {
    const known = this.opened.get(file);
    if (known) return known;
    this.doc.registerFont(file, bytesOf(file));
    this.doc.font(file);
    const glyphs = glyphsOf(this.doc);
    this.opened.set(file, glyphs);
    return glyphs;
  }

  /** A text in pieces; a letter that no file has is told by its plain one, or by a question mark. */
  runs(text: string, weight: Weight): Run[] {
    const found: Run[] = [];
    for (const letter of text.normalize('NFC')) {
      const { font, text: set } = this.letter(letter, weight);
      const last = found.at(-1);
      if (last?.font === font) last.text += set;
      else found.push({ font, text: set });
    }
    return found;
  }

  private letter(letter: string, weight: Weight): Run {
    const key = `${weight}${letter}`;
    const known = this.known.get(key);
    if (known) return known;
    const files = faces[weight];
    const has = (one: string) =>
      files.find((file) => this.glyphs(file).hasGlyphForCodePoint(one.codePointAt(0)!));
    const font = has(letter);
    const [plain = '?'] = letter.normalize('NFKD');
    const set = has(plain);
    const run =
      font !== undefined
        ? { font, text: letter }
        : { font: set ?? files[0]!, text: usual[letter] ?? (set === undefined ? '?' : plain) };
    this.known.set(key, run);
    return run;
  }

  width(text: string, weight: Weight, size: number): number {
    let sum = 0;
    for (const run of this.runs(text, weight))
      sum += this.doc.font(run.font).fontSize(size).widthOfString(run.text);
    return sum;
  }

  /** Lines of a text within a width; a word longer than that is cut. */
  lines(text: string, weight: Weight, size: number, width: number): string[] {
    const found: string[] = [];
    let line = '';
    for (const word of text
      .split(/\s+/)
      .filter(Boolean)
      .flatMap((one) => this.fitting(one, weight, size, width))) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line !== '' && this.width(longer, weight, size) > width) {
        found.push(line);
        line = word;
      } else line = longer;
    }
    return line === '' && found.length > 0 ? found : [...found, line];
  }

  private fitting(word: string, weight: Weight, size: number, width: number): string[] {
    if (this.width(word, weight, size) <= width) return [word];
    const pieces: string[] = [];
    let piece = '';
    for (const letter of word) {
      if (piece !== '' && this.width(piece + letter, weight, size) > width) {
        pieces.push(piece);
        piece = '';
      }
      piece += letter;
    }
    return [...pieces, piece];
  }

  /** Writes one line; `x` and `y` are its upper left corner, in points. */
  put(text: string, weight: Weight, size: number, [x, y]: readonly [number, number]): void {
    let at = x;
    for (const run of this.runs(text, weight)) {
      this.doc.font(run.font).fontSize(size).text(run.text, at, y, { lineBreak: false });
      at += this.doc.widthOfString(run.text);
    }
  }
}

/** Signs that no file has, by what says the same. */
const usual: Readonly<Record<string, string>> = {
  '→': '>',
  '←': '<',
  '≤': '<=',
  '≥': '>=',
  '☐': '[ ]',
  '✓': 'x',
};

/** What a file of the face can set. The library keeps it to itself: its types say nothing of it. */
function glyphsOf(doc: Doc): Glyphs {
  const holder: unknown = Reflect.get(doc, '_font');
  const font: unknown = typeof holder === 'object' && holder !== null ? Reflect.get(holder, 'font') : null;
  if (!isGlyphs(font)) throw new Error('the PDF library tells no glyphs of a face');
  return font;
}

const isGlyphs = (font: unknown): font is Glyphs =>
  typeof font === 'object' &&
  font !== null &&
  typeof Reflect.get(font, 'hasGlyphForCodePoint') === 'function';
