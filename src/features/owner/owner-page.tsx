import type { DrawnElevation } from '@/core/elevation';
import type { Offer } from '@/core/offer';
import type { OwnerView } from '@/core/owner/owner-view';
import { Elevations } from '../frame/elevation-picture';
import { NetThumbnail } from '../frame/net-thumbnail';
import type { Thumbnail } from '../frame/thumbnail';
import { date, hours, money, type Locale } from '../words/format';
import { stageNames } from '../words/offer-words';
import { budgetWords, movedText, promiseText, stateText } from '../words/owner-words';
import { field, button, Heading } from './owner-form';
import { OwnerPhotos } from './owner-photos';
import { Waits } from './owner-waits';
import { QuoteToRead } from './quote-to-read';
import { phaseName } from '../words/phase-names';

interface Given {
  view: OwnerView;
  quotes: { open: readonly Offer[]; accepted: Offer | null };
  /** Its sides in the finished colours, none where it has no sides, and how each area looks today. */
  sides: readonly DrawnElevation[];
  states: ReadonlyMap<string, string>;
  picture: Thumbnail | null;
  shopName: string;
  locale: Locale;
  token: string;
  /** What came of what was said last. */
  told: 'kept' | 'refused' | null;
}

/** The page of an owner: where the object stands, what is next, what waits, when it is ready. It works without script. */
export function OwnerPage({ view, quotes, sides, states, picture, shopName, locale, token, told }: Given) {
  return (
    <main className="mx-auto max-w-2xl p-4 text-lead">
      <p className="text-quiet">{shopName}</p>
      <h1 className="pb-2 text-title font-semibold">{view.name}</h1>
      {told && (
        <p role="status" className="pb-3 font-semibold">
          {told === 'kept'
            ? 'Thank you: we have it.'
            : 'That was not kept. Write your name, and with an answer where you are; a quote is answered once and while it is valid.'}
        </p>
      )}
      <p className="pb-3">{promiseText(view.promise)}</p>
      <Waits view={view} open={quotes.open} locale={locale} token={token} />
      {sides.length > 0 && <Heading>As it looks today</Heading>}
      <Elevations views={sides} states={states} percent={100} />
      {picture && (
        <figure className="pt-3">
          <figcaption className="text-quiet">Every outside, laid flat, as it looks today</figcaption>
          <NetThumbnail thumbnail={picture} label="Every outside, laid flat" className="h-auto w-full" />
        </figure>
      )}
      <Today view={view} />
      <Lists view={view} token={token} />
      <Hours view={view} />
      <Payments view={view} locale={locale} />
      {quotes.accepted && <QuoteToRead offer={quotes.accepted} locale={locale} />}
      <Ask token={token} />
    </main>
  );
}

function Today({ view }: { view: OwnerView }) {
  return (
    <>
      <Heading>Today</Heading>
      <ul>
        {view.today.map((one) => (
          <li key={one.section} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{one.section}</span>
            <span>{stateText(one.state)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Lists({ view, token }: { view: OwnerView; token: string }) {
  return (
    <>
      <Heading>Done this week</Heading>
      {view.done.length === 0 && <p className="text-quiet">Nothing was finished in the last seven days.</p>}
      <ul>
        {view.done.map((one) => (
          <li key={`${one.what}${one.on}`} className="py-[2px]">
            {date(one.day)}: {one.what}, {one.on}
          </li>
        ))}
      </ul>
      <OwnerPhotos photos={view.photos} token={token} />
      <Heading>Next</Heading>
      <ul>
        {view.next.map((one) => (
          <li key={one.phase} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{phaseName(one.phase)}</span>
            <span>{date(one.day)}</span>
          </li>
        ))}
      </ul>
      {view.promise.moved.length > 0 && (
        <>
          <Heading>Why the day moved</Heading>
          <ul>
            {view.promise.moved.map((one) => (
              <li key={`${one.day}${one.what}`}>{movedText(one)}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

function Hours({ view }: { view: OwnerView }) {
  return (
    <>
      <Heading>Hours</Heading>
      <table className="w-full tabular-nums">
        <thead>
          <tr className="border-b border-strong text-left">
            <th className="font-normal text-quiet">Work</th>
            <th className="text-right font-normal text-quiet">So far</th>
            <th className="text-right font-normal text-quiet">In all</th>
            <th className="text-right font-normal text-quiet">Quoted</th>
          </tr>
        </thead>
        <tbody>
          {view.hours.map((one) => (
            <tr key={one.phase} className="border-b border-line">
              <td className="py-1">{phaseName(one.phase)}</td>
              <td className="text-right">{hours(one.usedMin)}</td>
              <td className="text-right">{hours(one.expectedMin)}</td>
              <td className="text-right">{one.quotedMin === null ? '–' : hours(one.quotedMin)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {view.budgets.map((one) => (
        <p key={one.budget} className="pt-1">
          {budgetWords[one.budget]}: {percent(one.used)} used, {percent(one.expected)} expected of what was
          agreed
        </p>
      ))}
    </>
  );
}

function Payments({ view, locale }: { view: OwnerView; locale: Locale }) {
  if (view.payments.length === 0) return null;
  return (
    <>
      <Heading>Payments</Heading>
      <ul>
        {view.payments.map((one) => (
          <li key={one.state} className="flex justify-between gap-3 border-b border-line py-1">
            <span>
              {stageNames[one.state]}
              {one.isReached ? ', due' : one.expectedOn === null ? '' : `, about ${date(one.expectedOn)}`}
            </span>
            <span>{money(one.grossMinor, locale, 2)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Ask({ token }: { token: string }) {
  return (
    <form method="post" action={`/api/owner/${token}`} className="no-print flex flex-col gap-2 pt-6">
      <h2 className="font-semibold">Ask us</h2>
      <input
        className={field}
        name="by"
        aria-label="Who asks"
        placeholder="your name"
        maxLength={80}
        required
      />
      <input
        className={field}
        name="said"
        aria-label="What you ask"
        placeholder="your question"
        maxLength={600}
        required
      />
      <button className={button} name="kind" value="ask">
        Send
      </button>
    </form>
  );
}
