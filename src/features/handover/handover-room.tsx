'use client';

import { useState } from 'react';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { DocumentsView, type DocumentsProps } from './documents-view';
import { OwnerLinks, type OwnerProps } from './owner-view';
import { PhotosView, type PhotosProps } from './photos-view';
import type { QuotesProps } from './quotes-props';
import { QuotesView } from './quotes-view';
import type { RecordProps } from './record-props';
import { RecordView } from './record-view';

const views = {
  quotes: 'Quotes',
  owner: 'Owner’s page',
  photos: 'Photos',
  record: 'Record',
  documents: 'Documents',
};
type View = keyof typeof views;

export interface HandoverProps {
  quotes: QuotesProps;
  owner: OwnerProps;
  photos: PhotosProps;
  record: RecordProps;
  documents: DocumentsProps;
}

/** Station 9: what the owner was offered, what he is told, and what he gets. */
export function HandoverRoom({ quotes, owner, photos, record, documents }: HandoverProps) {
  const [view, setView] = useState<View>('quotes');
  return (
    <Room title="Handover" aside={<ViewSwitch views={views} shown={view} onShow={setView} />}>
      {view === 'quotes' && <QuotesView {...quotes} />}
      {view === 'owner' && <OwnerLinks {...owner} />}
      {view === 'photos' && <PhotosView {...photos} />}
      {view === 'record' && <RecordView {...record} />}
      {view === 'documents' && <DocumentsView {...documents} />}
    </Room>
  );
}
