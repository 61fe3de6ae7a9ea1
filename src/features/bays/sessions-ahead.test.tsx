import { render, screen } from '@testing-library/react';
import { locale } from '../room.fixture';
import { SessionsAhead } from './sessions-ahead';

const shown = (goHours: Parameters<typeof SessionsAhead>[0]['goHours']) =>
  render(
    <SessionsAhead
      goHours={goHours}
      nameOf={(key) => `step ${key}`}
      productName={(code) => `product ${code}`}
      sessionName={(key) => `session ${key}`}
      locale={locale}
    />,
  );
// Minute 0 of 2027 in London is 29 979 360 minutes after the epoch: 20 819 days.
const morning = 20_819 * 1440 + 8 * 60;

test('by when what comes before must begin, what is to spare, and when each pot is mixed', () => {
  shown([
    {
      session: 's',
      opens: morning,
      before: [{ step: 'mask', planned: morning - 120, latest: morning - 60, spareMin: 60 }],
      mixes: [
        { product: 'epoxy', notBefore: morning - 60, latest: morning + 40 },
        { product: 'base', notBefore: null, latest: morning + 90 },
        { product: 'slow', notBefore: morning - 720, latest: morning },
      ],
    },
  ]);
  expect(screen.getByText('only 1 h of work to spare', { exact: false })).toBeInTheDocument();
  expect(screen.getByText('Fri 1 Jan 07:00–08:40')).toBeInTheDocument();
  expect(screen.getByText('Thu 31 Dec 20:00 to Fri 1 Jan 08:00')).toBeInTheDocument();
  expect(screen.getByText('mix product base')).toBeInTheDocument();
  expect(screen.getByText('by Fri 1 Jan 09:30')).toBeInTheDocument();
});

test('a session with nothing before it still says when to mix; one with neither is not named', () => {
  const hour = { opens: morning, before: [] };
  shown([
    { ...hour, session: 'a', mixes: [{ product: 'base', notBefore: null, latest: morning }] },
    { ...hour, session: 'b', mixes: [] },
  ]);
  expect(screen.getByText(/session a/)).toBeInTheDocument();
  expect(screen.queryByText(/session b/)).toBeNull();
  expect(screen.queryByText(/to spare/)).toBeNull();
});
