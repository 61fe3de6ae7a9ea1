'use client';

import { cureStages, nextStage, type CureStage } from '@/core/log';
import { Empty, Table } from '@/ui/layout';
import { useNow } from '@/ui/use-now';
import { moment, span, type Locale } from '../words/format';
import type { ClockRow } from './booth-props';
import { cureGroups } from './cure-groups';

const words: Record<CureStage, string> = {
  flash: 'flash',
  dust: 'dust-free',
  recoat: 'recoat',
  tape: 'tape',
  sand: 'sand',
  handle: 'handle',
  cure: 'cured',
};

/** The running clocks of every coat that lies open: what each panel may bear now, what is next, when the window closes. */
export function CureTable({
  clocks,
  now,
  locale,
}: {
  clocks: readonly ClockRow[];
  now: number;
  locale: Locale;
}) {
  const minute = useNow(now);
  if (clocks.length === 0)
    return <Empty>No coat is logged yet. Clocks begin with the first coat tapped at the window.</Empty>;
  return (
    <Table
      caption="Cure clocks by panel"
      head={[
        'Panels',
        'Last coat',
        'Laid',
        { text: 'Next', right: true },
        'Bears now',
        { text: 'Recoat closes', right: true },
        'See',
      ]}
    >
      {cureGroups(clocks).map((row) => {
        const next = nextStage(row, minute);
        const left = row.closes === null ? null : row.closes - minute;
        return (
          <tr key={row.panels.join()} className="border-b border-line align-top">
            <td className="max-w-64 py-2 pr-3 font-semibold">{panelList(row.panels)}</td>
            <td className="py-2 pr-3">
              {row.productName}, coat {row.coat.nth}
              {row.coat.batch && <span className="block text-quiet">batch {row.coat.batch}</span>}
            </td>
            <td className="py-2 pr-3 whitespace-nowrap">{moment(row.coat.at, locale)}</td>
            <td className="py-2 pr-3 text-right whitespace-nowrap tabular-nums">
              {row.stopped ? (
                <span className="text-stop">too cold or hot: nothing dries</span>
              ) : next ? (
                <span className="text-lead font-semibold">
                  {words[next.stage]} in {span(next.leftMin)}
                </span>
              ) : (
                'cured'
              )}
            </td>
            <td className="py-2 pr-3">{bearsNow(row, minute)}</td>
            <td className="py-2 pr-3 text-right tabular-nums">
              {left === null ? (
                'never closes'
              ) : left <= 0 ? (
                <span className={row.afterMax === 'none' || row.afterMax === 'strip' ? 'text-stop' : ''}>
                  closed: {afterWords[row.afterMax]}
                </span>
              ) : (
                <span className={`whitespace-nowrap ${left < 240 ? 'text-caution' : ''}`}>
                  in {span(left)}
                </span>
              )}
            </td>
            <td className="max-w-56 py-2 text-quiet">{next ? row.cue : ''}</td>
          </tr>
        );
      })}
    </Table>
  );
}

const afterWords = {
  scuff: 'scuff before the next coat',
  abrade: 'sand before the next coat',
  strip: 'strip it',
  none: 'no way back',
};

const mostPanels = 12;
const panelList = (panels: readonly string[]): string =>
  panels.length <= mostPanels
    ? panels.join(', ')
    : `${panels.slice(0, mostPanels).join(', ')} and ${panels.length - mostPanels} more`;

/** What the film bears by now; a cured one bears all of it. */
function bearsNow({ due }: ClockRow, minute: number): string {
  const bears = cureStages.filter((stage) => due[stage] !== null && due[stage]! <= minute);
  if (bears.includes('cure')) return 'everything';
  const told = bears.filter((stage) => stage !== 'flash');
  return told.map((stage) => words[stage]).join(', ') || 'nothing';
}
