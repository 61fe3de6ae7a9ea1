import type { Offer } from '@/core/offer';
import type { OwnerView, OwnerWait } from '@/core/owner/owner-view';
import type { Locale } from '../words/format';
import { waitText, wayText } from '../words/owner-words';
import { OwnerPhotos } from './owner-photos';
import { button, Heading, Typed } from './owner-form';
import { QuoteToRead } from './quote-to-read';

interface Waiting {
  view: OwnerView;
  open: readonly Offer[];
  locale: Locale;
  token: string;
}

/** What waits for the owner, and where he answers. */
export function Waits({ view, open, locale, token }: Waiting) {
  if (view.waits.length === 0) return null;
  return (
    <>
      <Heading>Waits for you</Heading>
      {view.waits.map((wait) => (
        <div key={waitKey(wait)} className="border-b border-line py-2">
          <p>{waitText(wait, locale)}</p>
          {open
            .filter((offer) => wait.code === 'quote' && offer.number === wait.number)
            .map((offer) => (
              <QuoteToRead key={offer.number} offer={offer} locale={locale} />
            ))}
          {wait.code === 'quote' && <QuoteForm number={wait.number} token={token} />}
          {wait.code === 'sample' && wait.card && <CardForm id={wait.card.id} token={token} />}
          {wait.code === 'decision' && <DecisionForm wait={wait} token={token} locale={locale} />}
        </div>
      ))}
    </>
  );
}

const waitKey = (wait: OwnerWait): string =>
  wait.code === 'quote' ? `quote ${wait.number}` : wait.code === 'sample' ? wait.colour : wait.id;

/** What the owner decides, with its photos and what each way costs. */
function DecisionForm({
  wait: { id, ways, photos },
  token,
  locale,
}: {
  wait: Extract<OwnerWait, { code: 'decision' }>;
  token: string;
  locale: Locale;
}) {
  return (
    <>
      <OwnerPhotos photos={photos} token={token} />
      <form method="post" action={`/api/owner/${token}`} className="no-print flex flex-col gap-2 pt-2">
        <input type="hidden" name="kind" value="decide" />
        <input type="hidden" name="decision" value={id} />
        <Typed name="by" label="Your name" />
        <Typed name="said" label="A word, if you like" least={0} />
        {ways.map((way, i) => (
          <button key={way.name} className={`${button} h-auto min-h-12 py-2 text-left`} name="way" value={i}>
            Yes, {wayText(way, locale)}
          </button>
        ))}
        <button className={button} name="way" value={-1}>
          {ways.length > 1 ? 'None of them' : 'No, leave it as it is'}
        </button>
      </form>
    </>
  );
}

function QuoteForm({ number, token }: { number: number; token: string }) {
  return (
    <form method="post" action={`/api/owner/${token}`} className="no-print flex flex-col gap-2 pt-2">
      <input type="hidden" name="quote" value={number} />
      <Typed name="by" label="Your name" />
      <Typed name="where" label="Where you are" />
      <Typed name="said" label="A word, if you like" least={0} />
      <span className="flex gap-2">
        <button className={button} name="kind" value="accepted">
          Accept
        </button>
        <button className={button} name="kind" value="refused">
          Refuse
        </button>
      </span>
    </form>
  );
}

/** What was seen of a card in the hand. */
function CardForm({ id, token }: { id: string; token: string }) {
  return (
    <form method="post" action={`/api/owner/${token}`} className="no-print flex flex-col gap-2 pt-2">
      <input type="hidden" name="sample" value={id} />
      <Typed name="by" label="Your name" />
      <Typed name="light" label="In which light you saw it" />
      <Typed name="beside" label="Beside what" least={0} />
      <Typed name="said" label="A word, if you like" least={0} />
      <span className="flex gap-2">
        <button className={button} name="kind" value="card-accepted">
          It is right
        </button>
        <button className={button} name="kind" value="card-refused">
          It is not right
        </button>
      </span>
    </form>
  );
}
