'use client';

import Link from 'next/link';
import { useState } from 'react';
import { Table } from '@/ui/layout';
import { documentNames, documentReading, type DocumentKind } from '../documents/document-kinds';
import { useMayRead } from '../frame/who';
import { TakePdf } from '../documents/take-pdf';
import { stageNames } from '../words/offer-words';
import type { StageState } from '@/core/offer';

export interface DocumentsProps {
  job: string;
  today: string;
  /** Numbers of the quotes, the latest first, and the stages of the accepted one. */
  quotes: number[];
  stages: StageState[];
}

const said: Record<DocumentKind, string> = {
  quote: 'what is done, what it costs, when it is paid; to be signed',
  stage: 'a payment with the state of the object it is tied to, as a proforma',
  owner: 'what the owner’s page tells, on one sheet',
  statement: 'the work of each section in its order, with why and what to beware of',
  'run-sheet': 'the work of one day at the window',
  'batch-cards': 'every mix that is still to come',
  labels: 'for the tins that are kept',
  survey: 'what was found, panel by panel',
  film: 'film planned and read, with the stop line',
  handover: 'the file that goes with the object, photos included',
};

/** Every document of a job, to read, to print or to take along as PDF. */
export function DocumentsView({ job, today, quotes, stages }: DocumentsProps) {
  const mayRead = useMayRead();
  const [number, setNumber] = useState(String(quotes[0] ?? ''));
  const [state, setState] = useState<string>('');
  const [day, setDay] = useState(today);
  const kinds = (Object.keys(documentNames) as DocumentKind[]).filter(
    (kind) =>
      mayRead(documentReading[kind]) &&
      (kind !== 'quote' || quotes.length > 0) &&
      (kind !== 'stage' || stages.length > 0),
  );
  const queryOf = (kind: DocumentKind): string => {
    const query = new URLSearchParams();
    if (kind === 'quote') query.set('number', number);
    if (kind === 'stage' && state !== '') query.set('state', state);
    if (kind === 'run-sheet') query.set('day', day);
    return query.toString();
  };
  return (
    <>
      <p className="pb-2">
        {mayRead('file') && (
          <>
            <a className="underline" href={`/api/jobs/${job}/archive`} download>
              The whole job as an archive
            </a>
            <span className="text-quiet">: its bundle, its quotes and every photo, as zip. </span>
          </>
        )}
        <span className="text-quiet">
          Mask maps at true scale stand in{' '}
          <Link className="underline" href={`/jobs/${job}/scheme`}>
            Scheme
          </Link>
          .
        </span>
      </p>
      <Table caption="Documents" head={['Document', 'What it is', 'Which', '']}>
        {kinds.map((kind) => (
          <tr key={kind} className="border-b border-line">
            <td className="py-2 pr-3 font-semibold">
              <Link className="underline" href={`/jobs/${job}/documents/${kind}?${queryOf(kind)}`}>
                {documentNames[kind]}
              </Link>
            </td>
            <td className="pr-3 text-quiet">{said[kind]}</td>
            <td className="pr-3">
              {kind === 'quote' && (
                <select
                  aria-label="Which quote"
                  value={number}
                  onChange={(event) => setNumber(event.target.value)}
                >
                  {quotes.map((one) => (
                    <option key={one} value={one}>
                      quote {one}
                    </option>
                  ))}
                </select>
              )}
              {kind === 'stage' && (
                <select
                  aria-label="Which stage"
                  value={state}
                  onChange={(event) => setState(event.target.value)}
                >
                  <option value="">the last that is due</option>
                  {stages.map((one) => (
                    <option key={one} value={one}>
                      {stageNames[one]}
                    </option>
                  ))}
                </select>
              )}
              {kind === 'run-sheet' && (
                <input
                  type="date"
                  aria-label="Which day"
                  value={day}
                  onChange={(event) => setDay(event.target.value || today)}
                />
              )}
            </td>
            <td className="py-1 text-right">
              <TakePdf job={job} kind={kind} query={queryOf(kind)} />
            </td>
          </tr>
        ))}
      </Table>
    </>
  );
}
