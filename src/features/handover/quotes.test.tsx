import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { demoScenario } from '@/demo/load-demo';
import { demoShop } from '@/demo/shop';
import { usualFigures } from '@/core/figures';
import { shelfOf, standardShelf } from '@/core/film';
import { makeOffer, type Offer } from '@/core/offer';
import { planJob } from '@/core/plan';
import type { Job } from '@/core/record';
import { minuteAt } from '@/core/units';
import { answer, draw, posted } from '../room.fixture';
import { quotesProps, type KeptOffer } from './quotes-props';
import { quotePaper } from '../documents/quote-paper';
import { PaperView } from '../documents/paper-view';
import { QuotesView } from './quotes-view';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved', label: '' }));
  global.fetch = sent;
});

const now = minuteAt('2026-12-24', 540, demoShop.timeZone);
const job: Job = demoScenario(now).jobs.find((one) => one.job.number === 'P-015')!.job;
const shelf = shelfOf(standardShelf);
const plan = planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
const quote = (number: number, over: Partial<Offer> = {}): Offer => ({
  ...makeOffer(plan, {
    job,
    shop: demoShop,
    shelf,
    figures: usualFigures,
    terms: demoShop.offerTerms,
    number,
    now,
    discount: null,
    note: '',
  }),
  ...over,
});
const kept = (offer: Offer, over: Partial<KeptOffer> = {}): KeptOffer => ({
  offer,
  answer: 'open',
  answeredBy: '',
  answeredWhere: '',
  answeredOn: null,
  seen: 3,
  ...over,
});
const view = (list: KeptOffer[], one: Job = job) =>
  draw(
    <QuotesView
      {...quotesProps(list, {
        job: one,
        plan,
        inputHash: 'a'.repeat(64),
        today: '2026-12-24',
        locale: { timeZone: 'Europe/London', currency: 'GBP' },
        last: null,
      })}
    />,
  );
const money = (minor: number) =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency: 'GBP' }).format(minor / 100);

test('a quote is made from the plan that is shown; a discount says what it is for before it is sent', async () => {
  view([]);
  fireEvent.change(screen.getByLabelText('Discount'), { target: { value: '2,5' } });
  fireEvent.click(screen.getByRole('button', { name: 'Make a quote from this plan' }));
  expect(await screen.findByText('Say what the discount is for.')).toBeInTheDocument();
  expect(sent).not.toHaveBeenCalled();
  fireEvent.change(screen.getByLabelText('What the discount is for'), { target: { value: 'second job' } });
  fireEvent.click(screen.getByRole('button', { name: 'Make a quote from this plan' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(sent.mock.calls[0][0]).toBe('/api/jobs/P-015/offers');
  expect(posted(sent, 0)).toEqual({
    inputHash: 'a'.repeat(64),
    discount: { kind: 'share', bp: 250, reason: 'second job' },
    note: '',
    ways: [],
  });
});

test('its lines stand with their sums, the ceiling and the payments; the owner’s answer goes out with who, where and when', async () => {
  const offer = quote(1);
  view([kept(offer)]);
  const lines = screen.getByRole('table', { name: 'Lines of the quote' });
  expect(within(lines).getByRole('row', { name: /^To pay/ })).toHaveTextContent(money(offer.grossMinor));
  expect(within(lines).getByRole('row', { name: /^Net/ })).toHaveTextContent(money(offer.netMinor));
  const stages = screen.getByRole('table', { name: 'Stages of payment' });
  expect(within(stages).getByRole('row', { name: /^With the order/ })).toHaveTextContent('25 %');
  fireEvent.change(screen.getByLabelText('By whom'), { target: { value: 'M. Cress' } });
  fireEvent.click(screen.getByRole('button', { name: 'Write it down' }));
  expect(await screen.findByText(/Where it was said is missing/)).toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('Where it was said'), { target: { value: 'in the yard' } });
  fireEvent.click(screen.getByRole('button', { name: 'Write it down' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(sent.mock.calls[0][0]).toBe('/api/jobs/P-015/offers/1/answer');
  expect(posted(sent, 0)).toEqual({
    answer: 'accepted',
    by: 'M. Cress',
    where: 'in the yard',
    on: '2026-12-24',
    seen: 3,
  });
});

test('a refusal of the server is said, and what somebody else changed', async () => {
  view([]);
  sent.mockResolvedValueOnce(answer(409, { status: 'conflict' }));
  fireEvent.click(screen.getByRole('button', { name: 'Make a quote from this plan' }));
  expect(await screen.findByText(/has changed meanwhile/)).toBeInTheDocument();
});

test('of a signed one its payments are told, and which section was opened again since', () => {
  const signed = kept(quote(1), {
    answer: 'accepted',
    answeredBy: 'M. Cress',
    answeredWhere: 'yard',
    answeredOn: '2026-12-23',
  });
  const [first, ...others] = job.sections;
  const shiny: Job = {
    ...job,
    sections: [{ ...first!, level: first!.level === 'Show' ? 'Road' : 'Show' }, ...others],
  };
  view([signed], shiny);
  expect(screen.getByText(/Quote 1 was signed for other choices/)).toHaveTextContent(
    `${first!.name} (level)`,
  );
  const due = screen.getByRole('table', { name: 'Payments today' });
  expect(within(due).getByRole('row', { name: /^With the order/ })).toHaveTextContent('due');
  expect(within(due).getByRole('row', { name: /^On delivery/ })).toHaveTextContent('not yet');
  expect(screen.getByRole('link', { name: /For the accounts/ })).toHaveAttribute(
    'href',
    '/api/jobs/P-015/offers/1/stages',
  );
});

test('a later one says what it changes against the one before', () => {
  const first = quote(1);
  const [line, ...rest] = first.lines;
  const dearer = quote(2, {
    lines: [{ ...line!, sumMinor: line!.sumMinor + 5000 }, ...rest],
    netMinor: first.netMinor + 5000,
    grossMinor: first.grossMinor + 6000,
  });
  view([kept(first), kept(dearer)]);
  const changed = screen.getByRole('region', { name: 'What quote 2 changes' });
  expect(changed).toHaveTextContent('Against quote 1: +£60.00 to pay');
  expect(within(changed).getAllByRole('row')).toHaveLength(2);
});

test('on paper it has its lines to the penny, and room for both signatures until it is answered', () => {
  const offer = quote(1);
  const given = { offer, object: 'Cutter', owner: 'M. Cress', shop: demoShop };
  const { unmount } = draw(<PaperView paper={quotePaper({ ...given, said: null })} />);
  expect(screen.getByText('For the shop: name, place, day')).toBeInTheDocument();
  expect(screen.getByText('For M. Cress: name, place, day')).toBeInTheDocument();
  const lines = screen.getByRole('table', { name: 'Lines of the quote' });
  expect(within(lines).getByRole('row', { name: /^To pay/ })).toHaveTextContent(money(offer.grossMinor));
  unmount();
  const said = { answer: 'Accepted', by: 'M. Cress', where: 'yard', on: '2026-12-24' };
  draw(<PaperView paper={quotePaper({ ...given, said })} />);
  expect(screen.getByText('Accepted by M. Cress, yard, on Thu 24 Dec 2026.')).toBeInTheDocument();
  expect(screen.queryByText(/name, place, day/)).toBeNull();
});
