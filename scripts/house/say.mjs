/** A fault the user can understand and mend: printed as one sentence, never with a stack. */
export class Stop extends Error {}

export const say = (line) => process.stdout.write(`${line}\n`);

/** Runs a script's main function; a `Stop` becomes one sentence on standard error and exit 1. */
export async function runMain(main) {
  try {
    await main();
  } catch (fault) {
    if (fault instanceof Stop) process.stderr.write(`coatrel: ${fault.message}\n`);
    else process.stderr.write(`coatrel: this is our own fault: ${fault?.message ?? fault}\n`);
    if (process.env.COATREL_DEBUG) process.stderr.write(`${fault?.stack}\n`);
    process.exitCode = 1;
  }
}
