import { screen, within } from '@testing-library/react';
import { shelfOf } from '@/core/film';
import { draw, job, now, plan, shelf, shop } from '../room.fixture';
import { boothProps, type CardShown } from './booth-props';
import { CoatCards } from './coat-cards';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const locale = { timeZone: 'Europe/London', currency: 'GBP' };
const { cards } = boothProps(job, plan, { shop, shelf: shelfOf(shelf), now, moves: [] });
const [card] = cards as [CardShown];
const shown = (over: Partial<CardShown>) => {
  draw(<CoatCards cards={[{ ...card, ...over }]} locale={locale} />);
  return screen.getByRole('article');
};

test('a card says what is mixed when, until when it is good, who sprays and how', () => {
  const at = Date.parse('2027-01-08T08:00Z') / 60000;
  const pots = [
    { litres: 2, mixedAt: at, usedFrom: at, diesAt: at + 50, fromPanel: null },
    { litres: 0.5, mixedAt: at + 40, usedFrom: at + 40, diesAt: at + 90, fromPanel: 'B4L' },
  ];
  const article = shown({
    start: at,
    pots,
    painters: ['Marek', 'Ines'],
    gunMin: 54,
    flashMin: 8,
    airC: 21.5,
    edgeMin: 7.25,
    roundMin: 36,
    stretchMin: 9.06,
    motion: { fanCm: 25, overlap: 0.5, speedMPerMin: 24, duty: 0.6, cupL: 0.6, refillMin: 1.5 },
  });
  expect(article).toHaveTextContent('mixed 08:00, dead 08:50');
  expect(article).toHaveTextContent('mixed 08:40, dead 09:30; takes over at the edge of B4L');
  expect(article).toHaveTextContent('54 min, then flash 8 min');
  expect(article).toHaveTextContent('36 min, largest side 9.1 min');
  expect(article).toHaveTextContent('Edge open at 21.5 °C');
  expect(article).toHaveTextContent('Marek, Ines');
  expect(article).toHaveTextContent('25 cm wide, 50 % over the last, 24 m/min');
});

test('what does not fit is told with figure, limit and what helps at which price', () => {
  const article = shown({
    troubles: [
      {
        code: 'edge-dries',
        airC: 20,
        roundMin: 12,
        edgeMin: 8,
        painters: 2,
        costMinor: 3600,
        breakAtLine: false,
      },
      { code: 'outlasts-pot', gunMin: 54, lifeMin: 50, pots: 2, costMinor: 120 },
      { code: 'outside-air', airC: 31, leastC: 15, mostC: 30 },
    ],
  });
  const notes = within(article)
    .getAllByRole('note')
    .map((one) => one.textContent);
  expect(notes).toEqual([
    'The edge is open 8.0 min at 20 °C, and each painter is back after 12 min: 2 painters keep it wet for £36; or break at a panel line.',
    'A pot lasts 50 min and the gun runs 54 min: 2 pots, changed at panel edges; £1 more is left in cups. A slower hardener may save a change.',
    '31 °C is outside 15 °C to 30 °C of the product: another hardener and reducer, or another hour.',
  ]);
});

test('what is not booked says what it waits for; where nothing is left to spray that is said', () => {
  draw(<CoatCards cards={[{ ...card, heldBy: ['an accepted sample of Chalk'] }]} locale={locale} />);
  expect(screen.getByRole('heading', { level: 2 })).toHaveTextContent(
    'not booked: waits for an accepted sample of Chalk',
  );
  draw(<CoatCards cards={[]} locale={locale} />);
  expect(screen.getByText('No coat is left to spray.')).toBeInTheDocument();
});
