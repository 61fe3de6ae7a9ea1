'use client';

import { useState } from 'react';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { AtWork } from './at-work';
import { EntriesView } from './entries-view';
import type { LearnedRow } from '@/core/log';
import { LearnedView } from './learned-view';
import type { LogProps } from './log-props';
import { TimeView } from './time-view';

const views = { work: 'At work', entries: 'Entries', time: 'Hours', learned: 'Learned' };
type View = keyof typeof views;

/** What is done now, what was done, how many hours it took, and what that teaches. */
export function LogRoom(props: LogProps & { learned: LearnedRow[] }) {
  const [view, setView] = useState<View>('work');
  return (
    <Room title="Log" aside={<ViewSwitch views={views} shown={view} onShow={setView} />}>
      {view === 'work' ? (
        <AtWork {...props} />
      ) : view === 'entries' ? (
        <EntriesView {...props} />
      ) : view === 'time' ? (
        <TimeView {...props} />
      ) : (
        <LearnedView rows={props.learned} />
      )}
    </Room>
  );
}
