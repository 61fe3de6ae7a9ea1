import { constants, setPriority } from 'node:os';
import { protocolVersion, type Envelope } from './tasks';
import { work } from './work';

// On Linux this concerns the calling thread alone: pages and edits are answered first, forecasts and comparisons after.
if (process.platform === 'linux' && process.env.COATREL_LANE === 'comparisons')
  setPriority(constants.priority.PRIORITY_BELOW_NORMAL);

/** Entry of a server thread: one task, one answer. @throws Error when the sender speaks another version */
export default function answer({ version, task, progress }: Envelope): unknown {
  if (version !== protocolVersion)
    throw new Error(`the thread speaks version ${protocolVersion}, not ${version}`);
  return work(task, progress ? (share) => progress.postMessage(share) : undefined);
}
