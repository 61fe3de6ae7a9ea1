'use client';

import { refusalOf, useAnswer } from '../frame/asking';
import { usePlanHash } from '../frame/plan-hash';
import type { GiveUps } from '@/core/changes';
import { Button } from '@/ui/button';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { useLive } from '@/ui/use-live';
import { date, hours, money, type Locale } from '../words/format';
import { TakeChange } from '../what-if/take-change';
import { changeText, hoursMore, ownerNotices, type ChangeGround } from '../what-if/change-words';
import { counted } from '../words/counted';

type Answer = { status: 'kept' } | ({ status: 'over' } & GiveUps);

function overText({ over }: GiveUps, locale: Locale): string {
  const parts = [
    over.unkept > 0 &&
      (over.unkept === 1
        ? 'one window, pin or step cannot be kept'
        : `${over.unkept} windows, pins or steps cannot be kept`),
    over.lateDays > 0 && `${counted(over.lateDays, 'day')} late`,
    over.labourMin > 0 && `${hours(over.labourMin)} h above the cap`,
    over.materialsMinor > 0 && `${money(over.materialsMinor, locale)} of materials above the cap`,
    over.boothMin > 0 && `${hours(over.boothMin)} h of booth above the cap`,
  ].filter((one) => one !== false);
  return parts.join(', ');
}

/** What could be given up when date or caps break: the five best single changes, each through the whole plan. */
export function GiveUpView({ job, ground, locale }: { job: string; ground: ChangeGround; locale: Locale }) {
  const live = useLive();
  const planHash = usePlanHash();
  const question = useAnswer<Answer>(`/api/jobs/${job}/give-up`, [planHash], false);
  const answer = question.data;
  const said = question.isFetching
    ? 'Trying every single change, one whole plan each …'
    : refusalOf(question.error);
  return (
    <div className="h-full overflow-auto">
      <div className="flex items-center gap-3 pb-3">
        <Button look="main" disabled={!live} onClick={() => void question.refetch()}>
          Look for what to give up
        </Button>
        <span role="status" className="text-quiet">
          {said}
        </span>
      </div>
      {!answer && (
        <Empty>
          Where the date, a cap, a window or a pin cannot be kept, Coatrel tries each pin, each level one
          lower, each way of working, longer days, Saturdays, a second person and a rented booth, and names
          the five that give most back for the least loss.
        </Empty>
      )}
      {answer?.status === 'kept' && (
        <Notice grade="released">Date, caps, windows and pins are kept: nothing has to be given up.</Notice>
      )}
      {answer?.status === 'over' && (
        <>
          <p className="pb-2">
            As it stands: <strong>{overText(answer, locale)}</strong>.
          </p>
          {answer.best.length === 0 && (
            <p className="text-quiet">No single change brings any of it back; several together may.</p>
          )}
          <ol>
            {answer.best.map((one, i) => {
              const notices = ownerNotices(one.change, ground);
              const { figures } = one;
              return (
                <li key={i} className="border-b border-line py-2">
                  <p className="font-semibold">
                    {i + 1}. {changeText(one.change, ground)}
                  </p>
                  <p className="tabular-nums">
                    {figures.finishDate ? `finish ${date(figures.finishDate)}` : 'no room'}
                    {figures.lateDays > 0 ? `, ${figures.lateDays} d late` : ', in time'};{' '}
                    {hoursMore(figures.labourMin - answer.base.labourMin)} h labour,{' '}
                    {hoursMore(figures.boothMin - answer.base.boothMin)} h booth, materials{' '}
                    {money(figures.materialsMinor, locale)}
                  </p>
                  <p className="text-quiet">{notices ?? 'Nothing of the finish is given up.'}</p>
                  <TakeChange
                    job={job}
                    change={one.change}
                    figures={figures}
                    base={answer.base}
                    ground={ground}
                  />
                </li>
              );
            })}
          </ol>
        </>
      )}
    </div>
  );
}
