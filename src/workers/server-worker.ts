import { protocolVersion, type Envelope } from './tasks';
import { work } from './work';

/** Entry of a server thread: one task, one answer. @throws Error when the sender speaks another version */
export default function answer({ version, task }: Envelope): unknown {
  if (version !== protocolVersion)
    throw new Error(`the thread speaks version ${protocolVersion}, not ${version}`);
  return work(task);
}
