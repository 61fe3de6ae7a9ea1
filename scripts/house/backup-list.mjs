// Which backups there are.
import { existsSync, mkdirSync, readdirSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';

const backupName = /^coatrel-(\d{4}-\d{2}-\d{2})T(\d{2})(\d{2})(\d{2})Z\.tar(\.age)?$/;

/** Where backups go. */
export function backupFolder(data, asked) {
  const folder = resolve(asked ?? process.env.COATREL_BACKUPS ?? join(data, 'backups'));
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  return folder;
}

/** Backups of a folder, the latest first. */
export function backupsIn(folder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((file) => {
      const at = backupName.exec(file);
      if (!at) return [];
      const [, day, hour, minute, second] = at;
      return [
        {
          file,
          atMs: Date.parse(`${day}T${hour}:${minute}:${second}Z`),
          bytes: statSync(join(folder, file)).size,
        },
      ];
    })
    .sort((a, b) => b.atMs - a.atMs);
}
export const newestBackup = (folder) => backupsIn(folder)[0] ?? null;
