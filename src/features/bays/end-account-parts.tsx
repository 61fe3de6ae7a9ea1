import type { EndCause, EndItem } from '@/core/readings/end-account';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { hours, moment, span } from '../words/format';
import { some, type Names } from '../words/step-words';
import type { BaysProps } from './bays-props';

const causeWords: Record<EndCause, string> = {
  work: 'work on the chain',
  wait: 'film and glue that must wait',
  busy: 'people and rooms at other work',
  agreed: 'starts kept as agreed',
  rest: 'ends of shifts, windows, typed days',
};

function itemWords({ cause, step, who, holders }: EndItem, names: Names): string {
  switch (cause) {
    case 'work':
      return names.step(step);
    case 'wait':
      return `Wait before or in “${names.step(step)}”`;
    case 'busy':
      return `${some(who)} at ${some(holders)}`;
    case 'agreed':
      return `“${names.step(step)}” kept at its agreed start`;
    case 'rest':
      return `Before “${names.step(step)}”`;
  }
}

/** Where the opening hours until the handover go, along the chain of reasons behind the last step. */
export function EndAccountParts({
  end,
  promisedEnd,
  names,
  locale,
  onSelect,
}: Pick<BaysProps, 'end' | 'promisedEnd' | 'locale'> & { names: Names; onSelect(step: string): void }) {
  if (!end) return null;
  const late = end.finish - promisedEnd;
  return (
    <Part title={`Why it ends ${moment(end.finish, locale)}`}>
      {late > 0 && <Notice grade="stop">{span(late)} after the promised day</Notice>}
      <Fact label="opening hours until then">{hours(end.openMin)} h</Fact>
      {(Object.keys(causeWords) as EndCause[])
        .filter((cause) => end.causes[cause] > 0)
        .map((cause) => (
          <Fact key={cause} label={causeWords[cause]}>
            {hours(end.causes[cause])} h
          </Fact>
        ))}
      <p className="pt-2 text-small text-quiet">What takes most of them; choose one to see its reasons.</p>
      <ul aria-label="What takes most of the time until the end" className="space-y-1 pt-1">
        {end.items.slice(0, 5).map((item) => (
          <li key={`${item.cause} ${item.step} ${item.who.join()} ${item.holders.join()}`}>
            <button
              type="button"
              className="flex w-full justify-between gap-3 text-left underline-offset-2 hover:underline"
              onClick={() => onSelect(item.step)}
            >
              <span>{itemWords(item, names)}</span>
              <span className="shrink-0">{hours(item.openMin)} h</span>
            </button>
          </li>
        ))}
      </ul>
      <div className="pt-2">
        <Button onClick={() => onSelect(end.chain[0]!)}>Show the chain</Button>
      </div>
    </Part>
  );
}
