import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { DayProvider } from '@/features/frame/day';
import { ForecastProvider } from '@/features/frame/forecast';
import { findablesOf } from '@/features/frame/findables';
import { jobView } from '@/features/frame/job-view';
import { Keys } from '@/features/frame/keys';
import { PlanHashProvider } from '@/features/frame/plan-hash';
import { Rail } from '@/features/frame/rail';
import { DayScrubber } from '@/features/frame/scrubber';
import { NotesProvider } from '@/features/notes/notes-context';
import { notesByStep } from '@/features/notes/notes-props';
import { JobStrip } from '@/features/frame/strip';
import { HouseWindow } from '@/features/frame/house-window';
import { StationWarnings } from '@/features/warnings/station-warnings';
import { workNotes } from '@/server/services/notes';
import { currentMinute } from '@/server/services/clock';

import { plannedJob, type JobParams } from '../../planned-job';

export async function generateMetadata({ params }: JobParams): Promise<Metadata> {
  const { stored } = await plannedJob((await params).job);
  return { title: `${stored.job.number} ${stored.job.name}` };
}

export default async function JobLayout({ params, children }: JobParams & { children: ReactNode }) {
  const { stored, plan, agreed, inputHash, shop } = await plannedJob((await params).job);
  const notes = notesByStep(plan, stored.job.bodyKind, await workNotes());
  const view = jobView({
    job: stored.job,
    plan,
    agreed,
    inputHash,
    seen: stored.versions[stored.job.number]!,
    shop: shop.shop,
    productName: (code) => shop.shelf.get(code)?.name ?? code,
    now: currentMinute(),
  });
  return (
    <DayProvider now={view.now} first={view.days.first} last={view.days.last} timeZone={view.locale.timeZone}>
      <PlanHashProvider value={view.inputHash}>
        <NotesProvider value={notes}>
          <ForecastProvider job={view.number} inputHash={view.inputHash}>
            <HouseWindow
              strip={<JobStrip job={view} />}
              rail={<Rail job={view} />}
              foot={<DayScrubber job={view} />}
              notice={<StationWarnings job={view} />}
            >
              {children}
            </HouseWindow>
          </ForecastProvider>
        </NotesProvider>
      </PlanHashProvider>
      <Keys job={view.number} findables={findablesOf(stored.job, plan, [...shop.shelf.values()])} />
    </DayProvider>
  );
}
