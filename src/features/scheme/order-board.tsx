'use client';

import { useState } from 'react';
import type { BodyOrders, ColourOrders, ComparedOrder, PlanFigures } from '@/core/changes';
import type { OrderPass } from '@/core/scheme';
import { Button } from '@/ui/button';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { refusalOf, useStop, useToldAnswer } from '../frame/asking';
import { useSent } from '../frame/entry-form';
import { counted } from '../words/counted';
import { amount, area, date, hours, micrometres, money, span, type Locale } from '../words/format';
import type { BoardPictures } from './scheme-props';
import { useOpen } from '../frame/who';

interface BoardProps {
  job: string;
  seen: number;
  pictures: BoardPictures;
  locale: Locale;
}

/** The best orders of colours and masks as storyboards, asked for and compared by the real calendar. */
export function OrderBoard(props: BoardProps) {
  const [asked, setAsked] = useState(false);
  const [first, setFirst] = useState('');
  const [last, setLast] = useState('');
  const { job, pictures, locale } = props;
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const fixed = new URLSearchParams({ first, last, one, other });
  const path = `/api/jobs/${encodeURIComponent(job)}/orders?${fixed.toString()}`;
  const { answer, share } = useToldAnswer<ColourOrders>(path, [pictures.planHash], asked);
  const stop = useStop(path);
  return (
    <section aria-label="Orders compared" className="pt-4">
      <div className="flex flex-wrap items-baseline gap-3">
        <h2 className="font-semibold">Orders compared</h2>
        <Button disabled={answer.isFetching} onClick={() => setAsked(true)}>
          {answer.isFetching ? 'Searching and planning …' : 'Search the order of colours and masks'}
        </Button>
        {answer.isFetching && <Progress label="Searched and planned" share={share} />}
        {answer.isFetching && (
          <Button
            onClick={() => {
              setAsked(false);
              stop();
            }}
          >
            Stop
          </Button>
        )}
        <Fixed label="First" value={first} onPick={setFirst} pictures={pictures} />
        <Fixed label="Last" value={last} onPick={setLast} pictures={pictures} />
        <Fixed label="One after the other" value={one} onPick={setOne} pictures={pictures} />
        <Fixed label="and" value={other} onPick={setOther} pictures={pictures} />
      </div>
      {answer.error && <Notice grade="stop">{refusalOf(answer.error)}</Notice>}
      {answer.data?.tooMany.map(({ body, colours }) => (
        <Notice key={body} grade="caution">
          {counted(colours, 'colour')} go on one body: more than are searched. Put them in order by hand.
        </Notice>
      ))}
      {answer.data?.bodies.length === 0 && answer.data.tooMany.length === 0 && (
        <Empty>No body gets two colours that are still to come: there is no order to choose.</Empty>
      )}
      {answer.data && answer.data.bodies.length > 0 && (
        <p className="pt-1 tabular-nums">As the order stands now: {plannedText(answer.data.now, locale)}.</p>
      )}
      {answer.data?.bodies.map((body) => (
        <Body key={body.body} body={body} {...props} />
      ))}
    </section>
  );
}

/** A colour that has to come first, or last, on its body. */
function Fixed({
  label,
  value,
  onPick,
  pictures,
}: {
  label: string;
  value: string;
  onPick(key: string): void;
  pictures: BoardPictures;
}) {
  return (
    <label className="flex items-baseline gap-1 text-quiet">
      {label}
      <select value={value} className="w-36" onChange={(event) => onPick(event.target.value)}>
        <option value="">any</option>
        {Object.entries(pictures.shapes).map(([key, { name }]) => (
          <option key={key} value={key}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

function Body({ body, ...props }: BoardProps & { body: BodyOrders }) {
  const cheapest = body.orders.reduce<ComparedOrder | undefined>(
    (least, own) => (least && least.planMinor <= own.planMinor ? least : own),
    undefined,
  );
  return (
    <>
      <p className="py-1 text-quiet">
        {body.exact
          ? 'All orders of these colours, all ways of masking and both ways of clearing were weighed; the best that differ in kind, by what their plans cost:'
          : `The best that were found; none can cost less than ${money(body.boundMinor, props.locale)}.`}
      </p>
      {body.orders.length === 0 && (
        <Empty>No order hides every colour: a ground coat or another system is needed.</Empty>
      )}
      {body.orders.map((one, i) => (
        <Order key={`${one.clear} ${one.kind}`} one={one} nth={i + 1} cheapest={cheapest!} {...props} />
      ))}
    </>
  );
}

function Order({
  one,
  nth,
  cheapest,
  job,
  seen,
  pictures,
  locale,
}: BoardProps & { one: ComparedOrder; nth: number; cheapest: ComparedOrder }) {
  const live = useOpen('take-order');
  const send = useSent();
  const [refused, setRefused] = useState<string | null>(null);
  const take = async () =>
    setRefused(
      await send({
        kind: 'take-order',
        job,
        seen,
        colourOrder: one.order,
        colourCovers: one.covers,
        schools: one.schools,
        grounds: one.grounds,
      }),
    );
  const nameOf = (key: string) => pictures.shapes[key]?.name ?? key;
  const title = one.passes.map((pass) => nameOf(pass.colour)).join(', then ');
  const more = one.planMinor - cheapest.planMinor;
  const sum = (value: (pass: OrderPass) => number) =>
    one.passes.reduce((total, pass) => total + value(pass), 0);
  return (
    <article aria-label={`Order ${nth}`} className="border-t border-line py-3">
      <div className="flex items-baseline gap-3">
        <h3 className="font-semibold">
          {nth}. {title}; {clearWords[one.clear ?? 'each']}
        </h3>
        <span className="ml-auto">
          {one.isNow ? (
            <span className="text-quiet">stands now</span>
          ) : (
            <Button className="whitespace-nowrap" disabled={!live} onClick={() => void take()}>
              Take this order
            </Button>
          )}
        </span>
      </div>
      {refused && (
        <p role="alert" className="text-small text-stop">
          {refused}
        </p>
      )}
      <p className="text-quiet tabular-nums">
        {amount(
          sum((pass) => pass.tapeM),
          'm',
        )}{' '}
        of tape, {area(sum((pass) => pass.coverM2))} covered, {hours(sum((pass) => pass.maskMin))} h of
        masking, {hours(sum((pass) => pass.gunMin))} h of the gun, {span(sum((pass) => pass.waitMin))} waited
        for films, ridge {micrometres(one.ridgeUm)};{' '}
        {more < 1 ? 'the cheapest' : `${money(more, locale)} more than the cheapest`}. Planned:{' '}
        {plannedText(one.figures, locale)}.
      </p>
      <ol className="flex flex-wrap gap-3 pt-2">
        {one.passes.map((pass, i) => (
          <li key={pass.colour} className="w-56">
            <Frame pass={pass} pictures={pictures} />
            <p className="pt-1">
              <span className="font-semibold">
                {i + 1}. {nameOf(pass.colour)}
              </span>{' '}
              {frameText(pass, nameOf)}
            </p>
          </li>
        ))}
      </ol>
    </article>
  );
}

const clearWords = { all: 'one clear over all', each: 'each cleared by itself' } as const;

/** What a plan comes to in hours, money and days. */
const plannedText = (figures: PlanFigures, locale: Locale): string =>
  [
    `${hours(figures.labourMin)} h`,
    `${money(figures.materialsMinor, locale)} materials`,
    `${hours(figures.boothMin)} booth hours`,
    `ends ${figures.finishDate === null ? 'on no day yet' : date(figures.finishDate)}${figures.lateDays > 0 ? `, ${counted(figures.lateDays, 'day')} late` : ''}`,
  ].join(', ');

/** One pass drawn small: what is sprayed in its colour, what is covered hatched, the rest left pale. */
function Frame({ pass, pictures }: { pass: OrderPass; pictures: BoardPictures }) {
  const masked = new Set(pass.masked.map((one) => one.colour));
  const sprayed = pictures.shapes[pass.colour];
  return (
    <svg
      viewBox={pictures.viewBox}
      className="w-full border border-line"
      role="img"
      aria-label="What is open and covered"
    >
      {Object.entries(pictures.shapes).map(([key, shape]) => {
        const fill =
          key === pass.colour
            ? (sprayed?.hex ?? '#888888')
            : masked.has(key)
              ? 'url(#texture-masked)'
              : 'var(--raised)';
        return <path key={key} d={shape.d} fill={fill} stroke="var(--ink)" strokeWidth="0.4" />;
      })}
    </svg>
  );
}

/** What is done in a frame, and what is waited for before the next. */
function frameText(pass: OrderPass, nameOf: (key: string) => string): string {
  const masks = pass.masked.map(({ colour, way }) =>
    way === 'own-tape' ? `${nameOf(colour)} under tape of its own width` : `${nameOf(colour)} covered`,
  );
  return [
    `${counted(pass.coats, 'coat')}${pass.ground ? ' over a ground coat in the shade of the sealer' : ''}`,
    ...(pass.over.length > 0
      ? [`sprayed past the line onto ${pass.over.map(nameOf).join(', ')}, to be hidden later`]
      : []),
    ...masks,
    ...(pass.tapeM > 0 ? [`${amount(pass.tapeM, 'm')} of line`] : []),
    ...(pass.locked ? ['then inter-coat clear, since tape stands on it'] : []),
    ...(pass.waitMin > 0 ? [`${span(pass.waitMin)} until it takes tape`] : []),
  ].join('; ');
}
