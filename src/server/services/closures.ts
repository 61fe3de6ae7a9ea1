import { localDateOf } from '../../core/units';
import { currentMinute } from './clock';
import { saveEdit, type EditOutcome, type Writer } from './edits';
import { readText } from './read-file';
import { requireShop } from './snapshot';

/** Adds the closed days of an iCalendar file that the shop does not have yet; one undo takes them all back. */
export async function importClosures(text: string, writer: Writer): Promise<EditOutcome> {
  const { shop } = await requireShop();
  const today = localDateOf(currentMinute(), shop.timeZone);
  const parsed = await readText({ kind: 'read-closures', text, today });
  if (parsed.status === 'faulty') return parsed;
  const known = new Set(shop.closures.map((closure) => closure.date));
  const closures = parsed.value.filter((closure) => !known.has(closure.date));
  if (closures.length === 0)
    return { status: 'faulty', faults: [{ place: '', reason: 'the shop has all these days already' }] };
  return saveEdit({ kind: 'add-closures', closures }, writer);
}
