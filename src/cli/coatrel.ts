import { CommandStopped } from './command-stopped';
import { schedule } from './schedule';
import { usage } from './usage';

/** Sentences for faults of the surroundings; everything else is our own bug and says so. */
function sentenceFor(error: unknown): string {
  const known = ['CommandStopped', 'DatabaseMissing', 'MigrationStopped'];
  if (error instanceof Error && known.includes(error.constructor.name)) return error.message;
  const cause = (error as { cause?: { code?: string } }).cause ?? (error as { code?: string });
  if (['ENOENT', 'ECONNREFUSED'].includes(cause.code ?? ''))
    return 'the database does not answer; start Coatrel first with: npm start';
  return `this is our own fault: ${error instanceof Error ? error.message : String(error)}`;
}

async function main(): Promise<number> {
  const [name, ...words] = process.argv.slice(2);
  let close = () => Promise.resolve();
  try {
    // A scheduling problem is timed from the start of the process, so the rest of the house stays out of its way.
    if (name === 'schedule') return schedule(words);
    const { commands, closeDatabase } = await import('./commands');
    close = closeDatabase;
    const command = name && Object.hasOwn(commands, name) ? commands[name] : undefined;
    if (!command) {
      console.error(usage);
      return name === '--help' || name === undefined ? 0 : 2;
    }
    return await command(words);
  } catch (error) {
    console.error(`coatrel: ${sentenceFor(error)}`);
    return error instanceof CommandStopped ? error.exitCode : 1;
  } finally {
    await close();
  }
}

process.exitCode = await main();
