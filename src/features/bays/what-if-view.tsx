'use client';

import { askJson, jsonPost, refusalOf } from '../frame/asking';
import { useQuery, keepPreviousData } from '@tanstack/react-query';
import { usePlanHash } from '../frame/plan-hash';
import { useState } from 'react';
import type { Change, PlanFigures } from '@/core/changes';
import { Button } from '@/ui/button';
import { Empty } from '@/ui/layout';
import { date, hours, money, type Locale } from '../words/format';
import { ChangeForm } from './change-form';
import { changeText, hoursMore, type ChangeGround } from '../what-if/change-words';

const most = 4;

interface Answer {
  base: PlanFigures;
  changed: (PlanFigures | null)[];
}

interface Row {
  label: string;
  value(figures: PlanFigures): string;
  /** How it differs from the plan as it stands; empty where it does not. */
  apart(figures: PlanFigures, base: PlanFigures): string;
}

const daysApart = (a: string, b: string) => Math.round((Date.parse(a) - Date.parse(b)) / 86_400_000);

function rowsFor(locale: Locale): Row[] {
  const more = (value: number) => (value === 0 ? '' : hoursMore(value));
  return [
    {
      label: 'Finish',
      value: (one) => (one.finishDate ? date(one.finishDate) : 'no room'),
      apart: (one, base) => {
        if (!one.finishDate || !base.finishDate || one.finishDate === base.finishDate) return '';
        const days = daysApart(one.finishDate, base.finishDate);
        return `${Math.abs(days)} d ${days < 0 ? 'sooner' : 'later'}`;
      },
    },
    {
      label: 'Days late',
      value: (one) => (one.lateDays > 0 ? String(one.lateDays) : 'in time'),
      apart: () => '',
    },
    {
      label: 'Labour hours',
      value: (one) => hours(one.labourMin),
      apart: (one, base) => more(one.labourMin - base.labourMin),
    },
    {
      label: 'Materials',
      value: (one) => money(one.materialsMinor, locale),
      apart: (one, base) => {
        const gap = one.materialsMinor - base.materialsMinor;
        return gap === 0 ? '' : `${gap > 0 ? '+' : '−'}${money(Math.abs(gap), locale)}`;
      },
    },
    {
      label: 'Booth hours',
      value: (one) => hours(one.boothMin),
      apart: (one, base) => more(one.boothMin - base.boothMin),
    },
    { label: 'Passes in the booth', value: (one) => String(one.passes), apart: () => '' },
  ];
}

/** Up to four things done otherwise, each planned through and laid beside the plan as it stands. Nothing is stored. */
export function WhatIfView({ job, ground, locale }: { job: string; ground: ChangeGround; locale: Locale }) {
  const [changes, setChanges] = useState<Change[]>([]);
  const planHash = usePlanHash();
  const question = useQuery({
    queryKey: ['changes compared', job, planHash, changes],
    enabled: changes.length > 0,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      askJson<Answer>(`/api/jobs/${job}/changes`, { ...jsonPost({ changes }), signal }),
  });
  const said = question.isFetching ? 'Planning the whole job each way …' : refusalOf(question.error);
  const answer = question.data;
  const shown = answer && answer.changed.length === changes.length ? answer : null;
  return (
    <div className="h-full overflow-auto">
      {changes.length < most ? (
        <ChangeForm ground={ground} onAdd={(change) => setChanges([...changes, change])} />
      ) : (
        <p className="pb-3 text-quiet">Four lie side by side; take one away to try another.</p>
      )}
      <p role="status" className="h-5 text-quiet">
        {said}
      </p>
      {changes.length === 0 && (
        <Empty>
          Choose what might be done otherwise. The whole job is planned anew with it, beside the other jobs’
          agreed bookings, and laid beside the plan as it stands. Nothing is changed by looking.
        </Empty>
      )}
      {changes.length > 0 && (
        <table className="border-collapse tabular-nums">
          <caption className="sr-only">The job as planned and with each change</caption>
          <thead>
            <tr className="align-bottom">
              <td className="pr-6" />
              <th scope="col" className="w-36 border-b border-strong py-1 pr-6 text-right font-semibold">
                As it stands
              </th>
              {changes.map((change, i) => (
                <th
                  key={i}
                  scope="col"
                  className="w-44 border-b border-strong py-1 pr-6 text-right font-semibold"
                >
                  {changeText(change, ground)}
                  <br />
                  <Button
                    className="!px-2 text-small"
                    aria-label={`Take away: ${changeText(change, ground)}`}
                    onClick={() => setChanges(changes.filter((_, k) => k !== i))}
                  >
                    take away
                  </Button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown &&
              rowsFor(locale).map((row) => (
                <tr key={row.label} className="border-b border-line align-top">
                  <th scope="row" className="py-1 pr-6 text-left font-normal whitespace-nowrap">
                    {row.label}
                  </th>
                  <td className="py-1 pr-6 text-right">{row.value(shown.base)}</td>
                  {shown.changed.map((figures, i) => (
                    <td key={i} className="py-1 pr-6 text-right">
                      {figures ? row.value(figures) : '–'}
                      <span className="block text-small text-quiet">
                        {figures ? row.apart(figures, shown.base) : 'changes nothing'}
                      </span>
                    </td>
                  ))}
                </tr>
              ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
