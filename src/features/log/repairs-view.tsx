'use client';

import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { DayCell, FigureCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';
import { counted } from '../words/counted';
import { micrometres, moment, span } from '../words/format';
import { repairWords } from '../words/repair-words';
import type { RepairShown, RepairsProps } from './repairs-props';

/** Flaws of finished film: each becomes planned sub-steps by its card, and its spot is counted against the film that is left. */
export function RepairsView({ job, today, timeZone, panels, repairs }: RepairsProps) {
  return (
    <section aria-label="Repairs">
      <p className="max-w-prose text-quiet">
        A flaw found on finished film is mended before the next grit, pad or wash on its panel. Choose what it
        is: its card says what is done, and the plan has the steps at once.
      </p>
      <Found job={job} today={today} panels={panels} />
      {repairs.length === 0 ? (
        <Empty>No flaw is written down.</Empty>
      ) : (
        <Table
          caption="Repairs"
          head={['Found', 'Flaw', 'Panel', 'Where', 'Size, mm', 'What is done', 'Note', '']}
        >
          {repairs.map((one) => (
            <RepairRow key={one.id} job={job} repair={one} timeZone={timeZone} />
          ))}
        </Table>
      )}
    </section>
  );
}

function RepairRow({ job, repair, timeZone }: { job: string; repair: RepairShown; timeZone: string }) {
  const { id, seen, kind, part, panel, thin, steps } = repair;
  const row: ItemRow<'repairs'> = { job, list: 'repairs', id, seen, name: `${repairWords[kind]} on ${part}` };
  return (
    <tr className="border-b border-line align-top">
      <DayCell row={row} field="onDate" label="Found" value={repair.onDate} />
      <td className="py-1 pr-2 font-semibold whitespace-nowrap">{repairWords[kind]}</td>
      <td className="py-1 pr-2">
        {part} <span className="text-quiet">{panel}</span>
      </td>
      <TextCell row={row} field="spot" label="Where" value={repair.spot} />
      <FigureCell row={row} field="sizeMm" label="Size" value={repair.sizeMm} />
      <td className="py-1 pr-2">
        <ol className="list-decimal pl-5">
          {steps.map((step) => (
            <li key={step.step}>
              {step.name}{' '}
              <span className="text-quiet tabular-nums">
                {span(step.personMinutes)},{' '}
                {step.state === 'planned' ? moment(step.start, { timeZone }) : step.state}
              </span>
            </li>
          ))}
        </ol>
        {repair.stop !== '' && <p className="text-small text-quiet">Beware: {repair.stop}.</p>}
        {thin && (
          <p className="font-semibold text-stop">
            {counted(thin.attempts, 'attempt')} at this spot would leave{' '}
            {micrometres(Math.max(0, thin.leftUm))} of clear; {micrometres(thin.stopUm)} must stay.
          </p>
        )}
      </td>
      <TextCell row={row} field="note" label="Note" value={repair.note} width="w-24" />
      <RemoveCell row={row} />
    </tr>
  );
}

const kinds = Object.keys(repairWords) as RepairShown['kind'][];

/** The form in which a flaw is written down. */
function Found({ job, today, panels }: Pick<RepairsProps, 'job' | 'today' | 'panels'>) {
  const send = useSent();
  return (
    <EntryForm
      deed="list repairs"
      label="Write a flaw down"
      className="flex flex-wrap items-end gap-2 py-2"
      start={{ kind: 'run', part: panels[0]?.key ?? '', spot: '', sizeMm: '30', note: '' }}
      send={({ kind, part, spot, sizeMm, note }) =>
        send({
          kind: 'add-item',
          job,
          list: 'repairs',
          item: {
            kind: kinds.find((one) => one === kind) ?? 'run',
            part,
            spot,
            sizeMm: typedFigure(sizeMm),
            onDate: today,
            note,
          },
        })
      }
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="kind"
            label="What was found"
            className="w-36"
            options={kinds.map((value) => ({ value, text: repairWords[value] }))}
          />
          <Pick
            form={form}
            name="part"
            label="On panel"
            className="w-48"
            options={panels.map(({ key, name }) => ({ value: key, text: `${key} ${name}` }))}
          />
          <Line
            form={form}
            name="spot"
            label="Where on it"
            placeholder="where on it"
            maxLength={80}
            className="w-40"
          />
          <Figure
            form={form}
            name="sizeMm"
            label="Size, mm"
            className="w-20"
            least={1}
            most={5000}
            required
          />
          <span className="pb-1 text-quiet">mm</span>
          <Line form={form} name="note" label="Note" placeholder="note" maxLength={200} className="w-40" />
          <Button type="submit">Plan the repair</Button>
        </>
      )}
    </EntryForm>
  );
}
