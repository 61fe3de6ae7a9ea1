'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { EntryForm, Line, Pick } from '../frame/entry-form';
import { refusalText, useSaving } from '../frame/saving';
import { May, useOpen } from '../frame/who';
import type { KeepingProps } from './keeping-props';

/** Backups, the trash, an owner's data, and the processes that serve. */
export function KeepingView({ backups, trash, jobs, instances }: KeepingProps) {
  return (
    <div className="flex flex-col gap-6">
      {backups && <BackupsPart {...backups} />}
      <TrashPart trash={trash} jobs={jobs} />
      <May deed="owner-data">
        <OwnerDataPart jobs={jobs} />
      </May>
      <Instances instances={instances} />
    </div>
  );
}

function BackupsPart({ folder, age, isOld, files }: NonNullable<KeepingProps['backups']>) {
  const open = useOpen('backup');
  const { send } = useSaving();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const run = async () => {
    setBusy(true);
    setSaid(refusalText(await send('/api/backups', {}, 'Backup made')));
    setBusy(false);
  };
  return (
    <section aria-label="Backups">
      <h2 className="pb-1 font-semibold">Backups</h2>
      {age === null ? (
        <Notice grade="caution">
          there is no backup yet; one is made each day by itself, the first within minutes
        </Notice>
      ) : isOld ? (
        <Notice grade="caution">the newest backup is {age} old: look into the log of the server</Notice>
      ) : (
        <p>The newest backup is {age} old. One is made each day by itself.</p>
      )}
      <p className="py-1 text-quiet">
        They lie in <code>{folder}</code>. A disk that fails takes them along: set COATREL_BACKUPS to another
        one, or copy them. <code>npm run restore -- FILE</code> brings one back.
      </p>
      <p className="flex items-center gap-3 py-1">
        <Button disabled={!open || busy} onClick={() => void run()}>
          {busy ? 'Making one …' : 'Make one now'}
        </Button>
        {said && (
          <span role="alert" className="text-small text-stop">
            {said}
          </span>
        )}
      </p>
      {files.length > 0 && (
        <Table caption="Backups" head={['Backup', 'Made', { text: 'Size', right: true }]}>
          {files.map((one) => (
            <tr key={one.file} className="border-b border-line">
              <td className="py-1 pr-3">{one.file}</td>
              <td className="pr-3">{one.made}</td>
              <td className="text-right tabular-nums">{one.size}</td>
            </tr>
          ))}
        </Table>
      )}
    </section>
  );
}

const optionsOf = (jobs: KeepingProps['jobs']) =>
  jobs.map(({ number, name }) => ({ value: number, text: `${number} ${name}` }));

function TrashPart({ trash, jobs }: Pick<KeepingProps, 'trash' | 'jobs'>) {
  const open = useOpen('trash');
  const { send } = useSaving();
  return (
    <section aria-label="Trash">
      <h2 className="pb-1 font-semibold">Trash</h2>
      {trash.length === 0 ? (
        <Empty>
          The trash is empty. A job that is put there is kept for thirty days; then it is gone for good.
        </Empty>
      ) : (
        <Table caption="Trash" head={['Job', 'Put there', 'By', 'Gone on', '']}>
          {trash.map((one) => (
            <tr key={one.id} className="border-b border-line">
              <td className="py-1 pr-3">
                <span className="font-semibold">{one.job}</span> {one.label}
              </td>
              <td className="pr-3">{one.put}</td>
              <td className="pr-3">{one.by}</td>
              <td className="pr-3">{one.ends}</td>
              <td className="text-right">
                <Button
                  disabled={!open}
                  onClick={() => void send(`/api/trash/${one.id}`, {}, 'Job brought back')}
                >
                  Bring back
                </Button>
              </td>
            </tr>
          ))}
        </Table>
      )}
      {jobs.length > 0 && (
        <JobByNumber
          label="Put a job into the trash"
          deed="trash"
          jobs={jobs}
          button="Put it away"
          act={(job, number) => send(`/api/jobs/${job}/trash`, { number }, 'Job put into the trash')}
        />
      )}
    </section>
  );
}

/** A job that is chosen, and its number typed once more: it is the one that is meant. */
function JobByNumber({
  label,
  deed,
  jobs,
  button,
  act,
}: {
  label: string;
  deed: 'trash' | 'owner-data';
  jobs: KeepingProps['jobs'];
  button: string;
  act(job: string, number: string): ReturnType<ReturnType<typeof useSaving>['send']>;
}) {
  return (
    <EntryForm
      label={label}
      deed={deed}
      className="flex flex-wrap items-center gap-2 py-2"
      start={{ job: jobs[0]?.number ?? '', number: '' }}
      send={async ({ job, number }) => refusalText(await act(job, number))}
    >
      {(form) => (
        <>
          <span className="text-quiet">{label}:</span>
          <Pick form={form} name="job" label={`${label}: job`} className="w-64" options={optionsOf(jobs)} />
          <Line
            form={form}
            name="number"
            label="Its number once more"
            placeholder="its number once more"
            maxLength={20}
            className="w-48"
            required
          />
          <Button type="submit">{button}</Button>
        </>
      )}
    </EntryForm>
  );
}

function OwnerDataPart({ jobs }: Pick<KeepingProps, 'jobs'>) {
  const { send } = useSaving();
  return (
    <section aria-label="Data of owners">
      <h2 className="pb-1 font-semibold">Data of owners</h2>
      <p className="max-w-prose text-quiet">
        What is kept of an owner can be taken along as a file, and erased when the law of the place asks for
        it. Quotes keep their sums and signatures their day. Backups that were made before hold the name until
        they are over.
      </p>
      <ul className="py-1">
        {jobs.map(({ number, name, owner }) => (
          <li key={number} className="flex gap-3 border-b border-line py-1">
            <span className="w-64">
              <span className="font-semibold">{number}</span> {name}
            </span>
            <span className="w-48">{owner || '–'}</span>
            <a className="underline" href={`/api/jobs/${encodeURIComponent(number)}/owner-data`} download>
              Take along
            </a>
          </li>
        ))}
      </ul>
      <JobByNumber
        label="Erase the owner of"
        deed="owner-data"
        jobs={jobs}
        button="Erase for good"
        act={(job, number) => send(`/api/jobs/${job}/owner-data`, { number }, 'Owner erased')}
      />
    </section>
  );
}

const Instances = ({ instances }: Pick<KeepingProps, 'instances'>) => (
  <section aria-label="Serving now">
    <h2 className="pb-1 font-semibold">Serving now</h2>
    {instances.length === 0 ? (
      <Empty>No process has said yet that it is there; look again in a moment.</Empty>
    ) : (
      <Table caption="Serving now" head={['Address', 'Since', 'Last heard of']}>
        {instances.map((one) => (
          <tr key={one.id} className="border-b border-line">
            <td className="py-1 pr-3">{one.bound}</td>
            <td className="pr-3">{one.since}</td>
            <td>{one.seen}</td>
          </tr>
        ))}
      </Table>
    )}
  </section>
);
