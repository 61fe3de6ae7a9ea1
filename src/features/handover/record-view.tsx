'use client';

import Link from 'next/link';
import type { JobChange } from '@/core/record';
import { keptPlaces, moneyDepths } from '@/core/record';
import { Notice } from '@/ui/notice';
import { EditChoice, EditText } from '../frame/edit-field';
import { fullDate, hours } from '../words/format';
import { keptPlaceNames, moneyDepthNames, panelsText } from '../words/handover-words';
import { DryMassTable } from './dry-mass-table';
import { ProvenanceTable } from './provenance-table';
import type { RecordProps } from './record-props';
import { SectionTable } from './section-table';
import { Signatures } from './signatures';

/** What is open before the object goes, what goes with it, and who has signed. */
export function RecordView(props: RecordProps) {
  const { job, openEnds, leftAlone, film, returnLook, mass } = props;
  return (
    <section aria-label="Record of the handover">
      <p className="pb-2">
        {props.isFinished ? 'The job is finished. ' : 'The job is not finished. '}
        <Link className="underline" href={`/jobs/${job}/documents/handover`}>
          Handover file
        </Link>
        {' · '}
        <Link className="underline" href={`/jobs/${job}/documents/film`}>
          Film record
        </Link>
      </p>
      <h2 className="font-semibold">Open ends</h2>
      {openEnds.length === 0 ? (
        <Notice grade="released">Nothing is open.</Notice>
      ) : (
        <ul className="list-disc columns-2 gap-8 pl-5">
          {openEnds.map((one) => (
            <li key={one} className="break-inside-avoid">
              {one}
            </li>
          ))}
        </ul>
      )}
      <FilmState film={film} />
      <SectionTable sections={props.sections} />
      <Choices {...props} />
      {leftAlone.length > 0 && (
        <>
          <h2 className="pt-4 font-semibold">Left as it is, on purpose</h2>
          {leftAlone.map(({ section, what }) => (
            <p key={section}>
              <span className="font-semibold">{section}:</span> {what.join(' ')}
            </p>
          ))}
        </>
      )}
      {returnLook && (
        <p className="pt-4">
          <span className="font-semibold">Return look:</span> {fullDate(returnLook.day)},{' '}
          {hours(returnLook.personMin)} h held for it.
        </p>
      )}
      <ProvenanceTable {...props} />
      {mass && <DryMassTable {...mass} />}
      <Signatures {...props} />
    </section>
  );
}

function FilmState({ film: { read, all, below, stale } }: Pick<RecordProps, 'film'>) {
  return (
    <>
      <h2 className="pt-4 font-semibold">Film</h2>
      <p>
        Read since its last coat: {read} of {all} panels.
      </p>
      {below.length > 0 && (
        <Notice grade="stop">
          Below the stop line: {panelsText(below)}. Nobody sands or polishes there any more; say so to the
          owner.
        </Notice>
      )}
      {stale.length > 0 && (
        <Notice grade="caution">
          Sanded or polished after it was read: {panelsText(stale)}. Read it again in Walkaround.
        </Notice>
      )}
    </>
  );
}

/** What the file says that only the shop knows. */
function Choices({ job, seen, chosen }: Pick<RecordProps, 'job' | 'seen' | 'chosen'>) {
  const edit = (set: JobChange) => ({ kind: 'job' as const, job, seen, set });
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2 pt-4">
      <EditChoice
        label="Afterwards it stands"
        className="w-56"
        value={chosen.keptWhere}
        choices={keptPlaces.map((one) => ({ value: one, text: keptPlaceNames[one] }))}
        toEdit={(text) => edit({ keptWhere: keptPlaces.find((one) => one === text) ?? 'garage' })}
      />
      <EditText
        label="Tins that are kept stand"
        className="w-56"
        value={chosen.reservePlace}
        toEdit={(text) => edit({ reservePlace: text })}
      />
      <EditChoice
        label="The file tells of hours and money"
        className="w-72"
        value={chosen.moneyDepth}
        choices={moneyDepths.map((one) => ({ value: one, text: moneyDepthNames[one] }))}
        toEdit={(text) => edit({ moneyDepth: moneyDepths.find((one) => one === text) ?? 'phases' })}
      />
    </div>
  );
}
