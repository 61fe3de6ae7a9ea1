import { fireEvent, screen, within } from '@testing-library/react';
import type { Unkept } from '@/core/readings/unkept';
import { draw, job, locale, now, plan } from '../room.fixture';
import { namesOf } from '../words/names';
import { UnkeptParts } from './unkept-parts';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/bays',
}));

const names = { ...namesOf(plan, job.sections, (code) => code), step: (key: string) => `step ${key}` };
const [onSelect, onLook] = [jest.fn(), jest.fn()];
const shown = (unkept: Unkept[]) =>
  draw(<UnkeptParts unkept={unkept} names={names} locale={locale} onSelect={onSelect} onLook={onLook} />);

test('nothing is said where all is kept', () => {
  shown([]);
  expect(screen.queryByText('What cannot be kept')).toBeNull();
});

test('a window says by when, from when, how much too late, and what stands in the way', () => {
  shown([
    {
      kind: 'window',
      step: 'prime',
      opens: 'etch',
      wanted: now,
      start: now + 150,
      why: [{ kind: 'resource', who: ['Booth'], holders: ['P-015 base'], from: now - 60, to: now + 150 }],
    },
    { kind: 'no-room', step: 'roll' },
  ]);
  const list = screen.getByRole('region', { name: 'What cannot be kept' });
  expect(list).toHaveTextContent(
    '“step prime” has to begin by Thu 24 Dec 09:00 after “step etch” and cannot before Thu 24 Dec 11:30, 2 h 30 too late',
  );
  expect(within(list).getByText(/Booth.*P-015 base/)).toBeInTheDocument();
  expect(list).toHaveTextContent('“step roll” finds no room');
  fireEvent.click(within(list).getByRole('button', { name: 'Show the chain' }));
  expect(onSelect).toHaveBeenCalledWith('prime');
  fireEvent.click(within(list).getByRole('button', { name: 'Look for the smallest change' }));
  expect(onLook).toHaveBeenCalled();
});

test('a pin that is not met is told with both minutes', () => {
  shown([{ kind: 'pin', step: 'mask', wanted: now, start: now + 60, why: [] }]);
  expect(
    screen.getByText(/“step mask” is pinned to Thu 24 Dec 09:00 and cannot begin before Thu 24 Dec 10:00/),
  ).toBeInTheDocument();
});
