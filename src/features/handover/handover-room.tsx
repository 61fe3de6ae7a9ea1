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
const viewsOfWork: Partial<Record<View, string>> = {
  photos: views.photos,
  record: views.record,
  documents: views.documents,
};

export interface HandoverProps {
  /** What is offered and told; null for who does not read money. */
  money: { quotes: QuotesProps; owner: OwnerProps } | null;
  photos: PhotosProps;
  record: RecordProps;
  documents: DocumentsProps;
}

/** Station 9: what the owner was offered, what he is told, and what he gets. */
export function HandoverRoom({ money, photos, record, documents }: HandoverProps) {
  const [view, setView] = useState<View>(money ? 'quotes' : 'photos');
  return (
    <Room
      title="Handover"
      aside={<ViewSwitch<View> views={money ? views : viewsOfWork} shown={view} onShow={setView} />}
    >
      {view === 'quotes' && money && <QuotesView {...money.quotes} />}
      {view === 'owner' && money && <OwnerLinks {...money.owner} />}
      {view === 'photos' && <PhotosView {...photos} />}
      {view === 'record' && <RecordView {...record} />}
      {view === 'documents' && <DocumentsView {...documents} />}
    </Room>
  );
}
