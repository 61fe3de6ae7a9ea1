'use client';

import { tiedPhases, trades } from '@/core/record';
import { dayKinds } from '@/core/shop/shop-words';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { useSaving } from '../frame/saving';
import { date } from '../words/format';
import { AddItem } from '../frame/add-item';
import {
  ChoiceCell,
  DayCell,
  DayHourCell,
  FigureCell,
  RemoveCell,
  TextCell,
  TickCell,
  type ItemRow,
} from '../frame/item-cells';
import type { StripDownProps } from './strip-down-props';
import type { TradeDate } from '@/core/plan';
import { useOpen } from '../frame/who';

/** Other people on the same vehicle: trades that meet the paint on a day, and work that is sent out. */
export function OthersTables(props: StripDownProps) {
  return (
    <>
      <Milestones {...props} />
      <SentOut {...props} />
    </>
  );
}

function Milestones({ job, milestones, tradeDates }: StripDownProps) {
  const dates = new Map(tradeDates.map((one) => [one.milestone, one]));
  return (
    <section aria-label="Other trades">
      <h2 className="font-semibold">Other trades</h2>
      <p className="text-quiet">
        Before: our stretch is not planned earlier than their day. After: they wait for our stretch, and are
        told when its end moves. Upholstery and carpet wait for the last compound.
      </p>
      <AddItem
        label="Add a trade"
        panels={[]}
        place="Job"
        toEdit={(what) => ({
          kind: 'add-item',
          job,
          list: 'milestones',
          item: {
            trade: 'upholstery',
            what,
            tie: 'after',
            phase: 'finish',
            onDate: null,
            accessLost: '',
            done: false,
            toldDate: null,
          },
        })}
      />
      {milestones.length > 0 && (
        <Table
          caption="Other trades"
          head={[
            'Trade',
            'What',
            'Comes',
            'Our stretch',
            'Their day',
            'By the plan',
            'Access lost',
            'Done',
            '',
          ]}
        >
          {milestones.map((one) => {
            const row: ItemRow<'milestones'> = {
              job,
              list: 'milestones',
              id: one.id,
              seen: one.seen,
              name: one.what || one.trade,
            };
            const plan = dates.get(one.id);
            return <MilestoneRow key={one.id} one={one} row={row} plan={plan} job={job} />;
          })}
        </Table>
      )}
    </section>
  );
}

/** One trade: what it does, on which side of our stretch, on which day. */
function MilestoneRow({
  one,
  row,
  plan,
  job,
}: {
  one: StripDownProps['milestones'][number];
  row: ItemRow<'milestones'>;
  plan: TradeDate | undefined;
  job: string;
}) {
  return (
    <tr className="border-b border-line align-top">
      <ChoiceCell row={row} field="trade" label="Trade" value={one.trade} choices={trades} />
      <TextCell row={row} field="what" label="What" value={one.what} width="w-40" />
      <ChoiceCell
        row={row}
        field="tie"
        label="Comes"
        value={one.tie}
        choices={['before', 'after']}
        width="w-20"
      />
      <ChoiceCell
        row={row}
        field="phase"
        label="Our stretch"
        value={one.phase}
        choices={tiedPhases}
        width="w-24"
      />
      <DayCell row={row} field="onDate" label="Their day" value={one.onDate} />
      <PlanCell plan={plan} one={one} job={job} />
      <TextCell row={row} field="accessLost" label="Access lost" value={one.accessLost} width="w-40" />
      <TickCell row={row} field="done" label="Done" value={one.done} />
      <RemoveCell row={row} />
    </tr>
  );
}

/** When the plan needs them or sets them free, and whether they know. */
function PlanCell({
  plan,
  one,
  job,
}: {
  plan: TradeDate | undefined;
  one: StripDownProps['milestones'][number];
  job: string;
}) {
  const { save } = useSaving();
  const live = useOpen('list covers');
  return (
    <td className="max-w-48 py-1 pr-2">
      {!plan || plan.day === null ? (
        <span className="text-quiet">{one.done ? 'done' : 'no such stretch ahead'}</span>
      ) : (
        <>
          <span className={plan.clashes ? 'font-semibold text-stop' : ''}>
            {one.tie === 'before' ? 'needed by ' : 'from '}
            {date(plan.day)}
          </span>
          {plan.toTell && (
            <Button
              className="mt-1 block !h-7 !px-2"
              disabled={!live}
              onClick={() =>
                void save({
                  kind: 'set-item',
                  job,
                  list: 'milestones',
                  id: one.id,
                  seen: one.seen,
                  set: { toldDate: plan.day },
                })
              }
            >
              {one.toldDate ? `told ${date(one.toldDate)}: tell the new day` : 'told this day'}
            </Button>
          )}
          {!plan.toTell && one.tie === 'after' && <span className="block text-quiet">told</span>}
        </>
      )}
    </td>
  );
}

function SentOut({ job, sendOuts, panels, today }: StripDownProps) {
  return (
    <section aria-label="Sent out">
      <h2 className="pt-4 font-semibold">Sent out</h2>
      <AddItem
        label="Add outside work"
        panels={panels}
        toEdit={(what, part) => ({
          kind: 'add-item',
          job,
          list: 'sendOuts',
          item: {
            what: what || 'outside work',
            part,
            vendor: '',
            leadDays: 10,
            leadIn: 'calendar',
            sentOn: null,
            leaveAt: null,
            dueOn: null,
            backAt: null,
            returnedOn: null,
            condition: '',
            phase: 'epoxy',
          },
        })}
      />
      {sendOuts.length > 0 && (
        <Table
          caption="Sent out"
          head={[
            'What',
            'Panel',
            'To whom',
            'Days',
            'Counted',
            'Leaves',
            'Due',
            'Back',
            'Condition',
            'Waits',
            '',
            '',
          ]}
        >
          {sendOuts.map((one) => {
            const row: ItemRow<'sendOuts'> = {
              job,
              list: 'sendOuts',
              id: one.id,
              seen: one.seen,
              name: one.what,
            };
            const late = one.dueOn !== null && one.returnedOn === null && one.dueOn < today;
            return (
              <tr key={one.id} className="border-b border-line align-top">
                <TextCell row={row} field="what" label="What" value={one.what} />
                <td className="py-1 pr-2">{one.part}</td>
                <TextCell row={row} field="vendor" label="To whom" value={one.vendor} />
                <FigureCell row={row} field="leadDays" label="Days it takes" value={one.leadDays} />
                <ChoiceCell
                  row={row}
                  field="leadIn"
                  label="How its days are counted"
                  value={one.leadIn}
                  choices={dayKinds}
                  names={{ calendar: 'every day', open: 'open days' }}
                  width="w-24"
                />
                <DayHourCell
                  row={row}
                  day={{ field: 'sentOn', label: 'Leaves', value: one.sentOn }}
                  hour={{ field: 'leaveAt', label: 'Hour it leaves', value: one.leaveAt }}
                />
                <DayHourCell
                  row={row}
                  day={{ field: 'dueOn', label: 'Due', value: one.dueOn }}
                  hour={{ field: 'backAt', label: 'Hour it is due', value: one.backAt }}
                />
                <DayCell row={row} field="returnedOn" label="Back" value={one.returnedOn} />
                <TextCell row={row} field="condition" label="Condition" value={one.condition} />
                <ChoiceCell
                  row={row}
                  field="phase"
                  label="What waits for it"
                  value={one.phase}
                  choices={tiedPhases}
                  width="w-24"
                />
                <td className="py-1 pr-2 font-semibold text-stop">{late ? 'overdue' : ''}</td>
                <RemoveCell row={row} />
              </tr>
            );
          })}
        </Table>
      )}
    </section>
  );
}
