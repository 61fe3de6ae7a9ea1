import { Fact } from '@/ui/facts';
import { Empty } from '@/ui/layout';
import type { CoatTrouble } from '@/core/readings/coat-card';
import { counted } from '../words/counted';
import { celsius, dryEdgeText, shortMinutes as minutes } from '../words/coat-words';
import { amount, area, clock, day, money, span, type Locale } from '../words/format';
import type { CardShown } from './booth-props';

/** One card a coat: what is mixed when, how long the gun runs, who sprays, and where each figure comes from. */
export function CoatCards({ cards, locale }: { cards: readonly CardShown[]; locale: Locale }) {
  const keys = [...new Set(cards.map((one) => one.session))];
  if (keys.length === 0) return <Empty>No coat is left to spray.</Empty>;
  return (
    <>
      {keys.map((key) => {
        const own = cards.filter((one) => one.session === key);
        const [first] = own as [CardShown];
        return (
          <section key={key} aria-label={`Coats of ${first.subject}`} className="pb-4">
            <h2 className="border-b border-line pb-1 font-semibold">
              {day(first.start, locale)}, {first.subject}
              {first.heldBy.length > 0 && (
                <span className="font-normal text-caution">
                  {' '}
                  not booked: waits for {first.heldBy.join(', ')}
                </span>
              )}
            </h2>
            <ol className="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-x-6 gap-y-4 pt-2">
              {own.map((card) => (
                <li key={card.step}>
                  <Card card={card} locale={locale} />
                </li>
              ))}
            </ol>
          </section>
        );
      })}
      <p className="max-w-prose text-small text-quiet">
        Litres, flash, pot and edge by the product’s sheet at the air of the day; stroke, overlap, duty and
        cup by Figures; minutes of the gun by the rates of the shop. The sheet on the tin comes first.
      </p>
    </>
  );
}

function Card({ card, locale }: { card: CardShown; locale: Locale }) {
  const { motion, pots } = card;
  return (
    <article aria-label={card.name} className="break-inside-avoid">
      <h3 className="font-semibold">
        {clock(card.start, locale)} {card.name}
      </h3>
      <Fact label="Panels">
        {card.panels}, {area(card.areaM2)}
      </Fact>
      <Fact label="Ready mix on it">{amount(card.litres, 'L')}</Fact>
      {pots.map((pot) => (
        <Fact key={pot.usedFrom} label={`Pot, ${amount(pot.litres, 'L')}`}>
          mixed {clock(pot.mixedAt, locale)}
          {pot.diesAt !== null && `, dead ${clock(pot.diesAt, locale)}`}
          {pot.fromPanel !== null && `; takes over at the edge of ${pot.fromPanel}`}
        </Fact>
      ))}
      <Fact label="Gun">
        {span(card.gunMin)}, then flash {span(card.flashMin)}
      </Fact>
      <Fact label="Round of one painter">
        {minutes(card.roundMin)}, largest side {minutes(card.stretchMin)}
      </Fact>
      <Fact label={`Edge open at ${celsius(card.airC)}`}>{minutes(card.edgeMin)}</Fact>
      <Fact label="Painters">{card.painters.join(', ') || 'nobody yet'}</Fact>
      <Fact label="Stroke">
        {motion.fanCm} cm wide, {Math.round(100 * motion.overlap)} % over the last, {motion.speedMPerMin}{' '}
        m/min
      </Fact>
      {card.troubles.map((trouble) => (
        <p key={trouble.code} role="note" className="pt-1 text-small text-caution">
          {troubleText(trouble, locale)}
        </p>
      ))}
    </article>
  );
}

/** What does not fit, by how much, and what helps at which price. */
function troubleText(trouble: CoatTrouble, locale: Locale): string {
  switch (trouble.code) {
    case 'edge-dries':
      return dryEdgeText(trouble, locale);
    case 'outlasts-pot':
      return `A pot lasts ${minutes(trouble.lifeMin)} and the gun runs ${minutes(trouble.gunMin)}: ${counted(trouble.pots, 'pot')}, changed at panel edges; ${money(trouble.costMinor, locale)} more is left in cups. A slower hardener may save a change.`;
    case 'outside-air':
      return `${celsius(trouble.airC)} is outside ${celsius(trouble.leastC)} to ${celsius(trouble.mostC)} of the product: another hardener and reducer, or another hour.`;
  }
}
