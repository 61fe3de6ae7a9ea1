'use client';

import { Printer } from 'lucide-react';
import type { PrintedPaper } from '@/core/documents';
import { Button } from '@/ui/button';
import { Empty, Room } from '@/ui/layout';
import { documentNames, type DocumentKind } from './document-kinds';
import { PaperView } from './paper-view';
import { TakePdf } from './take-pdf';

/** A document to read and to print; what cannot be made says why. */
export function DocumentPage({
  job,
  kind,
  query,
  paper,
}: {
  job: string;
  kind: DocumentKind;
  query: string;
  paper: PrintedPaper | { reason: string };
}) {
  const made = 'reason' in paper ? null : paper;
  return (
    <Room
      title={documentNames[kind]}
      aside={
        made && (
          <span className="no-print flex flex-wrap items-center gap-2">
            <TakePdf job={job} kind={kind} query={query} />
            <Button onClick={() => window.print()}>
              <Printer size={14} aria-hidden="true" className="mr-1 inline" />
              Print
            </Button>
          </span>
        )
      }
    >
      {made ? <PaperView paper={made} /> : 'reason' in paper && <Empty>{`${paper.reason}.`}</Empty>}
    </Room>
  );
}
