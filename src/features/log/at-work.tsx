'use client';

import { useState } from 'react';
import type { LogEntry } from '@/core/record';
import { cleanUpMin } from '@/core/readings/left-today';
import { padCleanMin } from '@/core/steps';
import { Button } from '@/ui/button';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { useNow } from '@/ui/use-now';
import { useSaving } from '../frame/saving';
import { OwnPhotos } from '../frame/own-photos';
import { promptWords } from '../words/handover-words';
import { clock, hours, moment, span, type Locale } from '../words/format';
import { NotesBefore } from '../notes/notes-context';
import { EarlyStart } from './early-start';
import { LeaveOff } from './leave-off';
import { WhatWasSeen } from './what-was-seen';
import { padCleaned, type LogProps, type WorkRow } from './log-props';
import { useOpen } from '../frame/who';

type Written = Partial<Pick<LogEntry, 'people' | 'parts' | 'remainingMin' | 'redo' | 'note'>>;
interface Refused {
  row: WorkRow;
  people: string[];
  reasons: string[];
}

/** Who is at what, what may begin next; one tap begins, leaves or ends, and a beginning that comes too early is told. */
export function AtWork({ job, now, locale, running, next, people, closesAt, prompts }: LogProps) {
  const { save } = useSaving();
  const live = useOpen('log');
  const minute = useNow(now);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const name = (id: string) => people.find((one) => one.id === id)?.name ?? id;
  const write = async (row: WorkRow, kind: LogEntry['kind'], given: Written = {}, insist = false) => {
    const entry = {
      step: row.step,
      kind,
      at: null,
      people: [],
      parts: [],
      remainingMin: null,
      redo: '',
      coat: null,
      note: '',
      ...given,
    };
    const outcome = await save({ kind: 'log', job, insist, entry });
    const reasons = outcome.status === 'refused' ? outcome.faults.map((one) => one.reason) : [];
    const early = outcome.status === 'refused' && outcome.faults.some((one) => one.place === 'entry.at');
    setRefused(early && kind === 'began' ? { row, people: given.people ?? [], reasons } : null);
    setFault(reasons.length > 0 && !(early && kind === 'began') ? reasons.join('; ') : null);
  };
  return (
    <>
      {fault && (
        <div role="alert">
          <Notice grade="stop">{fault}</Notice>
        </div>
      )}
      {refused && (
        <EarlyStart
          name={refused.row.name}
          reasons={refused.reasons}
          onLeave={() => setRefused(null)}
          onInsist={(note) => void write(refused.row, 'began', { people: refused.people, note }, true)}
        />
      )}
      <h2 className="pt-1 pb-2 font-semibold">At work</h2>
      {running.length === 0 && <p className="pb-3 text-quiet">Nobody is at this job now.</p>}
      <div className="flex flex-col gap-2">
        {running.map((row) => (
          <Line key={row.step} row={row} locale={locale}>
            <PicturePrompt job={job} step={row.step} worth={prompts[row.step]} />
            <span className="text-lead">
              {row.since === null
                ? `begun, ${hours(row.usedMin)} h of ${hours(row.plannedMin)} h used`
                : `${row.at.map(name).join(', ') || 'somebody'} since ${clock(row.since, locale)}, ${span(Math.max(0, minute - row.since))}`}
            </span>
            {row.since === null ? (
              <Begin
                row={row}
                people={people}
                disabled={!live}
                onBegin={(ids) => void write(row, 'began', { people: ids })}
              />
            ) : (
              <WhileRunning job={job} row={row} minute={minute} live={live} write={write} />
            )}
          </Line>
        ))}
      </div>
      <h2 className="pt-5 pb-2 font-semibold">
        Next
        <span className="font-normal text-quiet">
          {closesAt === null || closesAt <= minute
            ? ', the shop is closed'
            : `, ${span(closesAt - minute)} left today`}
        </span>
      </h2>
      {next.length === 0 && <Empty>Nothing is left to begin.</Empty>}
      <div className="flex flex-col gap-2">
        {next.map((row) => (
          <Line key={row.step} row={row} locale={locale}>
            <Left row={row} minute={minute} locale={locale} />
            <Begin
              row={row}
              people={people}
              disabled={!live}
              onBegin={(ids) => void write(row, 'began', { people: ids })}
            />
          </Line>
        ))}
      </div>
    </>
  );
}

/** Where a picture is worth most it is asked for; it can be taken later, in Handover. */
function PicturePrompt({
  job,
  step,
  worth,
}: {
  job: string;
  step: string;
  worth: LogProps['prompts'][string] | undefined;
}) {
  if (!worth) return null;
  return (
    <div className="w-56 text-small">
      <p>Take a picture: {promptWords[worth.why]}.</p>
      <OwnPhotos job={job} kind="step" id={step} of="this work" tag={worth.tag} />
    </div>
  );
}

/** What can be said of work that runs: the pad is cleaned, it is left off, it is done. */
function WhileRunning({
  job,
  row,
  minute,
  live,
  write,
}: {
  job: string;
  row: WorkRow;
  minute: number;
  live: boolean;
  write: (row: WorkRow, kind: LogEntry['kind'], given?: Written, insist?: boolean) => Promise<void>;
}) {
  return (
    <>
      {row.padSince !== null && (
        <Button
          className={`h-16 px-4 text-lead ${minute - row.padSince >= padCleanMin ? '!border-stop !text-stop' : ''}`}
          disabled={!live}
          onClick={() => void write(row, 'note', { note: padCleaned })}
        >
          Pad cleaned ({span(Math.max(0, minute - row.padSince))} ago)
        </Button>
      )}
      <LeaveOff
        panels={row.panels}
        disabled={!live}
        onLeave={(remainingMin, parts) => void write(row, 'left', { remainingMin, parts })}
      />
      {row.look === null ? (
        <Button
          look="main"
          className="h-16 px-5 text-lead"
          disabled={!live}
          onClick={() => void write(row, 'ended')}
        >
          Done
        </Button>
      ) : (
        <WhatWasSeen
          job={job}
          step={row.step}
          light={row.look}
          disabled={!live}
          onDone={(note) => void write(row, 'ended', { note })}
        />
      )}
    </>
  );
}

const ends = { close: 'the shift ends', loud: 'loud work ends', dark: 'it is dark' };

/** Whether a step can still be done today, film dust-free and tools cleaned, or when it has to be left off. */
function Left({ row: { left }, minute, locale }: { row: WorkRow; minute: number; locale: Locale }) {
  if (!left || left.until <= minute) return <span className="text-small text-quiet">not today</span>;
  const words = `${span(left.needMin)} with drying and cleaning up`;
  return left.needMin <= left.until - minute ? (
    <span className="text-small text-released" title={words}>
      fits today
    </span>
  ) : (
    <span className="text-small text-quiet" title={words}>
      leave off {clock(left.until - cleanUpMin, locale)}, {ends[left.why]} {clock(left.until, locale)}
    </span>
  );
}

function Line({
  row,
  locale,
  children,
}: {
  row: WorkRow;
  locale: LogProps['locale'];
  children: React.ReactNode;
}) {
  return (
    <section
      aria-label={`${row.name}, ${row.subject}`}
      className="flex min-h-[72px] flex-wrap items-center justify-between gap-3 border-b border-line pb-2"
    >
      <div className="min-w-48 flex-1">
        <NotesBefore step={row.step} />
        <span className="block text-title font-semibold">{row.name}</span>
        <span className="text-quiet">
          {row.subject} · planned {moment(row.start, locale)} · {hours(row.plannedMin)} h
          {row.cautions > 0 && ' · see its cautions'}
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-2">{children}</div>
    </section>
  );
}

/** People to begin with: those of the plan, changed by a tap. */
function Begin({
  row,
  people,
  disabled,
  onBegin,
}: {
  row: WorkRow;
  people: LogProps['people'];
  disabled: boolean;
  onBegin(ids: string[]): void;
}) {
  const [chosen, setChosen] = useState<string[]>(row.proposed);
  const able = people.filter((one) => row.skill === null || one.skills.includes(row.skill));
  return (
    <>
      <div
        role="group"
        aria-label={`Who begins ${row.name}, ${row.subject}`}
        className="flex flex-wrap gap-1"
      >
        {able.map((one) => {
          const on = chosen.includes(one.id);
          return (
            <button
              key={one.id}
              type="button"
              aria-pressed={on}
              disabled={disabled}
              onClick={() => setChosen(on ? chosen.filter((id) => id !== one.id) : [...chosen, one.id])}
              className={`h-16 min-w-16 rounded-[2px] border px-3 text-lead disabled:opacity-50 ${on ? 'border-ink bg-tint font-semibold underline' : 'border-line text-quiet'}`}
            >
              {one.name}
            </button>
          );
        })}
      </div>
      <Button
        look="main"
        className="h-16 px-5 text-lead"
        disabled={disabled || chosen.length === 0}
        onClick={() => onBegin(chosen)}
      >
        Begin
      </Button>
    </>
  );
}
