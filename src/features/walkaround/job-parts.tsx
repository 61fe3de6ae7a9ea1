'use client';

import Link from 'next/link';
import { useState } from 'react';
import { Part } from '@/ui/facts';
import { area } from '../words/format';
import { AddPart } from './add-part';
import { FileReader } from '../frame/file-reader';
import type { WalkaroundProps } from './walkaround-props';

/** The list behind the net: panels left out, panels of the job's own, and what is still to be surveyed. */
export function JobParts({ props }: { props: WalkaroundProps }) {
  const { job, panels, marks } = props;
  const [instead, setInstead] = useState(false);
  const absent = panels.filter((panel) => panel.survey?.absent);
  const own = panels.filter((panel) => panel.ownSeen !== null);
  const untested = panels.filter(
    (panel) => !panel.survey?.absent && panel.advice.unknown.includes('solvent-test'),
  );
  const open = marks.filter((mark) => !mark.mended);
  const list = (items: readonly { part: { key: string; name: string } }[]) =>
    items.length > 0 ? items.map((one) => one.part.key).join(', ') : 'none';
  return (
    <>
      <Part title="Files">
        <FileReader
          deed="add-parts"
          label="Panel map, SVG with a width in mm and ids"
          accept=".svg,image/svg+xml"
          mostMb={5}
          path={`/api/jobs/${job.number}/panel-map`}
          toBody={(text) => ({ text, instead })}
          saved="Panel map read"
        />
        <label className="flex items-center gap-2 pb-1">
          <input type="checkbox" checked={instead} onChange={(event) => setInstead(event.target.checked)} />
          in place of the present panels
        </label>
        <FileReader
          deed="add-parts"
          label="Film readings, CSV with part, um, gauge"
          accept=".csv,text/csv"
          mostMb={0.5}
          path={`/api/jobs/${job.number}/readings`}
          toBody={(text) => ({ text })}
          saved="Readings read"
        />
        <a className="underline" href={`/api/jobs/${job.number}/panel-map`} download>
          Write the net as a panel map
        </a>
        <Link className="block underline" href={`/jobs/${job.number}/documents/survey`}>
          Survey sheet, to print
        </Link>
      </Part>
      <Part title="Panels of this job’s own">
        <AddPart props={props} />
        {own.length === 0 && <p className="text-quiet">none; all panels come from the body kind</p>}
        {own.map((panel) => (
          <p key={panel.part.key}>
            {panel.part.key} {panel.part.name}, {area(panel.part.outsideM2)}
          </p>
        ))}
      </Part>
      <Part title="Left out">
        <p>{list(absent)}</p>
      </Part>
      <Part title="Marks not mended">
        <p>
          {open.length === 0
            ? 'none'
            : `${open.length} on ${[...new Set(open.map((one) => one.part))].join(', ')}`}
        </p>
      </Part>
      <Part title="Solvent test still to do">
        <p>{untested.length === panels.length - absent.length ? 'on every panel' : list(untested)}</p>
      </Part>
    </>
  );
}
