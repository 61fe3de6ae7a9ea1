import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { DrawnElevation } from '@/core/elevation';
import type { OwnerView } from '@/core/owner/owner-view';
import { OwnerLinks } from '../handover/owner-view';
import { answer, draw, posted } from '../room.fixture';
import { OwnerPage } from './owner-page';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  global.fetch = sent;
});

const asked = {
  job: 'P-014',
  today: '2026-12-24',
  locale: { timeZone: 'Europe/London', currency: 'GBP' },
  decisions: [],
  finds: [],
  sections: [],
  labourRateMinorPerHour: 4800,
};
const locale = { timeZone: 'Europe/London', currency: 'GBP' };
const view: OwnerView = {
  name: 'Ullabrook 24',
  today: [{ section: 'Roof', level: 'Road', state: 'high-build', colour: 'Pale Barley' }],
  done: [{ what: 'Block, P180', on: 'Roof', day: '2026-12-22' }],
  next: [{ phase: 'colour', day: '2027-01-08' }],
  waits: [
    { code: 'quote', number: 2, grossMinor: 123_456, validUntil: '2027-01-20' },
    {
      code: 'sample',
      colour: 'Sluice Green',
      wasRefused: true,
      card: { id: 's1', widthMm: 400, heightMm: 300 },
    },
    { code: 'sample', colour: 'Pale Barley', wasRefused: false, card: null },
  ],
  hours: [{ phase: 'strip', usedMin: 600, expectedMin: 660, quotedMin: 540 }],
  budgets: [{ budget: 'labour', used: 0.5, expected: 1.042 }],
  photos: [],
  promise: {
    promised: '2027-01-22',
    planned: '2027-01-26',
    p80: '2027-02-05',
    moved: [{ what: 'a rack', days: 2, day: '2026-12-10' }],
  },
  payments: [
    { state: 'ordered', shareBp: 2500, grossMinor: 30_000, expectedOn: '2026-11-23', isReached: true },
  ],
};
const sides: DrawnElevation[] = [
  {
    view: 'left',
    widthCm: 1000,
    heightCm: 300,
    shapes: [{ kind: 'panel', area: 'sides', hex: '#2f5d43', d: 'M0 0L9 0L9 9Z' }],
  },
  { view: 'rear', widthCm: 250, heightCm: 300, shapes: [] },
];
const page = (over: Partial<OwnerView> = {}, told: 'kept' | 'refused' | null = null) =>
  draw(
    <OwnerPage
      view={{ ...view, ...over }}
      quotes={{ open: [], accepted: null }}
      sides={sides}
      states={new Map([['sides', 'high-build']])}
      picture={null}
      shopName="Pellbrook"
      locale={locale}
      token="tok"
      told={told}
    />,
  );

test('the day with its range, what waits, and forms that work without script', () => {
  page();
  expect(screen.getByText(/ready on Tue 26 Jan, later than the Fri 22 Jan/)).toHaveTextContent(
    'In eight cases of ten it is ready by Fri 5 Feb.',
  );
  expect(screen.getByText(/Quote 2 over £1,234.56/)).toBeInTheDocument();
  expect(
    screen.getByText(/The card of Sluice Green, 400 × 300 mm, to be seen again: in your hand/),
  ).toBeInTheDocument();
  expect(screen.getByText(/Pale Barley: its card is not ready yet/)).toBeInTheDocument();
  // A card is judged by who saw it, in which light; there is no form where there is no card.
  expect(screen.getAllByRole('button', { name: 'It is right' })).toHaveLength(1);
  expect(screen.getByLabelText('In which light you saw it')).toBeRequired();
  const accept = screen.getByRole('button', { name: 'Accept' });
  expect(accept.closest('form')).toHaveAttribute('action', '/api/owner/tok');
  expect(accept).toHaveAttribute('value', 'accepted');
});

test('its sides to one scale, with the look of today', () => {
  page();
  const left = screen.getByRole('img', { name: 'Left side, to scale' });
  expect(left.querySelector('path')).toHaveAttribute('fill', 'url(#texture-high-build)');
  const width = (name: string) => screen.getByRole('img', { name }).closest('figure')!.style.width;
  expect([width('Left side, to scale'), width('Rear, to scale')]).toEqual(['100%', '25%']);
});

test('hours used, expected and quoted; shares; what moved the day; payments', () => {
  page();
  expect(screen.getByRole('row', { name: /^Strip/ })).toHaveTextContent('10.011.09.0');
  expect(screen.getByText(/Hours: 50 % used, 104 % expected/)).toBeInTheDocument();
  expect(screen.getByText(/a rack, 2 days more/)).toBeInTheDocument();
  expect(screen.getByText(/With the order, due/)).toBeInTheDocument();
});

test('nothing waits, nothing moved: nothing is said of it; what was refused is told', () => {
  page({ waits: [], promise: { ...view.promise, moved: [] }, payments: [] }, 'refused');
  expect(screen.queryByText('Waits for you')).toBeNull();
  expect(screen.queryByText('Why the day moved')).toBeNull();
  expect(screen.getByRole('status')).toHaveTextContent('That was not kept');
});

describe('links', () => {
  const link = {
    id: 'a1',
    forWhom: 'M. Harrow',
    madeOn: '2026-12-20',
    until: '2027-04-20',
    revokedOn: null,
    uses: 3,
    lastUsedMin: Date.parse('2026-12-23T10:00Z') / 60000,
    seen: 2,
  };
  const links = (list: (typeof link)[]) =>
    draw(<OwnerLinks job="P-014" today="2026-12-24" locale={locale} links={list} words={[]} asked={asked} />);

  test('a link is told once, when it is made', async () => {
    sent.mockResolvedValue(answer(200, { status: 'saved', path: '/owner/secret' }));
    links([]);
    fireEvent.change(screen.getByLabelText('For whom the link is'), { target: { value: 'M. Harrow' } });
    fireEvent.click(screen.getByRole('button', { name: 'Make a link' }));
    expect(await screen.findByText(/\/owner\/secret$/)).toBeInTheDocument();
    expect(posted(sent, 0)).toEqual({ forWhom: 'M. Harrow', days: 120 });
  });

  test('how often it was opened, and it can be taken back; one that is over cannot', async () => {
    sent.mockResolvedValue(answer(200, { status: 'saved' }));
    links([link, { ...link, id: 'b2', forWhom: 'nobody', until: '2026-12-01' }]);
    const row = screen.getByRole('row', { name: /^M. Harrow/ });
    expect(row).toHaveTextContent('3');
    expect(within(screen.getByRole('row', { name: /^nobody/ })).queryByRole('button')).toBeNull();
    fireEvent.click(within(row).getByRole('button', { name: 'Take it back' }));
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(sent.mock.calls[0][0]).toBe('/api/jobs/P-014/owner-links/a1');
    expect(posted(sent, 0)).toEqual({ seen: 2 });
  });
});
