import { DatabaseMissing } from '../server/database/access';
import { closeDatabase } from '../server/database/client';
import { MigrationStopped } from '../server/database/migrate';
import { CommandStopped } from './command-stopped';
import { commands, usage } from './commands';

/** Sentences for faults of the surroundings; everything else is our own bug and says so. */
function sentenceFor(error: unknown): string {
  if (
    error instanceof CommandStopped ||
    error instanceof DatabaseMissing ||
    error instanceof MigrationStopped
  )
    return error.message;
  const cause = (error as { cause?: { code?: string } }).cause ?? (error as { code?: string });
  if (['ENOENT', 'ECONNREFUSED'].includes(cause.code ?? ''))
    return 'the database does not answer; start Coatrel first with: npm start';
  return `this is our own fault: ${error instanceof Error ? error.message : String(error)}`;
}

async function main(): Promise<number> {
  const [name, ...words] = process.argv.slice(2);
  const command = name && Object.hasOwn(commands, name) ? commands[name] : undefined;
  if (!command) {
    console.error(usage);
    return name === '--help' || name === undefined ? 0 : 2;
  }
  try {
    return await command(words);
  } catch (error) {
    console.error(`coatrel: ${sentenceFor(error)}`);
    return error instanceof CommandStopped ? error.exitCode : 1;
  } finally {
    await closeDatabase();
  }
}

process.exitCode = await main();
