// npm run backup: the database and the photos of this copy in one file, consistent, while Coatrel runs.
import { existsSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { backupFolder, newestBackup } from './house/backup-list.mjs';
import { makeBackup } from './house/backup.mjs';
import { dataFolder } from './house/place.mjs';
import { runMain, say, Stop } from './house/say.mjs';

const usage = `npm run backup -- [--to FOLDER] [--encrypt-to FILE] [--if-older HOURS]
  --to          where it goes; default: backups in the data folder. Another disk is wiser.
  --encrypt-to  a file of public keys of age: only who has one of their identities reads the backup
  --if-older    nothing is done while the newest backup is younger
Environment: COATREL_DATA, COATREL_BACKUPS (as --to), COATREL_BACKUP_KEYS (as --encrypt-to)`;

function readOptions() {
  try {
    return parseArgs({
      options: {
        to: { type: 'string' },
        'encrypt-to': { type: 'string', default: process.env.COATREL_BACKUP_KEYS },
        'if-older': { type: 'string' },
        help: { type: 'boolean', default: false },
      },
    }).values;
  } catch (fault) {
    throw new Stop(`${fault.message.split('.')[0]}.\n${usage}`);
  }
}

await runMain(async () => {
  const options = readOptions();
  if (options.help) return say(usage);
  const data = dataFolder();
  const to = backupFolder(data, options.to);
  const keys = options['encrypt-to'];
  if (keys !== undefined && !existsSync(keys)) throw new Stop(`there is no file of keys ${keys}.`);
  const hours = options['if-older'] === undefined ? null : Number(options['if-older']);
  if (hours !== null && !(hours >= 0)) throw new Stop('--if-older is a number of hours.');
  const newest = newestBackup(to);
  if (hours !== null && newest && Date.now() - newest.atMs < hours * 3_600_000)
    return say(`The newest backup, ${newest.file}, is young enough.`);
  const { file, bytes, jobs, photos, dropped } = await makeBackup({ data, to, keys });
  say(
    `${file}: ${(bytes / 1048576).toFixed(1)} MB, ${jobs} jobs, ${photos} photos${keys ? ', encrypted' : ''}.`,
  );
  if (dropped.length > 0) say(`Older ones went by the rule of keeping: ${dropped.join(', ')}.`);
});
