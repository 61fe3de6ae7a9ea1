'use client';

import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { hours, moment } from '../words/format';
import type { EntryRow, LogProps } from './log-props';
import { useOpen } from '../frame/who';

const words: Record<EntryRow['kind'], string> = {
  began: 'began',
  left: 'left off',
  ended: 'done',
  coat: 'coat',
  wiped: 'wiped',
  touched: 'touched',
  sealed: 'edges sealed',
  inspected: 'looked at',
  note: 'note',
};

/** Every entry that stands, newest first; a mistake is taken back by an entry of its own. */
export function EntriesView({ job, locale, entries, older, people, done, running }: LogProps) {
  const { save } = useSaving();
  const live = useOpen('correct-log');
  return (
    <>
      <NewEntry job={job} people={people} steps={[...running, ...done]} />
      {entries.length + older.length === 0 && <Empty>Nothing is logged yet.</Empty>}
      {entries.length > 0 && (
        <Table caption="The log, newest first" head={['When', 'What', 'Step', 'Who', 'Panels', '', '']}>
          {entries.map((one) => (
            <tr key={one.id} className="border-b border-line align-top">
              <td className="py-1 pr-3 whitespace-nowrap">{moment(one.at, locale)}</td>
              <td className="pr-3 whitespace-nowrap">
                {words[one.kind]}
                {one.redo && <span className="text-caution"> again: {one.redo}</span>}
              </td>
              <td className="max-w-64 pr-3">{one.step}</td>
              <td className="pr-3">{one.people.join(', ')}</td>
              <td className="max-w-40 truncate pr-3" title={one.parts.join(', ')}>
                {one.parts.length > 6 ? `${one.parts.length} panels` : one.parts.join(', ')}
              </td>
              <td className="max-w-72 pr-3 text-quiet">{one.text}</td>
              <td className="text-right">
                <button
                  type="button"
                  className="underline"
                  disabled={!live}
                  aria-label={`Take back: ${words[one.kind]} ${one.step}, ${moment(one.at, locale)}`}
                  onClick={() => void save({ kind: 'correct-log', job, id: one.id, note: 'taken back' })}
                >
                  take back
                </button>
              </td>
            </tr>
          ))}
        </Table>
      )}
      {older.length > 0 && (
        <>
          <h2 className="pt-4 pb-1 font-semibold">Recorded in one sum</h2>
          <Table
            caption="Steps recorded without single entries"
            head={[
              'Began',
              'Step',
              'Section',
              { text: 'Hours', right: true },
              { text: 'Planned', right: true },
            ]}
          >
            {older.map((one) => (
              <tr key={one.step} className="border-b border-line">
                <td className="py-1 pr-3 whitespace-nowrap">{moment(one.start, locale)}</td>
                <td className="pr-3">{one.name}</td>
                <td className="max-w-48 truncate pr-3">{one.subject}</td>
                <td className="pr-3 text-right tabular-nums">{hours(one.usedMin)}</td>
                <td className="pr-3 text-right text-quiet tabular-nums">{hours(one.plannedMin)}</td>
              </tr>
            ))}
          </Table>
        </>
      )}
    </>
  );
}

const entryKinds = [
  { value: 'note', text: 'note' },
  { value: 'inspected', text: 'looked at' },
  { value: 'redo', text: 'done again' },
];

/** Rework, an inspection or a note on any step that was begun. */
function NewEntry({
  job,
  people,
  steps,
}: {
  job: string;
  people: LogProps['people'];
  steps: { step: string; name: string; subject: string }[];
}) {
  const send = useSent();
  if (steps.length === 0) return null;
  return (
    <EntryForm
      deed="log"
      label="New entry"
      className="flex flex-wrap gap-2 pb-3"
      start={{ kind: 'note', step: steps[0]!.step, who: people[0]?.id ?? '', note: '' }}
      send={({ kind, step, who, note }) =>
        send({
          kind: 'log',
          job,
          insist: false,
          entry: {
            step,
            at: null,
            people: [who],
            parts: [],
            remainingMin: null,
            coat: null,
            kind: kind === 'redo' ? 'began' : kind === 'inspected' ? 'inspected' : 'note',
            redo: kind === 'redo' ? note.slice(0, 80) : '',
            note: kind === 'redo' ? '' : note,
          },
        })
      }
    >
      {(form) => (
        <>
          <Pick form={form} name="kind" label="Kind of entry" options={entryKinds} />
          <Pick
            form={form}
            name="step"
            label="Step"
            className="w-72"
            options={steps.map((one) => ({ value: one.step, text: `${one.name}: ${one.subject}` }))}
          />
          <Pick
            form={form}
            name="who"
            label="Who"
            options={people.map((one) => ({ value: one.id, text: one.name }))}
          />
          <Line
            form={form}
            name="note"
            label="Note, what was seen, or the cause"
            placeholder="note, what was seen, or the cause"
            className="w-72"
            maxLength={200}
            required
          />
          <Button type="submit">Write</Button>
        </>
      )}
    </EntryForm>
  );
}
