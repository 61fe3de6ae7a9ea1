'use client';

import Link from 'next/link';
import { Meter } from '@/ui/meter';
import { Swatch } from '@/ui/swatch';
import { rangeWords } from '../words/forecast-words';
import { date, hours, money } from '../words/format';
import { useForecast } from './forecast';
import type { JobView } from './job-view';
import { useSaving } from './saving';
import { ThemeSwitch } from './theme-switch';
import { May } from './who';

/** The mark of the house: coats laid one over the other, the gun's pass above. */
export function Mark() {
  return (
    <svg width="26" height="22" viewBox="0 0 26 22" aria-hidden="true">
      <path d="M2 18h22M2 13.5h22M2 9h15" stroke="currentColor" strokeWidth="2.6" />
      <path d="M19 9.5 24 3" stroke="currentColor" strokeWidth="2" />
    </svg>
  );
}

function SavedMessage() {
  const { message } = useSaving();
  return (
    <span
      role="status"
      className={`max-w-72 truncate text-small ${message?.grade === 'stop' ? 'text-[#ff9a92]' : 'text-strip-quiet'}`}
      title={message?.text}
    >
      {message?.text ?? ''}
    </span>
  );
}

export function ShopStrip({ shopName }: { shopName: string }) {
  return (
    <>
      <Link
        href="/"
        aria-label="Coatrel, to the Yard"
        className="flex w-[88px] justify-center max-lg:w-[56px]"
      >
        <Mark />
      </Link>
      <span className="text-lead font-semibold">{shopName}</span>
      <span className="ml-auto" />
      <SavedMessage />
      <ThemeSwitch />
    </>
  );
}

function Meters({ job }: { job: JobView }) {
  const { labourMin, materialsMinor, boothMin } = job.budgets;
  const cost = (minor: number) => money(minor, job.locale);
  const pair = (used: string, cap: number, capText: string, planned: string, unit = '') =>
    cap > 0 ? `${used} of ${capText}${unit}` : `${used} of ${planned}${unit}, no cap`;
  const { told } = useForecast();
  const words = (name: string, used: string, planned: string, cap: number, capText: string, p80?: string) =>
    `${name}: ${used} used, ${planned} expected in all, ${p80 ? `${p80} or less in eight cases of ten, ` : ''}${cap > 0 ? `cap ${capText}` : 'no cap'}`;
  return (
    <div className="flex shrink-0 gap-5 max-lg:gap-3">
      <Meter
        label="Hours"
        figures={pair(
          hours(labourMin.used),
          labourMin.cap,
          hours(labourMin.cap),
          hours(labourMin.planned),
          ' h',
        )}
        words={words(
          'Labour hours',
          hours(labourMin.used),
          hours(labourMin.planned),
          labourMin.cap,
          hours(labourMin.cap),
          told ? hours(told.job.labourMin.p80) : undefined,
        )}
        p80={told?.job.labourMin.p80}
        {...labourMin}
      />
      <Meter
        label="Materials"
        figures={pair(
          cost(materialsMinor.used),
          materialsMinor.cap,
          cost(materialsMinor.cap),
          cost(materialsMinor.planned),
        )}
        words={words(
          'Materials',
          cost(materialsMinor.used),
          cost(materialsMinor.planned),
          materialsMinor.cap,
          cost(materialsMinor.cap),
          told ? cost(told.job.materialsMinor.p80) : undefined,
        )}
        p80={told?.job.materialsMinor.p80}
        used={materialsMinor.used}
        planned={materialsMinor.planned}
        cap={materialsMinor.cap}
      />
      <Meter
        label="Booth"
        figures={pair(hours(boothMin.used), boothMin.cap, hours(boothMin.cap), hours(boothMin.planned), ' h')}
        words={`${words('Booth hours', hours(boothMin.used), hours(boothMin.planned), boothMin.cap, hours(boothMin.cap), told ? hours(told.job.boothMin.p80) : undefined)}, ${boothMin.nightsHeld} nights held`}
        p80={told?.job.boothMin.p80}
        used={boothMin.used}
        planned={boothMin.planned}
        cap={boothMin.cap}
      />
    </div>
  );
}

/** The day promised, the day the plan ends, and the day that eight courses of ten keep. */
function Promised({ job }: { job: JobView }) {
  const { told, state } = useForecast();
  const range = told?.job;
  return (
    <div className="shrink-0 text-right leading-[18px]">
      <p className="text-small whitespace-nowrap text-strip-quiet">
        promised <span className="font-semibold text-strip-ink">{date(job.promised)}</span>
        {job.lateDays > 0 && <span className="font-semibold text-[#ff9a92]"> · {job.lateDays} d late</span>}
      </p>
      <p className="text-small whitespace-nowrap" title={range && rangeWords(range)}>
        {job.finishDate ? `ends ${date(job.finishDate)}` : 'nothing to do'}
        {range && (
          <span className={state === 'current' ? '' : 'text-strip-quiet'}>
            {' '}
            · P80 {date(range.finish.p80).slice(4)}
            <span className="sr-only">. {rangeWords(range)}</span>
          </span>
        )}
      </p>
    </div>
  );
}

const signed = (value: number, text: string) => `${value > 0 ? '+' : '−'}${text}`;

/** In what the working plan differs from the agreed one, in the three budgets and the date. */
export function differenceWords(job: Pick<JobView, 'agreed' | 'locale'>): string {
  const { agreed } = job;
  if (!agreed) return 'No plan is agreed yet.';
  if (agreed.same) return 'Working plan as agreed.';
  const parts = [
    agreed.days !== 0 && signed(agreed.days, `${Math.abs(agreed.days)} d`),
    Math.abs(agreed.labourMin) >= 30 && signed(agreed.labourMin, `${hours(Math.abs(agreed.labourMin))} h`),
    Math.abs(agreed.materialsMinor) >= 100 &&
      signed(agreed.materialsMinor, money(Math.abs(agreed.materialsMinor), job.locale)),
    Math.abs(agreed.boothMin) >= 30 && signed(agreed.boothMin, `${hours(Math.abs(agreed.boothMin))} booth h`),
  ].filter(Boolean);
  return parts.length > 0 ? `Against agreed: ${parts.join(', ')}` : 'Starts moved against the agreed plan';
}

export function JobStrip({ job }: { job: JobView }) {
  const { send } = useSaving();
  const accept = () =>
    void send('/api/accept', { job: job.number, inputHash: job.inputHash }, 'Plan accepted');
  return (
    <>
      <Link
        href="/"
        aria-label="Coatrel, to the Yard"
        className="flex w-[88px] shrink-0 justify-center max-lg:w-[56px]"
      >
        <Mark />
      </Link>
      <div className="flex min-w-0 items-center gap-2">
        <Swatch colours={job.swatch} label={`colours of ${job.number}`} />
        <div className="min-w-0 leading-[18px]">
          <p className="truncate font-semibold">
            {job.number} {job.name}
          </p>
          <p className="truncate text-small text-strip-quiet">{job.level}</p>
        </div>
      </div>
      <div className="ml-auto" />
      <SavedMessage />
      <Meters job={job} />
      <Promised job={job} />
      <div className="w-[150px] shrink-0 text-right text-small leading-[16px]">
        <p className="truncate text-strip-quiet" title={differenceWords(job)}>
          {differenceWords(job)}
        </p>
        {job.agreed?.same ? null : (
          <May deed="accept-plan">
            <button type="button" onClick={accept} className="font-semibold underline underline-offset-2">
              Accept plan
            </button>
          </May>
        )}
      </div>
      <ThemeSwitch />
    </>
  );
}
