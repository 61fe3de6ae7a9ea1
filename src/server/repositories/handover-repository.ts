import { asc, eq } from 'drizzle-orm';
import type { SurfaceRevisions } from '../../core/handover';
import type { LocalDate } from '../../core/units';
import type { Connection } from '../database/client';
import { handoverSignature } from '../database/schema';
import { insert, remove, type RowChange } from './row-change';

export const signatureSides = ['shop', 'owner'] as const;

/** A signature of one side under the handover, with the surfaces as they were then. */
export interface HandoverSignature {
  id: string;
  side: (typeof signatureSides)[number];
  by: string;
  where: string;
  on: LocalDate;
  bound: SurfaceRevisions;
  seen: number;
}

/** Signatures of a job, the first one first. */
export async function loadSignatures(connection: Connection, number: string): Promise<HandoverSignature[]> {
  const rows = await connection
    .select()
    .from(handoverSignature)
    .where(eq(handoverSignature.jobId, number))
    .orderBy(asc(handoverSignature.signedOn), asc(handoverSignature.id));
  return rows.map((row) => ({
    id: row.id.slice(number.length + 1),
    side: row.side === 'owner' ? 'owner' : 'shop',
    by: row.signedBy,
    where: row.signedWhere,
    on: row.signedOn,
    bound: row.bound,
    seen: row.version,
  }));
}

export const signatureInsert = (
  number: string,
  { id, side, by, where, on, bound }: Omit<HandoverSignature, 'seen'>,
): RowChange =>
  insert('handoverSignature', {
    id: `${number}/${id}`,
    jobId: number,
    side,
    signedBy: by,
    signedWhere: where,
    signedOn: on,
    bound,
  });

export const signatureRemove = (number: string, id: string, seen: number): RowChange =>
  remove('handoverSignature', `${number}/${id}`, seen);
