import type { Unkept } from '@/core/readings/unkept';
import { Button } from '@/ui/button';
import { Notice } from '@/ui/notice';
import { moment, span, type Locale } from '../words/format';

import { whySentence, type Names } from '../words/step-words';

/** What the calendar cannot keep, in a manager's words, and the way to the smallest change that helps. */
export function UnkeptParts({
  unkept,
  names,
  locale,
  onSelect,
  onLook,
}: {
  unkept: readonly Unkept[];
  names: Names;
  locale: Locale;
  onSelect(step: string): void;
  onLook(): void;
}) {
  if (unkept.length === 0) return null;
  return (
    <section aria-label="What cannot be kept" className="pb-3">
      <h2 className="font-semibold">What cannot be kept</h2>
      <ul>
        {unkept.map((one) => (
          <li key={`${one.kind} ${one.step}`} className="border-b border-line py-2">
            <Notice grade="stop">{sentence(one, names, locale)}</Notice>
            {one.kind !== 'no-room' && one.why.length > 0 && (
              <ul className="list-disc pt-1 pl-5 text-small">
                {one.why.map((because, i) => (
                  <li key={i}>{whySentence(because, names, locale)}</li>
                ))}
              </ul>
            )}
            {one.kind !== 'no-room' && (
              <button type="button" className="text-small underline" onClick={() => onSelect(one.step)}>
                Show the chain
              </button>
            )}
          </li>
        ))}
      </ul>
      <div className="pt-2">
        <Button onClick={onLook}>Look for the smallest change</Button>
      </div>
    </section>
  );
}

function sentence(one: Unkept, names: Names, locale: Locale): string {
  const step = `“${names.step(one.step)}”`;
  switch (one.kind) {
    case 'window':
      return `${step} has to begin by ${moment(one.wanted, locale)} after “${names.step(one.opens)}” and cannot before ${moment(one.start, locale)}, ${span(one.start - one.wanted)} too late`;
    case 'pin':
      return `${step} is pinned to ${moment(one.wanted, locale)} and cannot begin before ${moment(one.start, locale)}`;
    case 'no-room':
      return `${step} finds no room: longer than any shift of those who can do it, or nobody can`;
  }
}
