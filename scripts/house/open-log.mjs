// The structured log of the server: a file a day in the data folder, a month of them, for our own eyes.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import pino from 'pino';
import roll from 'pino-roll';

export async function openLog(data) {
  const folder = join(data, 'logs');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const stream = await roll({
    file: join(folder, 'server'),
    frequency: 'daily',
    dateFormat: 'yyyy-MM-dd',
    extension: '.log',
    size: '20m',
    limit: { count: 30, removeOtherLogFiles: false },
    mkdir: true,
  });
  // A full disk takes no lines; the application goes on.
  stream.on('error', () => {});
  return pino({ level: process.env.COATREL_LOG ?? 'info', base: { pid: process.pid } }, stream);
}
