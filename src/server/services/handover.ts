import { randomUUID } from 'node:crypto';
import { surfaceRevisions } from '../../core/handover';
import { localDateOf } from '../../core/units';
import { database } from '../database/client';
import {
  loadSignatures,
  signatureInsert,
  signatureRemove,
  type HandoverSignature,
} from '../repositories/handover-repository';
import { currentMinute } from './clock';
import { currentPlan, inputsOf } from './plans';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { HandoverSignature };
export { signatureSides } from '../repositories/handover-repository';

export const signaturesOf = (number: string): Promise<HandoverSignature[]> =>
  loadSignatures(database(), number);

const mostSignatures = 40;
/** Who signs, where and when: a name alone signs nothing. */
export interface Signs {
  side: HandoverSignature['side'];
  by: string;
  where: string;
  on: string;
  /** Hash of what the plan rests on that was seen. */
  seenHash: string;
}

/** Takes down a signature under the handover; it binds the surfaces as they stand, and later work opens them again. */
export async function signHandover(number: string, signs: Signs, writer: Writer): Promise<EditOutcome> {
  const current = await currentPlan(number);
  if (!current) return faulty('job', `there is no job ${number}`);
  if (current.inputHash !== signs.seenHash)
    return { status: 'conflict', what: `plan ${number}`, why: 'changed' };
  return write(writer, 'sign-handover', { job: number }, async (connection): Promise<Prepared> => {
    const now = await inputsOf(number, connection);
    if (now?.inputHash !== signs.seenHash)
      return { status: 'conflict', what: `plan ${number}`, why: 'changed' };
    const today = localDateOf(currentMinute(), current.shop.shop.timeZone);
    if (signs.on > today) return faulty('on', 'nobody has signed on a day that is still to come');
    if (signs.on < current.stored.job.arrival) return faulty('on', 'it had not arrived then');
    if ((await loadSignatures(connection, number)).length >= mostSignatures)
      return faulty('job', `a job has at most ${mostSignatures} signatures`);
    const { side, by, where, on } = signs;
    const bound = surfaceRevisions(current.plan);
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: `handover signed for the ${side}`,
      undoable: true,
      changes: [signatureInsert(number, { id: randomUUID(), side, by, where, on, bound })],
    };
  });
}

/** Takes a signature back. */
export const removeSignature = (
  number: string,
  id: string,
  seen: number,
  writer: Writer,
): Promise<EditOutcome> =>
  write(writer, 'sign-handover', { job: number }, (): Promise<Prepared> =>
    Promise.resolve({
      status: 'ok',
      room: number,
      kind: 'edit',
      label: 'signature under the handover taken back',
      undoable: true,
      changes: [signatureRemove(number, id, seen)],
    }),
  );
