'use client';

import { askJson, jsonPost } from '../frame/asking';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { PlanFigures } from '@/core/changes';
import { Button } from '@/ui/button';
import { Fact } from '@/ui/facts';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { refusalText, useSaving } from '../frame/saving';
import { date, hours, moment, type Locale } from '../words/format';
import { useOrderSearch } from './use-order-search';
import { useOpen } from '../frame/who';

interface Compared {
  base: PlanFigures;
  changed: (PlanFigures | null)[];
}

/** Looks for an order of the steps that ends sooner, and lays the plan it gives beside the one that stands. */
export function SoonerView({
  job,
  seen,
  finish,
  hasOrder,
  locale,
}: {
  job: string;
  seen: number;
  /** End of the plan as it stands; null when there is nothing to do. */
  finish: number | null;
  hasOrder: boolean;
  locale: Locale;
}) {
  const live = useOpen('job');
  const { save } = useSaving();
  const { looking, begin, stop } = useOrderSearch(job);
  const [said, setSaid] = useState<string | null>(null);
  const isOver = looking.state === 'ended';
  const progress = 'progress' in looking ? looking.progress : null;
  const best = progress?.best ?? null;
  const gainMin = best && finish !== null ? finish - best.end : 0;
  const compared = useCompared(job, isOver && best && gainMin > 0 ? best.order : null);
  const set = async (placingOrder: string[]) => {
    const outcome = await save({ kind: 'job', job, seen, set: { placingOrder } });
    setSaid(refusalText(outcome));
  };
  return (
    <div className="h-full overflow-auto">
      <div className="flex items-center gap-3 pb-3">
        {looking.state === 'looking' ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button look="main" disabled={!live || looking.state === 'asking'} onClick={begin}>
            Look for a sooner end
          </Button>
        )}
        {hasOrder && (
          <Button disabled={!live} onClick={() => void set([])}>
            Back to the rule
          </Button>
        )}
        <span role="status" className="text-quiet">
          {said ?? statusWords(looking.state, hasOrder)}
        </span>
      </div>
      {!progress ? (
        <Empty>
          The calendar places what has the longest way ahead first. Another order may end sooner: this looks
          for one in your browser, beside what the other jobs have agreed, with every window kept. Nothing
          changes until you take it.
        </Empty>
      ) : (
        <dl className="max-w-md">
          <Fact label="The plan as it stands ends">{finish === null ? '–' : moment(finish, locale)}</Fact>
          <Fact label="Best order so far ends">
            {best ? moment(best.end, locale) : 'none keeps every window yet'}
          </Fact>
          <Fact label="No calendar ends before, by waits and hours alone">
            {moment(progress.earliest, locale)}
          </Fact>
          <Fact label="Orders tried">{`${progress.rounds} in ${progress.seconds.toFixed(1)} s`}</Fact>
        </dl>
      )}
      {isOver && gainMin <= 0 && (
        <div className="pt-3">
          <Notice grade="released">No better order was found: the plan stands.</Notice>
        </div>
      )}
      {compared && best && (
        <Proposal compared={compared} onTake={live ? () => void set([...best.order]) : null} />
      )}
    </div>
  );
}

function statusWords(
  state: ReturnType<typeof useOrderSearch>['looking']['state'],
  hasOrder: boolean,
): string {
  switch (state) {
    case 'asking':
      return 'Reading the calendar …';
    case 'looking':
      return 'Looking; the page stays free meanwhile.';
    case 'failed':
      return 'Coatrel does not answer.';
    case 'ended':
      return 'Looked through.';
    case 'idle':
      return hasOrder ? 'The plan goes by an order that was found.' : '';
  }
}

/** The whole plan in an order, through the server, beside the plan as it stands. */
function useCompared(
  job: string,
  order: readonly string[] | null,
): { base: PlanFigures; found: PlanFigures } | null {
  const question = useQuery({
    queryKey: ['order compared', job, order],
    enabled: order !== null,
    queryFn: ({ signal }) =>
      askJson<Compared>(`/api/jobs/${job}/changes`, {
        ...jsonPost({ changes: [{ kind: 'order', order }] }),
        signal,
      }),
  });
  const found = question.data?.changed[0];
  return question.data && found ? { base: question.data.base, found } : null;
}

function Proposal({
  compared: { base, found },
  onTake,
}: {
  compared: { base: PlanFigures; found: PlanFigures };
  onTake: (() => void) | null;
}) {
  const rows: [string, (one: PlanFigures) => string][] = [
    ['Finish', (one) => (one.finishDate ? date(one.finishDate) : 'no room')],
    ['Days late', (one) => String(one.lateDays)],
    ['Labour, h', (one) => hours(one.labourMin)],
    ['Booth, h', (one) => hours(one.boothMin)],
    ['Passes in the booth', (one) => String(one.passes)],
  ];
  return (
    <section aria-label="The order that was found" className="pt-4">
      <table className="border-collapse tabular-nums">
        <caption className="sr-only">Planned anew by the rule and in the order that was found</caption>
        <thead>
          <tr>
            <td className="pr-6" />
            <th scope="col" className="border-b border-strong py-1 pr-6 text-right font-semibold">
              Anew by the rule
            </th>
            <th scope="col" className="border-b border-strong py-1 text-right font-semibold">
              In the order found
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name} className="border-b border-line">
              <th scope="row" className="py-1 pr-6 text-left font-normal">
                {name}
              </th>
              <td className="py-1 pr-6 text-right">{value(base)}</td>
              <td className="py-1 text-right font-semibold">{value(found)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="py-2 text-small text-quiet">
        Planned through by the server, remedies and true waits in it. Taking it changes the working plan; what
        is agreed stays until you accept.
      </p>
      <Button look="main" disabled={!onTake} onClick={() => onTake?.()}>
        Take this order
      </Button>
    </section>
  );
}
