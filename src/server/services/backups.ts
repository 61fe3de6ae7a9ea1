import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { backupFolder, backupsIn, type BackupFile } from '../../../scripts/house/backup-list.mjs';
import { dataFolder } from '../database/access';

export type { BackupFile };

/** Backups that lie there, the latest first, and where. */
export function backups(): { folder: string; files: BackupFile[] } {
  const folder = backupFolder(dataFolder());
  return { folder, files: backupsIn(folder) };
}

/** One at a time: two would wait for the same disk. */
let running: Promise<string | null> | null = null;

/**
 * Makes a backup in a program of its own, so that no thread of ours waits for the disk.
 * @param youngHours nothing is done while the newest is younger
 * @returns null when it is made, else why not
 */
export function runBackup(youngHours: number | null = null): Promise<string | null> {
  running ??= backupProgram(youngHours).finally(() => {
    running = null;
  });
  return running;
}

function backupProgram(youngHours: number | null): Promise<string | null> {
  const words = youngHours === null ? [] : ['--if-older', String(youngHours)];
  const child = spawn(process.execPath, [join(process.cwd(), 'scripts/backup.mjs'), ...words], {
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (part: Buffer) => (said = `${said}${part.toString()}`.slice(-400)));
  return new Promise((done) => {
    child.on('error', (error) => done(error.message));
    child.on('exit', (code) =>
      done(code === 0 ? null : said.trim().replace(/^coatrel: /, '') || `exit ${code}`),
    );
  });
}
