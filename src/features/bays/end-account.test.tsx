import { fireEvent, screen, within } from '@testing-library/react';
import { draw, job, locale, plan, shop } from '../room.fixture';
import { namesOf } from '../words/names';
import { baysProps } from './bays-props';
import { EndAccountParts } from './end-account-parts';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/bays',
}));

const names = { ...namesOf(plan, job.sections, (code) => code), step: (key: string) => `step ${key}` };
const onSelect = jest.fn();
const end = {
  chain: ['polish', 'clear'],
  finish: 3000,
  openMin: 900,
  causes: { work: 420, wait: 0, busy: 480, agreed: 0, rest: 0 },
  items: [
    { cause: 'busy' as const, step: 'clear', who: ['Ines'], holders: ['P-015 base'], openMin: 480 },
    { cause: 'work' as const, step: 'polish', who: [], holders: [], openMin: 420 },
  ],
};
const shown = (promisedEnd: number) =>
  draw(
    <EndAccountParts end={end} promisedEnd={promisedEnd} names={names} locale={locale} onSelect={onSelect} />,
  );

test('only causes that take time are named, and the longest items lead to their steps', () => {
  shown(3000);
  expect(screen.getByText('people and rooms at other work')).toBeInTheDocument();
  expect(screen.queryByText('film and glue that must wait')).toBeNull();
  expect(screen.queryByText(/after the promised day/)).toBeNull();
  const list = screen.getByRole('list', { name: 'What takes most of the time until the end' });
  fireEvent.click(within(list).getByRole('button', { name: /Ines at P-015 base/ }));
  expect(onSelect).toHaveBeenLastCalledWith('clear');
  fireEvent.click(screen.getByRole('button', { name: 'Show the chain' }));
  expect(onSelect).toHaveBeenLastCalledWith('polish');
});

test('a late end says by how much', () => {
  shown(3000 - 52 * 60);
  expect(screen.getByText(/2 d 4 h after the promised day/)).toBeInTheDocument();
});

test('the demo coach: every open hour until its end has one cause', () => {
  const { end: account } = baysProps({ job, plan }, [], shop, []);
  const sum = Object.values(account!.causes).reduce((total, minutes) => total + minutes, 0);
  expect(sum).toBe(account!.openMin);
  expect(account!.finish).toBe(plan.finish);
});
