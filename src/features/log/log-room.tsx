'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { AtWork } from './at-work';
import { ChangesView } from './changes-view';
import { EntriesView } from './entries-view';
import type { LearnedRow } from '@/core/log';
import { LearnedView } from './learned-view';
import type { LogProps } from './log-props';
import type { RepairsProps } from './repairs-props';
import { RepairsView } from './repairs-view';
import { TimeView } from './time-view';
import { useMayRead } from '../frame/who';

// The charts come when they are looked at.
const RangeView = dynamic(() => import('./range-view').then((room) => room.RangeView), {
  loading: () => <p className="text-quiet">Drawing …</p>,
});

const views = {
  work: 'At work',
  entries: 'Entries',
  repairs: 'Repairs',
  time: 'Hours',
  learned: 'Learned',
  range: 'Range',
  changes: 'Changes',
};
type View = keyof typeof views;
const { changes: _changes, ...viewsOfWork } = views;

/** What is done now, what was done, how many hours it took, what that teaches, and in which range it ends. */
export function LogRoom(props: LogProps & { learned: LearnedRow[]; repairs: RepairsProps }) {
  const mayRead = useMayRead();
  const [view, setView] = useState<View>('work');
  return (
    <Room
      title="Log"
      aside={
        <ViewSwitch<View> views={mayRead('changes') ? views : viewsOfWork} shown={view} onShow={setView} />
      }
    >
      {view === 'work' ? (
        <AtWork {...props} />
      ) : view === 'entries' ? (
        <EntriesView {...props} />
      ) : view === 'repairs' ? (
        <RepairsView {...props.repairs} />
      ) : view === 'time' ? (
        <TimeView {...props} />
      ) : view === 'learned' ? (
        <LearnedView rows={props.learned} />
      ) : view === 'changes' ? (
        <ChangesView job={props.job} panels={props.panels} locale={props.locale} />
      ) : (
        <RangeView {...props} />
      )}
    </Room>
  );
}
