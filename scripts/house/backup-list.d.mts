export interface BackupFile {
  file: string;
  atMs: number;
  bytes: number;
}
export function backupFolder(data: string, asked?: string): string;
export function backupsIn(folder: string): BackupFile[];
export function newestBackup(folder: string): BackupFile | null;
