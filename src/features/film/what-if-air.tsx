'use client';

import { useState } from 'react';
import type { PlanFigures } from '@/core/changes';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { refusalOf, useAnswer } from '../frame/asking';
import { EntryForm, Figure } from '../frame/entry-form';
import { usePlanHash } from '../frame/plan-hash';
import { date, hours, money, type Locale } from '../words/format';
import type { WarningText } from '../words/warning-words';

interface Answer {
  base: PlanFigures;
  changed: PlanFigures;
  breaks: WarningText[];
}

/** The whole job with every place at one temperature: what breaks and what it costs. Nothing is stored. */
export function WhatIfAir({ job, locale }: { job: string; locale: Locale }) {
  const planHash = usePlanHash();
  const [asked, setAsked] = useState<string | null>(null);
  const question = useAnswer<Answer>(
    `/api/jobs/${job}/what-if?airC=${encodeURIComponent(asked ?? '')}`,
    [planHash],
    asked !== null,
  );
  const answer = question.data;
  const said = question.isFetching ? 'Planning …' : refusalOf(question.error);
  return (
    <>
      <EntryForm
        deed={null}
        className="flex flex-wrap items-center gap-2 pb-3"
        start={{ airC: '12' }}
        stays
        send={({ airC }) => {
          setAsked(String(typedFigure(airC)));
          return null;
        }}
      >
        {(form) => (
          <>
            What if every place has
            <Figure
              form={form}
              name="airC"
              label="Air of every place, °C"
              className="w-18 text-right"
              required
            />
            °C, day and night
            <Button type="submit" look="main">
              Show what breaks
            </Button>
            <span role="status" className="text-quiet">
              {said}
            </span>
          </>
        )}
      </EntryForm>
      {answer && (
        <>
          <Table
            caption="With and without"
            head={[
              'Air',
              { text: 'Hours', right: true },
              { text: 'Materials', right: true },
              { text: 'Booth h', right: true },
              'Finish',
            ]}
          >
            {(['base', 'changed'] as const).map((which) => {
              const row = answer[which];
              return (
                <tr key={which} className="border-b border-line">
                  <td className="py-1 pr-3">{which === 'base' ? 'as the shop keeps it' : `${asked} °C`}</td>
                  <td className="py-1 pr-3 text-right tabular-nums">{hours(row.labourMin)}</td>
                  <td className="py-1 pr-3 text-right tabular-nums">{money(row.materialsMinor, locale)}</td>
                  <td className="py-1 pr-3 text-right tabular-nums">{hours(row.boothMin)}</td>
                  <td className="py-1 pr-3">
                    {row.finishDate ? date(row.finishDate) : '–'}
                    {row.lateDays > 0 && <span className="text-stop"> {row.lateDays} d late</span>}
                  </td>
                </tr>
              );
            })}
          </Table>
          <h2 className="pt-3 font-semibold">What breaks at {asked} °C</h2>
          {answer.breaks.length === 0 && <p className="text-quiet">Nothing that does not break already.</p>}
          {answer.breaks.map((one) => (
            <Notice key={one.text} grade={one.grade}>
              {one.text}
            </Notice>
          ))}
        </>
      )}
    </>
  );
}
