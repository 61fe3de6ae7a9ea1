import { runBackup } from '@/server/services/backups';
import { guarded } from '../guarded';
import { faultsAnswer } from '../json-body';

/** Makes a backup now. */
export const POST = guarded({ does: 'backup', cost: 60 }, async () => {
  const why = await runBackup();
  return why === null ? Response.json({ status: 'saved' }) : faultsAnswer([{ place: '', reason: why }], 503);
});
