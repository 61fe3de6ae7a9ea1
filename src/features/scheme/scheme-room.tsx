'use client';

import { useState, type ComponentProps } from 'react';
import { InspectorPanel } from '@/ui/facts';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { AlternativesView, type AlternativesProps } from './alternatives-view';
import { ColoursView, type ColoursProps } from './colours-view';
import { ElevationsView, type ElevationsProps } from './elevations-view';
import type { LayoutProps } from './layout-props';
import { LayoutView } from './layout-view';
import type { MasksProps } from './masks-props';
import { MasksView } from './masks-view';
import { OrderBoard } from './order-board';
import { PassesTable } from './passes-table';
import type { BoardPictures } from './scheme-props';

export interface SchemeProps {
  job: string;
  colours: ColoursProps;
  alternatives: AlternativesProps;
  layout: LayoutProps;
  passes: Omit<ComponentProps<typeof PassesTable>, 'job'>;
  pictures: BoardPictures;
  masks: MasksProps;
  elevations: ElevationsProps;
}

const views = {
  layout: 'Layout',
  elevations: 'Elevations',
  colours: 'Colours',
  order: 'Order',
  masks: 'Masks',
  alternatives: 'Alternatives',
} as const;
type View = keyof typeof views;

/** Which colour goes where, laid out on the panels, and in which passes it goes on. */
export function SchemeRoom(props: SchemeProps) {
  const [view, setView] = useState<View>('layout');
  const aside = (
    <div className="no-print">
      <ViewSwitch views={views} shown={view} onShow={setView} />
    </div>
  );
  if (view === 'layout')
    return (
      <Room title="Scheme" aside={aside}>
        <div className="-mx-4 -mb-4 h-full">
          <LayoutView {...props.layout} />
        </div>
      </Room>
    );
  if (view !== 'order')
    return (
      <Room title="Scheme" aside={aside}>
        {view === 'colours' && <ColoursView {...props.colours} />}
        {view === 'masks' && <MasksView {...props.masks} />}
        {view === 'elevations' && <ElevationsView {...props.elevations} />}
        {view === 'alternatives' && <AlternativesView {...props.alternatives} />}
      </Room>
    );
  return (
    <>
      <Room title="Scheme" aside={aside}>
        <PassesTable job={props.job} {...props.passes} />
        <OrderBoard
          job={props.job}
          seen={props.passes.seen}
          pictures={props.pictures}
          locale={props.passes.locale}
        />
      </Room>
      <OrderInspector />
    </>
  );
}

function OrderInspector() {
  return (
    <InspectorPanel title="Order of the colours">
      <p>
        Colours of a body go on from the top down, so that wet edge and tape lie below. Move one with the
        arrows; masks, sessions and days follow.
      </p>
      <p className="pt-2">
        Colours on one panel are masked round once. Each later one is taped against those that stand and may
        drift over those that come later; one clear goes over all, unless the method of the clear says
        otherwise.
      </p>
      <p className="pt-2 text-quiet">
        The search weighs tape, cover, paint, gun, waits and hiding by invented toners. Taking an order sets
        the order; masks, tape and steps follow.
      </p>
    </InspectorPanel>
  );
}
