'use client';

import type { PlanFigures } from '@/core/changes';
import { Notice } from '@/ui/notice';
import { refusalOf, useAnswer } from '../frame/asking';
import { usePlanHash } from '../frame/plan-hash';
import { changeText, hoursMore, type ChangeGround } from '../what-if/change-words';
import { TakeChange } from '../what-if/take-change';
import { date, money } from '../words/format';
import type { Remedies, RemedyShown } from './remedies';

/** What might be done about one warning, each planned the whole way, with what it costs and what it brings. */
export function RemedyList({ job, warning, ground }: { job: string; warning: string; ground: ChangeGround }) {
  const planHash = usePlanHash();
  const path = `/api/jobs/${job}/remedies?warning=${encodeURIComponent(warning)}`;
  const question = useAnswer<Remedies>(path, [planHash], true);
  const answer = question.data;
  if (question.isFetching && !answer)
    return (
      <p role="status" className="py-2 text-quiet">
        Planning the whole job with each remedy …
      </p>
    );
  if (!answer) return <Notice grade="stop">{refusalOf(question.error)}</Notice>;
  if (answer.status === 'gone')
    return (
      <p className="py-2">
        Planned anew from today, without the accepted starts, the job has no such warning. In Bays, plan it
        anew and accept.
      </p>
    );
  const settling = answer.tried.filter((one) => one.settles);
  const others = answer.tried.filter((one) => !one.settles);
  return (
    <>
      <ol aria-label="Remedies">
        {settling.map((one, i) => (
          <li key={i} className="border-t border-line py-2 first:border-t-0">
            <p className="font-semibold">{changeText(one.change, ground)}</p>
            <p className="tabular-nums">{costText(one.figures, answer.base, ground)}</p>
            <Outcome {...one} />
            <TakeChange
              job={job}
              change={one.change}
              figures={one.figures}
              base={answer.base}
              ground={ground}
            />
          </li>
        ))}
      </ol>
      {others.length > 0 && (
        <div className="border-t border-line py-2 text-quiet">
          <p>
            {settling.length === 0
              ? 'Planned, and none of it settles the warning:'
              : 'Planned, and not enough:'}
          </p>
          <ul className="tabular-nums">
            {others.map((one, i) => (
              <li key={i}>
                {changeText(one.change, ground)}: {costText(one.figures, answer.base, ground)}
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

/** What a remedy costs against the plan as it stands. */
function costText(figures: PlanFigures, base: PlanFigures, ground: ChangeGround): string {
  const gap = figures.materialsMinor - base.materialsMinor;
  const end = figures.finishDate === null ? 'no room for all of it' : `ends ${date(figures.finishDate)}`;
  return [
    end,
    `${hoursMore(figures.labourMin - base.labourMin)} h labour`,
    `${hoursMore(figures.boothMin - base.boothMin)} h booth`,
    `materials ${gap === 0 ? '±0' : `${gap > 0 ? '+' : '−'}${money(Math.abs(gap), ground)}`}`,
  ].join(', ');
}

/** What else comes with a remedy that settles its warning. */
function Outcome({ alsoSettles, brings }: RemedyShown) {
  return (
    <>
      <Notice grade="released">the warning is gone</Notice>
      {alsoSettles.map(({ text }) => (
        <p key={text} className="py-1 text-quiet">
          Also gone: {text}
        </p>
      ))}
      {brings.length > 0 && <p className="pt-1 font-semibold">It brings</p>}
      {brings.map(({ grade, text }) => (
        <Notice key={text} grade={grade}>
          {text}
        </Notice>
      ))}
    </>
  );
}
