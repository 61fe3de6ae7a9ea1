'use client';

import { chaseState, type RoundOfWork } from '@/core/steps';
import { Table } from '@/ui/layout';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import type { Edit } from '@/core/record';
import { EditText } from '../frame/edit-field';
import { day, hours, money, type Locale } from '../words/format';
import { markWords } from '../words/survey-words';
import type { RoundsShown } from './rounds-props';
import type { StepsRoomProps } from './steps-props';
import type { StopRule, TypedRounds } from '@/core/record';

const kindWords = { fill: 'Fill and block', prime: 'Prime', block: 'Block', polish: 'Polish' };
const signs = { done: '■', running: '◧', planned: '□' };

/** Rounds of each section, planned and done, the faults that want primer again, and what ends the chase. */
export function RoundsView({ job, rounds, today, labourRateMinorPerHour, locale }: StepsRoomProps) {
  return (
    <>
      {rounds.map((one) => (
        <SectionRounds
          key={one.section}
          job={job}
          shown={one}
          today={today}
          ratePerHour={labourRateMinorPerHour}
          locale={locale}
        />
      ))}
    </>
  );
}

interface Props {
  job: string;
  shown: RoundsShown;
  today: string;
  ratePerHour: number;
  locale: Locale;
}

const endWords = {
  measured: 'Straight enough: what is still low is within the measure. No further round is due.',
  'last-day': 'The last day for another round is past: what is left stays.',
  rounds: 'All planned rounds are done.',
};

function SectionRounds({ job, shown, today, ratePerHour, locale }: Props) {
  const { section, seen, typed, stopRule, rounds, progress, expectedM2, hollows, faults } = shown;
  const last = (kind: RoundOfWork['kind']) => rounds.filter((one) => one.kind === kind).at(-1);
  const [block, prime] = [last('block') ?? last('fill'), last('prime')];
  const more = (block?.personMinutes ?? 0) + (prime?.personMinutes ?? 0);
  const left = rounds.filter((one) => one.kind === 'block' && one.state !== 'done').length;
  const chase = chaseState(stopRule, hollows, today, left);
  const rule = stopRule ?? { hollowMm: null, lastDay: null };
  const edit = (set: object) => ({ kind: 'section', job, section, seen, set }) as const;
  const toRule = (change: Partial<typeof rule>) => {
    const next = { ...rule, ...change };
    return edit({ stopRule: next.hollowMm === null && next.lastDay === null ? null : next });
  };
  const toRounds = (kind: 'filler' | 'build') => (text: string) => {
    const { [kind]: _former, ...others } = typed;
    return edit({ rounds: text === '' ? others : { ...others, [kind]: Number(text) } });
  };
  const planned = (kind: RoundOfWork['kind']) => rounds.filter((one) => one.kind === kind).length;
  if (rounds.length === 0) return null;
  return (
    <section aria-label={`Rounds of ${shown.name}`} className="pb-5">
      <h2 className="pb-1 font-semibold">{shown.name}</h2>
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-6">
        <Table
          caption={`Rounds of ${shown.name}`}
          head={['Rounds', { text: 'Round', right: true }, { text: 'Hours', right: true }, 'From', '']}
        >
          {rounds.map((one) => (
            <tr key={`${one.kind} ${one.round}`} className="border-b border-line tabular-nums">
              <td className="py-[2px]">{kindWords[one.kind]}</td>
              <td className="pr-3 text-right">{one.round}</td>
              <td className="pr-3 text-right">{hours(one.personMinutes)}</td>
              <td className="pr-3">{day(one.start, locale)}</td>
              <td aria-label={one.state}>{signs[one.state]}</td>
            </tr>
          ))}
        </Table>
        <div>
          <RoundsFields
            shown={shown}
            typed={typed}
            planned={planned}
            toRounds={toRounds}
            rule={rule}
            toRule={toRule}
          />
          <Fact label="One more round costs">
            {hours(more)} h, {money(Math.round((more / 60) * ratePerHour), locale)}
          </Fact>
          <p className="py-[3px]">
            <span className="text-quiet">and buys: </span>
            {boughtWords(progress.at(-1)?.foundM2 ?? null, expectedM2)}
          </p>
          {chase.ended && (
            <Notice grade={chase.ended === 'last-day' ? 'caution' : 'released'}>
              {endWords[chase.ended]}
            </Notice>
          )}
        </div>
      </div>
      {faults.length > 0 && (
        <Part title="Prime again before the next round">
          {faults.map((fault) => (
            <Fact key={fault.id} label={`${markWords[fault.kind]} on ${fault.part}, round ${fault.round}`}>
              {fault.dueAt === null ? 'no primer is planned any more' : `due by ${day(fault.dueAt, locale)}`}
            </Fact>
          ))}
        </Part>
      )}
    </section>
  );
}

/** How many rounds are planned, and what ends the chase. */
function RoundsFields({
  shown,
  typed,
  planned,
  toRounds,
  rule,
  toRule,
}: {
  shown: RoundsShown;
  typed: TypedRounds;
  planned: (kind: RoundOfWork['kind']) => number;
  toRounds(kind: 'filler' | 'build'): (text: string) => Edit;
  rule: StopRule;
  toRule(change: Partial<StopRule>): Edit;
}) {
  return (
    <>
      <Fact label="Filler rounds">
        <EditText
          label={`Filler rounds of ${shown.name}`}
          quiet
          type="number"
          min={0}
          max={12}
          className="w-16"
          value={String(typed.filler ?? planned('fill'))}
          toEdit={toRounds('filler')}
        />
      </Fact>
      <Fact label="Prime and block rounds">
        <EditText
          label={`Prime and block rounds of ${shown.name}`}
          quiet
          type="number"
          min={1}
          max={12}
          className="w-16"
          value={String(typed.build ?? planned('block'))}
          toEdit={toRounds('build')}
        />
      </Fact>
      <Fact label="Good enough: hollow up to">
        <EditText
          label={`Largest hollow of ${shown.name}`}
          quiet
          type="number"
          step="any"
          min={0.01}
          unit="mm"
          className="w-16"
          value={rule.hollowMm === null ? '' : String(rule.hollowMm)}
          toEdit={(text) => toRule({ hollowMm: text === '' ? null : Number(text) })}
        />
      </Fact>
      <Fact label="No round after">
        <EditText
          label={`Last day for a round of ${shown.name}`}
          quiet
          type="date"
          className="w-36"
          value={rule.lastDay ?? ''}
          toEdit={(text) => toRule({ lastDay: text === '' ? null : text })}
        />
      </Fact>
    </>
  );
}

const squareDecimetres = (m2: number) => `${(m2 * 100).toFixed(m2 < 0.1 ? 1 : 0)} dm²`;

function boughtWords(nowM2: number | null, expectedM2: number | null): string {
  if (nowM2 === null) return 'nothing is marked high or low yet';
  if (expectedM2 === null)
    return `${squareDecimetres(nowM2)} marked; a second round shows how fast it shrinks`;
  return `${squareDecimetres(nowM2)} high and low come down to about ${squareDecimetres(expectedM2)}`;
}
