'use client';

import { useState } from 'react';
import type { PlanFigures, PlannedScheme } from '@/core/changes';
import type { Alternative, MatchAttempt } from '@/core/record';
import { Button } from '@/ui/button';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { Swatch } from '@/ui/swatch';
import { refusalOf, useAnswer } from '../frame/asking';
import { ElevationPicture } from '../frame/elevation-picture';
import { EntryForm, Line, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { counted } from '../words/counted';
import { amount, area, date, hours, money, type Locale } from '../words/format';
import { KeepScheme } from './keep-scheme';
import { KeptDetails } from './kept-details';
import { MatchAttempts } from './match-attempts';
import { useOpen } from '../frame/who';

export interface AlternativesProps {
  job: string;
  planHash: string;
  /** Kept schemes without what they hold, which the server has. */
  kept: (Omit<Alternative, 'scheme'> & { seen: number })[];
  attempts: (MatchAttempt & { seen: number })[];
  colours: { id: string; name: string }[];
  /** The shop's day. */
  today: string;
  locale: Locale;
}

/** Other schemes beside the one that is planned: what each looks like and comes to, and who chose which. */
export function AlternativesView(props: AlternativesProps) {
  const { job, planHash, kept, locale } = props;
  const path = `/api/jobs/${encodeURIComponent(job)}/schemes`;
  const hash = [planHash, ...kept.map((one) => `${one.id} ${one.seen}`)];
  const answer = useAnswer<{ schemes: PlannedScheme[] }>(path, hash, true);
  const schemes = answer.data?.schemes ?? [];
  const [today] = schemes;
  // Side and end stand beside each other, the top below, all to one scale.
  const widest = Math.max(1, ...schemes.map((one) => sideAndEnd(one.views)));
  return (
    <>
      <h2 className="hidden pb-2 font-semibold print:block">Schemes of {job}, side by side</h2>
      <KeepScheme {...props} />
      {answer.error && <Notice grade="stop">{refusalOf(answer.error)}</Notice>}
      {answer.isFetching && <p className="text-quiet">Planning each scheme …</p>}
      {kept.length === 0 && (
        <Empty>
          No other scheme is kept. Keep this one under a name, lay out another, and compare them here: both
          are planned by the real calendar.
        </Empty>
      )}
      <div className="grid grid-cols-[repeat(auto-fill,minmax(24rem,1fr))] gap-4 pt-2">
        {schemes.map((one) => (
          <SchemeCard
            key={one.id ?? 'now'}
            one={one}
            now={today!.figures}
            kept={kept.find(({ id }) => id === one.id) ?? null}
            widest={widest}
            job={job}
            today={props.today}
            colours={props.colours}
            locale={locale}
          />
        ))}
      </div>
      <MatchAttempts {...props} />
    </>
  );
}

/** Width of the first two views, cm. */
const sideAndEnd = (views: PlannedScheme['views']): number =>
  views.slice(0, 2).reduce((sum, { widthCm }) => sum + widthCm, 0);

type Kept = AlternativesProps['kept'][number];

function SchemeCard({
  one,
  now,
  kept,
  widest,
  job,
  today,
  colours,
  locale,
}: {
  one: PlannedScheme;
  now: PlanFigures;
  kept: Kept | null;
  widest: number;
  job: string;
  today: string;
  colours: AlternativesProps['colours'];
  locale: Locale;
}) {
  const name = kept?.name ?? 'As it is planned';
  return (
    <article aria-label={name} className="border border-line p-3">
      <div className="flex items-baseline gap-2">
        <h3 className="font-semibold">{name}</h3>
        {kept && one.isNow && <span className="text-quiet">stands now</span>}
        {kept && <RemoveKept job={job} kept={kept} />}
      </div>
      {kept && <p className="text-quiet">{purposeText(kept, colours)}</p>}
      {kept && <KeptDetails job={job} kept={kept} />}
      <Figures figures={one.figures} now={kept && !one.isNow ? now : null} locale={locale} />
      {one.enters.length > 0 && <p>Gets film besides: {one.enters.join(', ')}.</p>}
      {one.leaves.length > 0 && <p>Keeps its paint: {one.leaves.join(', ')}.</p>}
      {one.stops > 0 && (
        <Notice grade="stop">{counted(one.stops, 'step')} of it cannot be carried out as it is kept.</Notice>
      )}
      {kept && !one.isNow && <TakeScheme job={job} kept={kept} today={today} />}
      <div className="flex flex-wrap items-end gap-x-[2%] gap-y-1 py-2">
        {one.views.map((view) => (
          <div key={view.view} style={{ width: `${(98 * view.widthCm) / widest}%` }}>
            <ElevationPicture drawn={view} states={null} />
          </div>
        ))}
      </div>
      <ul className="flex flex-wrap gap-x-4 gap-y-1">
        {one.colours.map((colour) => (
          <li key={colour.name} className="inline-flex items-center gap-1 tabular-nums">
            <Swatch colours={[colour.hex]} label="" /> {colour.name}, {area(colour.areaM2)}
            {colour.mixL > 0 && `, ${amount(colour.mixL, 'l')}`}
          </li>
        ))}
      </ul>
    </article>
  );
}

/** What it was kept for, and who chose it. */
function purposeText(kept: Kept, colours: AlternativesProps['colours']): string {
  const { ifUnmatched, mostAttempts, lastDay, chosenBy, chosenOn, note } = kept;
  const colour = colours.find((one) => one.id === ifUnmatched)?.name;
  const purpose =
    colour === undefined
      ? 'To choose from'
      : `If ${colour} is not matched in ${counted(mostAttempts, 'attempt')}${lastDay === null ? '' : ` or by ${date(lastDay)}`}`;
  const chosen = chosenOn === null ? '' : ` Chosen by ${chosenBy} on ${date(chosenOn)}.`;
  return `${purpose}.${chosen}${note === '' ? '' : ` ${note}`}`;
}

/** What it comes to, with the difference from the scheme that is planned. */
function Figures({
  figures,
  now,
  locale,
}: {
  figures: PlanFigures;
  now: PlanFigures | null;
  locale: Locale;
}) {
  const more = (own: number, other: number | undefined, show: (value: number) => string) =>
    other === undefined || show(Math.abs(own - other)) === show(0)
      ? ''
      : ` (${own > other ? '+' : '−'}${show(Math.abs(own - other))})`;
  const rows: [string, string][] = [
    ['Work', `${hours(figures.labourMin)} h${more(figures.labourMin, now?.labourMin, hours)}`],
    ['Booth', `${hours(figures.boothMin)} h${more(figures.boothMin, now?.boothMin, hours)}`],
    [
      'Materials',
      `${money(figures.materialsMinor, locale)}${more(figures.materialsMinor, now?.materialsMinor, (value) => money(value, locale))}`,
    ],
    [
      'Ends',
      figures.finishDate === null
        ? 'on no day yet'
        : `${date(figures.finishDate)}${figures.lateDays > 0 ? `, ${counted(figures.lateDays, 'day')} late` : ''}`,
    ],
  ];
  return (
    <dl className="grid grid-cols-[5rem_1fr] py-1 tabular-nums">
      {rows.map(([label, text]) => (
        <div key={label} className="contents">
          <dt className="text-quiet">{label}</dt>
          <dd>{text}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The owner's choice: name and day; the scheme that stands is kept beside it. */
function TakeScheme({ job, kept, today }: { job: string; kept: Kept; today: string }) {
  const send = useSent();
  const [asked, setAsked] = useState(false);
  const live = useOpen('take-scheme');
  if (!asked)
    return (
      <Button className="no-print" disabled={!live} onClick={() => setAsked(true)}>
        Take this scheme<span className="sr-only">: {kept.name}</span>
      </Button>
    );
  return (
    <EntryForm
      deed="take-scheme"
      label={`Take ${kept.name}`}
      className="flex flex-wrap items-center gap-2 border-t border-line pt-2"
      start={{ by: '', on: today }}
      send={({ by, on }) => send({ kind: 'take-scheme', job, id: kept.id, seen: kept.seen, by, on })}
    >
      {(form) => (
        <>
          <p className="w-full text-quiet">
            It takes the place of the scheme that is planned, which is kept beside it.
          </p>
          <Line
            form={form}
            name="by"
            label="Chosen by"
            placeholder="chosen by"
            required
            maxLength={60}
            autoFocus
          />
          <Line form={form} name="on" label="Chosen on" type="date" required />
          <Button type="submit">Take it</Button>
          <Button type="button" onClick={() => setAsked(false)}>
            Leave it
          </Button>
        </>
      )}
    </EntryForm>
  );
}

function RemoveKept({ job, kept }: { job: string; kept: Kept }) {
  const { save } = useSaving();
  const live = useOpen('take-scheme');
  return (
    <span className="no-print ml-auto">
      <Button
        disabled={!live}
        onClick={() =>
          void save({ kind: 'remove-item', job, list: 'alternatives', id: kept.id, seen: kept.seen })
        }
      >
        Remove<span className="sr-only"> {kept.name}</span>
      </Button>
    </span>
  );
}
