import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { auditOf } from '@/server/services/audit';
import { faultsAnswer } from './json-body';

interface Query {
  panel: string | null;
  before: number | null;
}
const schema = Joi.object<Query>({
  panel: field.partKey().allow(null).required(),
  before: field.whole(1, 2_000_000_000).allow(null).required(),
});

/** A page of the audit record of a room: `panel` narrows it, `before` asks for the page after a line. */
export async function auditAnswer(request: Request, room: string): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const before = searchParams.get('before');
  const parsed = parseWith(schema, {
    panel: searchParams.get('panel'),
    before: before === null ? null : Number(before),
  });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return Response.json(await auditOf(room, parsed.value.panel, parsed.value.before));
}
