import { saveAgreedPlan } from '../repositories/plan-repository';
import { currentMinute } from './clock';
import { currentPlan, inputsOf } from './plans';
import { write, type Writer } from './unit-of-work';

export type AcceptOutcome =
  { status: 'accepted' } | { status: 'conflict'; inputHash: string } | { status: 'no-job' };

/**
 * Makes the working plan the accepted one. While the shop is locked, everything it rests on is read again: the job with
 * its log, the shop, and the bookings of the other jobs. Where any of it is no longer what the manager saw, nothing is
 * changed and the fresh proposal's hash comes back.
 */
export async function acceptPlan(number: string, seenHash: string, writer: Writer): Promise<AcceptOutcome> {
  // Planned before the lock, because planning takes long and others wait for it.
  const current = await currentPlan(number);
  if (!current) return { status: 'no-job' };
  if (current.inputHash !== seenHash) return { status: 'conflict', inputHash: current.inputHash };
  const outcome = await write(writer, 'accept-plan', 'shop', async (connection) => {
    const now = await inputsOf(number, connection);
    if (now?.inputHash !== seenHash) return { status: 'conflict', what: `plan ${number}`, why: 'changed' };
    return {
      status: 'ok',
      room: number,
      kind: 'acceptance',
      label: 'plan accepted',
      changes: [],
      undoable: false,
      also: (one) =>
        saveAgreedPlan(one, number, {
          inputHash: seenHash,
          acceptedAt: currentMinute(),
          plan: current.plan,
        }),
    };
  });
  if (outcome.status === 'saved') return { status: 'accepted' };
  const fresh = await currentPlan(number);
  return fresh ? { status: 'conflict', inputHash: fresh.inputHash } : { status: 'no-job' };
}
