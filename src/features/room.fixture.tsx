import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { shelfOf } from '@/core/film';
import { planJob } from '@/core/plan';
import { demoScenario } from '@/demo/load-demo';
import { DayProvider } from './frame/day';
import { jobView } from './frame/job-view';
import { SavingProvider } from './frame/saving';

/** The demo coach as its rooms show it, at the tests' clock, for tests of rooms and their forms. */
export const now = Date.parse('2026-12-24T09:00:00Z') / 60000;
export const { shop, shelf, jobs } = demoScenario(now);
export const locale = { timeZone: shop.timeZone, currency: shop.currency };
export const productName = (code: string) => shelf.find((product) => product.code === code)?.name ?? code;
export const { job, agreed } = jobs.find((one) => one.job.number === 'P-014')!;
export const plan = planJob({
  job,
  shop,
  shelf: shelfOf(shelf),
  now,
  commitments: [],
  agreedStarts: new Map(),
});
export const view = jobView({
  job,
  plan,
  agreed,
  inputHash: 'a'.repeat(64),
  seen: 1,
  shop,
  productName,
  now,
});

/** Renders a room inside what the frame gives it. */
export const draw = (room: ReactElement) =>
  render(
    <SavingProvider>
      <DayProvider now={now} first={view.days.first} last={view.days.last} timeZone="Europe/London">
        {room}
      </DayProvider>
    </SavingProvider>,
  );

export const answer = (status: number, body: unknown) =>
  ({
    ok: status < 400,
    status,
    headers: new Headers({ 'content-type': 'application/json' }),
    json: async () => body,
  }) as Response;

/** What was posted in the n-th call of a mocked fetch. */
export const posted = (sent: jest.Mock, call: number) => JSON.parse(sent.mock.calls[call]![1].body);
