'use client';

import type { ReactNode } from 'react';
import { levels } from '@/core/film';
import { priorRepairs, type JobChange } from '@/core/record';
import { addDays } from '@/core/units';
import { bodyKindOf } from '@/core/vehicle';
import { EditChoice, EditText } from '../frame/edit-field';
import { date, type Locale } from '../words/format';
import type { WalkaroundProps } from './walkaround-props';

const weights = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** The figures of the job itself: dimensions, level, dates, caps. */
export function JobFields({ job, caps, locale }: Pick<WalkaroundProps, 'job' | 'caps'> & { locale: Locale }) {
  const edit = (set: JobChange) => ({ kind: 'job', job: job.number, seen: job.seen, set }) as const;
  const row = (label: string, field: ReactNode) => (
    <div key={label} className="flex items-baseline justify-between gap-3 py-[2px]">
      <span className="text-quiet" aria-hidden="true">
        {label}
      </span>
      {field}
    </div>
  );
  const figure = (label: string, value: number, unit: string, toSet: (figure: number) => JobChange) =>
    row(
      label,
      <EditText
        label={label}
        quiet
        type="number"
        step="any"
        unit={unit}
        value={String(value)}
        toEdit={(text) => edit(toSet(Number(text)))}
      />,
    );
  const day = (label: string, value: string, toSet: (text: string) => JobChange) =>
    row(
      label,
      <EditText
        label={label}
        quiet
        type="date"
        className="w-36"
        value={value}
        toEdit={(text) => edit(toSet(text))}
      />,
    );
  return (
    <div>
      {bodyKindOf(job.bodyKind)?.dimensions.map((one) =>
        figure(one.label, job.dimensions[one.key] ?? one.initial, one.unit, (value) => ({
          dimensions: { [one.key]: value },
        })),
      )}
      {row(
        'Level',
        <EditChoice
          label="Level"
          quiet
          value={job.level}
          className="w-28"
          choices={levels.map((value) => ({ value, text: value }))}
          toEdit={(text) => edit({ level: text as (typeof levels)[number] })}
        />,
      )}
      {day('Arrives', job.arrival, (arrival) => ({ arrival }))}
      {day('Promised', job.promised, (promised) => ({ promised }))}
      {figure('Owner told before', job.noticeDays, 'd', (noticeDays) => ({ noticeDays }))}
      {job.noticeDays > 0 &&
        row('Tell the owner by', <span>{date(addDays(job.promised, -job.noticeDays))}</span>)}
      {row(
        'Counts when late',
        <EditChoice
          label="Counts when late, beside another job"
          quiet
          value={String(job.weight)}
          className="w-28"
          choices={weights.map((value) => ({ value, text: value === '1' ? 'as any' : `${value} times` }))}
          toEdit={(text) => edit({ weight: Number(text) })}
        />,
      )}
      {row(
        'Built in',
        <EditText
          label="Built in"
          quiet
          type="number"
          value={job.builtYear === null ? '' : String(job.builtYear)}
          toEdit={(text) => edit({ builtYear: text === '' ? null : Number(text) })}
        />,
      )}
      {job.builtYear !== null &&
        row(
          'Repaired before',
          <EditChoice
            label="Repaired before"
            quiet
            value={job.priorRepair}
            className="w-28"
            choices={priorRepairs.map((value) => ({ value, text: value }))}
            toEdit={(text) => edit({ priorRepair: text as (typeof priorRepairs)[number] })}
          />,
        )}
      <Caps figure={figure} caps={caps} locale={locale} />
    </div>
  );
}

/** What the job may cost in hours, materials and booth. */
function Caps({
  figure,
  caps,
  locale,
}: {
  figure: (label: string, value: number, unit: string, toSet: (figure: number) => JobChange) => ReactNode;
  caps: { labourHours: number; materialsMinor: number; boothHours: number };
  locale: Locale;
}) {
  return (
    <>
      {figure('Cap, labour', caps.labourHours, 'h', (capLabourHours) => ({ capLabourHours }))}
      {figure('Cap, materials', caps.materialsMinor / 100, locale.currency, (value) => ({
        capMaterialsMinor: Math.round(value * 100),
      }))}
      {figure('Cap, booth', caps.boothHours, 'h', (capBoothHours) => ({ capBoothHours }))}
    </>
  );
}
