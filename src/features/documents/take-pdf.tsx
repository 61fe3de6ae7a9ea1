'use client';

import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Progress } from '@/ui/progress';
import { useLive } from '@/ui/use-live';
import { askTold, refusalOf } from '../frame/asking';
import type { DocumentKind } from './document-kinds';

const sizes = { a4: 'A4', letter: 'Letter' } as const;
type Size = keyof typeof sizes;

/** Makes a document as PDF and saves it; with many photos it says how far it is and can be stopped. */
export function TakePdf({ job, kind, query }: { job: string; kind: DocumentKind; query: string }) {
  const live = useLive();
  const [size, setSize] = useState<Size>('a4');
  const [work, setWork] = useState<{ share: number; stop: AbortController } | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const take = async () => {
    const stop = new AbortController();
    setWork({ share: 0, stop });
    setRefused(null);
    try {
      const asked = new URLSearchParams(query);
      asked.set('paper', size);
      const { path } = await askTold<{ path: string }>(
        `/api/jobs/${encodeURIComponent(job)}/documents/${kind}/file?${asked}`,
        stop.signal,
        (share) => setWork({ share, stop }),
      );
      window.location.assign(path);
    } catch (error) {
      if (!stop.signal.aborted) setRefused(refusalOf(error instanceof Error ? error : new Error()));
    }
    setWork(null);
  };
  return (
    <span className="flex items-center gap-2">
      {refused && (
        <span role="alert" className="text-stop">
          {refused}
        </span>
      )}
      {work ? (
        <>
          <Progress label="Making the PDF" share={work.share} />
          <Button onClick={() => work.stop.abort()}>Stop</Button>
        </>
      ) : (
        <>
          <select
            aria-label="Paper"
            value={size}
            onChange={(event) => setSize(event.target.value === 'letter' ? 'letter' : 'a4')}
          >
            {Object.entries(sizes).map(([key, name]) => (
              <option key={key} value={key}>
                {name}
              </option>
            ))}
          </select>
          <Button disabled={!live} onClick={() => void take()}>
            <FileDown size={14} aria-hidden="true" className="mr-1 inline" />
            PDF
          </Button>
        </>
      )}
    </span>
  );
}
