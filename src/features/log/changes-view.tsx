'use client';

import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { AuditCell, AuditLine } from '@/core/record';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { askJson, refusalOf } from '../frame/asking';
import { usePlanHash } from '../frame/plan-hash';
import { moment, type Locale } from '../words/format';

interface Page {
  lines: AuditLine[];
  next: number | null;
}

const kindWords: Record<string, string> = {
  edit: 'edit',
  entry: 'entry',
  acceptance: 'acceptance',
  photo: 'photo',
  import: 'import',
  'new-job': 'new job',
  demo: 'demo data',
  undo: 'undo of',
};

/** Every write of this job, newest first: when, who, what, and what stood before and after. */
export function ChangesView({ job, panels, locale }: { job: string; panels: string[]; locale: Locale }) {
  const [panel, setPanel] = useState('');
  const planHash = usePlanHash();
  const question = useInfiniteQuery({
    queryKey: ['audit', job, panel, planHash],
    initialPageParam: null as number | null,
    queryFn: ({ pageParam, signal }) => {
      const query = new URLSearchParams();
      if (panel) query.set('panel', panel);
      if (pageParam !== null) query.set('before', String(pageParam));
      return askJson<Page>(`/api/jobs/${job}/audit?${query}`, { signal });
    },
    getNextPageParam: (page) => page.next,
  });
  const lines = question.data?.pages.flatMap((page) => page.lines) ?? [];
  return (
    <>
      <label className="flex items-center gap-2 pb-3">
        Panel
        <select className="w-44" value={panel} onChange={(event) => setPanel(event.target.value)}>
          <option value="">all</option>
          {panels.map((key) => (
            <option key={key}>{key}</option>
          ))}
        </select>
        <span role="status" className="text-quiet">
          {question.isFetching ? 'Reading …' : refusalOf(question.error)}
        </span>
      </label>
      {question.isSuccess && lines.length === 0 && (
        <Empty>Nobody changed {panel || 'this job'} since it was booked in.</Empty>
      )}
      {lines.length > 0 && <Lines lines={lines} locale={locale} />}
      {question.hasNextPage && (
        <div className="pt-3">
          <Button disabled={question.isFetching} onClick={() => void question.fetchNextPage()}>
            Show older
          </Button>
        </div>
      )}
    </>
  );
}

function Lines({ lines, locale }: { lines: AuditLine[]; locale: Locale }) {
  return (
    <Table caption="Changes, newest first" head={['When', 'Who', 'What', 'Field', 'Before', 'After']}>
      {lines.map((line) => (
        <CellRows key={line.id} line={line} locale={locale} />
      ))}
    </Table>
  );
}

const empty: AuditCell = { row: '', field: '', before: null, after: null };

/** A line with its first cell beside it and the others below. */
function CellRows({ line, locale }: { line: AuditLine; locale: Locale }) {
  const [first = empty, ...others] = line.cells;
  return (
    <>
      <tr className="border-t border-line align-top">
        <td className="py-1 pr-3 whitespace-nowrap">{moment(line.atMinute, locale)}</td>
        <td className="max-w-40 pr-3">{line.author}</td>
        <td className={`max-w-64 pr-3 ${line.undone ? 'line-through' : ''}`}>
          {line.kind === 'edit' ? '' : `${kindWords[line.kind] ?? line.kind} `}
          {line.label}
        </td>
        <Cell cell={first} />
      </tr>
      {others.map((cell, i) => (
        <tr key={i} className="align-top">
          <td colSpan={3} />
          <Cell cell={cell} />
        </tr>
      ))}
      {line.more > 0 && (
        <tr>
          <td colSpan={3} />
          <td colSpan={3} className="text-quiet">
            and {line.more} more
          </td>
        </tr>
      )}
    </>
  );
}

function Cell({ cell }: { cell: AuditCell }) {
  return (
    <>
      <td className="py-[2px] pr-3 text-small text-quiet" title={cell.row}>
        {cell.field}
      </td>
      <td className="max-w-56 truncate pr-3 text-small" title={cell.before ?? ''}>
        {cell.before ?? '–'}
      </td>
      <td className="max-w-56 truncate text-small" title={cell.after ?? ''}>
        {cell.after ?? '–'}
      </td>
    </>
  );
}
