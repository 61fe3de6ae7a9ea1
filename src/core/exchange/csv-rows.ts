import Papa from 'papaparse';

export interface CsvRow {
  /** Line of the file the row begins on, the first being 1; blank lines and lines within quotes count. */
  line: number;
  cells: string[];
}

export interface CsvFile {
  rows: CsvRow[];
  /** Where quotes are not closed or the like. */
  faults: { line: number; reason: string }[];
  /** Rows beyond the limit were left unread. */
  isCut: boolean;
}

/**
 * Rows of a CSV file that are not blank, each with the line it begins on.
 * @param delimiter where it is known; else found by the package   @param most rows that are read
 */
export function csvRows(text: string, most: number, delimiter?: string): CsvFile {
  const file: CsvFile = { rows: [], faults: [], isCut: false };
  const plain = text.replace(/^\uFEFF/, '');
  let begin = 0;
  let line = 1;
  Papa.parse<string[]>(plain, {
    delimiter: delimiter ?? '',
    skipEmptyLines: false,
    step: ({ data, errors, meta }, parser) => {
      const cells = data;
      for (const error of errors)
        if (error.type === 'Quotes') file.faults.push({ line, reason: error.message });
      if (cells.some((cell) => cell.trim() !== '')) {
        if (file.rows.length >= most) {
          file.isCut = true;
          parser.abort();
          return;
        }
        file.rows.push({ line, cells });
      }
      line += plain.slice(begin, meta.cursor).split(/\r\n|\r|\n/).length - 1;
      begin = meta.cursor;
    },
  });
  return file;
}

/**
 * A CSV file with a head line, separated by commas, semicolons or tabs, whichever its first line has.
 * @param most rows that are read after the head   @returns names of the columns in small letters, the rows, and the first line as it is
 */
export function headedCsv(text: string, most: number) {
  const first = text.replace(/^\uFEFF/, '').split(/\r?\n/, 1)[0] ?? '';
  const separator = [';', '\t', ','].find((one) => first.includes(one)) ?? ',';
  const file = csvRows(text, most + 1, separator);
  const [headRow, ...body] = file.rows;
  const head = (headRow?.cells ?? []).map((cell) => cell.trim().toLowerCase());
  return { first, separator, head, body, file };
}
