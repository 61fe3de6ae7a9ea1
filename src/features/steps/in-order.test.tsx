import { screen } from '@testing-library/react';
import type { Finding } from '@/core/audit';
import { answer, draw, locale, now } from '../room.fixture';
import { findingSentence } from '../words/finding-words';
import { InOrderView } from './in-order-view';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/steps',
}));

const finding = (over: Partial<Finding>): Finding => ({
  law: 1,
  surfaces: ['D1L.outside'],
  steps: ['first', 'last'],
  at: now,
  figure: 700,
  limit: 720,
  unit: 'min',
  breach: 'sanded-soft',
  station: 'bays',
  insisted: false,
  ...over,
});
const stepName = (key: string) => `the ${key} step`;
const shown = (findings: Finding[], laws = 17) => {
  global.fetch = jest.fn().mockResolvedValue(answer(200, { findings, laws }));
  draw(<InOrderView job="P-014" stepName={stepName} locale={locale} />);
};

test('says how many laws were held against a plan that is in order', async () => {
  shown([]);
  expect((await screen.findByText(/17 laws of the work/)).textContent).toContain('no findings');
});

test('a job without work has nothing to check, and says so', async () => {
  shown([], 0);
  expect(await screen.findByText('There is no work to check yet.')).toBeTruthy();
});

test('one line for a breach between two steps, with its panels and where it is mended', async () => {
  shown([
    finding({}),
    finding({ surfaces: ['D1R.outside'] }),
    finding({ law: 7, breach: 'cover-left-on', station: 'steps', insisted: true }),
  ]);
  const rows = await screen.findAllByRole('row');
  expect(rows).toHaveLength(3);
  expect(rows[1]!.textContent).toContain(
    '“the last step” sands the film of “the first step” after 11 h 40, it needs 12 h. Start later',
  );
  expect(rows[1]!.textContent).toContain('D1L, D1R');
  expect(screen.getByRole('link', { name: 'Bays' }).getAttribute('href')).toBe('/jobs/P-014/bays');
  expect(rows[2]!.textContent).toContain('overridden by hand');
});

test('says so where nobody answers', async () => {
  global.fetch = jest.fn().mockResolvedValue(answer(404, { faults: [{ reason: 'there is no job P-999' }] }));
  draw(<InOrderView job="P-999" stepName={stepName} locale={locale} />);
  expect(await screen.findByText('there is no job P-999')).toBeTruthy();
});

test('sentences carry figure and limit, and a pair of films is named by its fault', () => {
  const said = (over: Partial<Finding>) => findingSentence(finding(over), stepName);
  expect(said({ breach: 'bare-too-long', figure: 481, limit: 480 })).toBe(
    'Bare for 8 h 01 after “the first step”, at most 8 h. Prime sooner, or treat again.',
  );
  expect(said({ breach: 'below-stop-line', figure: 27.2, limit: 30 })).toContain(
    '27.2 µm would be left, at least 30 µm must stay',
  );
  expect(said({ breach: 'lifts' })).toContain('its coat system is faulty (lifts)');
});
