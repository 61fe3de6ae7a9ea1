'use client';

import { Part } from '@/ui/facts';
import { moment } from '../words/format';
import { useAnswer } from './asking';

interface Version {
  atMinute: number;
  label: string;
  before: object | null;
}

/** What a sheet was before each of its edits, newest first. */
export function SheetHistory({
  path,
  seen,
  timeZone,
  first = 'put on the shelf',
}: {
  path: string;
  seen: number | null;
  timeZone: string;
  /** What the first edit of it was. */
  first?: string;
}) {
  const question = useAnswer<{ history: Version[] }>(path, [seen]);
  const history = question.isError ? [] : (question.data?.history ?? null);
  return (
    <Part title="History">
      {history === null && <p className="text-quiet">Reading …</p>}
      {history?.length === 0 && <p className="text-quiet">As it came; nobody changed it.</p>}
      {history?.slice(0, 12).map((version, i) => (
        <p key={i} className="py-[2px]">
          {moment(version.atMinute, { timeZone })}
          <span className="block text-small text-quiet">
            {version.before ? differenceWords(history, i) : first}
          </span>
        </p>
      ))}
    </Part>
  );
}

/** Fields that an edit changed, with what they were before it. */
function differenceWords(history: readonly Version[], i: number): string {
  const before = history[i]!.before!;
  const after = i === 0 ? null : history[i - 1]!.before;
  const flat = (value: unknown): string =>
    typeof value === 'object' && value !== null ? JSON.stringify(value) : String(value);
  const fields = (given: object): Map<string, unknown> => {
    const sheet = 'coating' in given && typeof given.coating === 'object' ? given.coating : null;
    return new Map(Object.entries({ ...given, coating: undefined, ...sheet }));
  };
  if (!after) return `before: ${Object.keys(before).length} fields kept`;
  const [old, fresh] = [fields(before), fields(after)];
  const changed = [...old.keys()].filter((key) => flat(old.get(key)) !== flat(fresh.get(key)));
  return changed.length === 0
    ? 'nothing changed'
    : changed.map((key) => `${key} was ${flat(old.get(key)).slice(0, 40)}`).join('; ');
}
