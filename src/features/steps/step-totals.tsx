'use client';

import { basesOf } from '@/core/record';
import Link from 'next/link';
import type { PlannedStep } from '@/core/plan';
import { boothSessions, sessionMerges } from '@/core/readings/booth-sessions';
import { hoursRange } from '@/core/steps';
import { Table } from '@/ui/layout';
import { hours } from '../words/format';
import { phaseName } from '../words/phase-names';
import type { StepsRoomProps } from './steps-props';

const spraying = new Set(['spray-primer', 'spray-colour', 'spray-clear', 'spray-cross', 'roll', 'brush']);

/** One section by its name, several as what they are. */
const nameOfBases = (bases: readonly string[], sections: readonly { key: string; name: string }[]): string =>
  bases.length === 1 ? (sections.find((one) => one.key === bases[0])?.name ?? bases[0]!) : 'several together';

/** Hours by phase, skill and section with their range, spraying against preparation, and the cap. */
export function StepTotals({ job, steps, sections, areaColours, caps }: StepsRoomProps) {
  const worked = steps.filter((step) => step.personMinutes > 0);
  const range = hoursRange(
    worked.map((step) => ({
      minutes: step.state === 'done' ? step.usedMin : step.personMinutes,
      done: step.state === 'done',
    })),
  );
  const spray = worked.filter((step) => spraying.has(step.operation));
  const sum = (list: readonly PlannedStep[]) => list.reduce((total, step) => total + step.personMinutes, 0);
  const share = sum(worked) > 0 ? (100 * sum(spray)) / sum(worked) : 0;
  return (
    <>
      <p className="pb-1">
        <span className="font-semibold">
          {hours(range.likelyMin)} h likely, {hours(range.lowMin)} to {hours(range.highMin)} h in eight cases
          of ten
        </span>
        {caps.labourHours > 0 && `; the cap is ${caps.labourHours} h`}
      </p>
      <p className="pb-3 text-quiet">
        Spraying and rolling are {share.toFixed(0)} % of the hours, preparation and finishing{' '}
        {(100 - share).toFixed(0)} %. The range takes every estimate as spread by the trade’s 0.4; it narrows
        with the shop’s own log.
      </p>
      <Groups title="By phase" groups={group(worked, (step) => phaseName(step.phase))} />
      <Groups title="By skill" groups={group(worked, (step) => step.people[0] ?? 'done already')} />
      <Groups title="By section" groups={group(worked, (step) => nameOfBases(basesOf(step), sections))} />
      <Sessions steps={steps} areaColours={areaColours} />
      <p className="pt-3">
        <Link className="underline" href={`/jobs/${job}/documents/statement`}>
          Method statement, to print
        </Link>
      </p>
    </>
  );
}

const group = (steps: readonly PlannedStep[], by: (step: PlannedStep) => string) => {
  const groups = new Map<string, PlannedStep[]>();
  for (const step of steps) groups.set(by(step), [...(groups.get(by(step)) ?? []), step]);
  return [...groups];
};

function Groups({ title, groups }: { title: string; groups: [string, PlannedStep[]][] }) {
  return (
    <div className="pb-3">
      <Table
        caption={title}
        head={[
          title,
          { text: 'Steps', right: true },
          { text: 'Done', right: true },
          { text: 'Ahead', right: true },
          { text: 'Low', right: true },
          { text: 'High', right: true },
        ]}
      >
        {groups.map(([name, steps]) => {
          const done = steps.filter((step) => step.state === 'done');
          const ahead = steps.filter((step) => step.state !== 'done');
          const range = hoursRange(ahead.map((step) => ({ minutes: step.personMinutes, done: false })));
          return (
            <tr key={name} className="border-b border-line tabular-nums">
              <td className="py-[2px]">{name}</td>
              <td className="pr-3 text-right">{steps.length}</td>
              <td className="pr-3 text-right">
                {hours(done.reduce((sum, step) => sum + step.usedMin, 0))} h
              </td>
              <td className="pr-3 text-right">{hours(range.likelyMin)} h</td>
              <td className="pr-3 text-right text-quiet">{hours(range.lowMin)}</td>
              <td className="pr-3 text-right text-quiet">{hours(range.highMin)}</td>
            </tr>
          );
        })}
      </Table>
    </div>
  );
}

const riskWords = {
  'same-colour': 'must fit the booth and one shift; parts too close collect overspray',
  'other-colour': 'two colours in one session: a mask between them, and both must fit the shift',
};

/** Booth sessions ahead with what each costs beside the spraying, and which two could be one. */
function Sessions({ steps, areaColours }: Pick<StepsRoomProps, 'steps' | 'areaColours'>) {
  const ahead = steps.filter((step) => step.state === 'planned');
  const sessions = boothSessions(ahead);
  const names = new Map(sessions.map((one) => [one.session, `${one.subject}, ${one.coats} coats`]));
  const merges = sessionMerges(ahead, (area) => areaColours[area] ?? '');
  if (sessions.length === 0) return null;
  return (
    <>
      <Table
        caption="Booth sessions ahead"
        head={[
          `${sessions.length} booth sessions ahead`,
          { text: 'Coats', right: true },
          { text: 'At the gun', right: true },
          { text: 'The session itself', right: true },
        ]}
      >
        {sessions.map((one) => (
          <tr key={one.session} className="border-b border-line tabular-nums">
            <td className="py-[2px]">{one.subject}</td>
            <td className="pr-3 text-right">{one.coats}</td>
            <td className="pr-3 text-right">{hours(one.sprayMin)} h</td>
            <td className="pr-3 text-right">{hours(one.overheadMin)} h</td>
          </tr>
        ))}
      </Table>
      {merges.map((merge) => (
        <p key={`${merge.first}${merge.second}`} className="pt-1">
          <span className="font-semibold">Could be one session:</span> {names.get(merge.first)} and{' '}
          {names.get(merge.second)}; saves {hours(merge.savesMin)} h.{' '}
          <span className="text-quiet">{riskWords[merge.risk]}</span>
        </p>
      ))}
    </>
  );
}
