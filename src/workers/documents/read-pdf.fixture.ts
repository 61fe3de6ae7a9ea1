import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

/** What an independent reader finds in a PDF. */
export interface ReadPdf {
  pages: {
    /** Width and height of the sheet, mm. */
    mm: [number, number];
    words: string;
    /** The tree of tags, as JSON. */
    tags: string;
    images: number;
  }[];
  info: { Title?: string; Author?: string };
  isTagged: boolean;
}

/** Reads a PDF in a process of its own, with another library than the one that wrote it. @throws Error where it is none */
export function readPdf(bytes: Uint8Array): ReadPdf {
  const run = spawnSync(process.execPath, [join(process.cwd(), 'tests/read-pdf.mjs')], {
    input: bytes,
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  if (run.status !== 0) throw new Error(run.stderr);
  return JSON.parse(run.stdout) as ReadPdf;
}
