import { fireEvent, screen, within } from '@testing-library/react';
import { draw, job, now, plan, shelf, shop } from '../room.fixture';
import { baysProps } from './bays-props';
import { BaysRoom } from './bays-room';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

beforeAll(() => {
  global.ResizeObserver = class {
    observe() {}
    disconnect() {}
  } as unknown as typeof ResizeObserver;
});

const open = {
  ...shop,
  places: shop.places.map((one) => (one.id === 'booth' ? { ...one, airWith: ['bay-1'] } : one)),
};
const props = (of = shop) => baysProps({ job, plan }, [], of, shelf);

test('the floor tells where the vehicle stands from now on, without a gap', () => {
  const { chain } = props().floor;
  expect(chain[0]!.to).toBeGreaterThan(now);
  chain.slice(1).forEach((stay, i) => expect(stay.from).toBe(chain[i]!.to));
  draw(<BaysRoom {...props()} />);
  fireEvent.click(screen.getByRole('button', { name: 'Floor' }));
  const rows = within(screen.getByRole('table', { name: 'Places one after the other' })).getAllByRole('row');
  expect(rows).toHaveLength(1 + chain.length);
  expect(screen.getByText(/No dusty work is planned in the air of an open film/)).toBeInTheDocument();
});

test('a booth that shares its air with a bay shows every minute of dust beside its film', () => {
  const { clashes } = props(open).floor;
  for (const { dusty, open: film, from, to } of clashes) {
    expect(from).toBeLessThan(to);
    expect([dusty.place, film.place].sort()).toEqual(['bay-1', 'booth']);
  }
  draw(<BaysRoom {...props(open)} />);
  fireEvent.click(screen.getByRole('button', { name: 'Floor' }));
  const zones = screen.getByRole('table', { name: 'Zones' });
  expect(within(zones).getByRole('row', { name: /Booth spray Bay 1/ })).toBeInTheDocument();
});

test('the crew: hard days from today on, and what is free while something dries', () => {
  const { strain, waiting } = props().crew;
  expect(strain.length).toBeGreaterThan(0);
  expect(
    strain.every(
      (day) => day.date >= '2026-12-24' && day.handSandingMin + day.machineMin + day.overheadMin > 0,
    ),
  ).toBe(true);
  expect(waiting.length).toBeGreaterThan(0);
  for (const wait of waiting)
    for (const one of wait.free) expect(one.planned).toBeGreaterThanOrEqual(wait.from);
  draw(<BaysRoom {...props()} />);
  fireEvent.click(screen.getByRole('button', { name: 'Crew' }));
  expect(screen.getByRole('heading', { name: 'Hard days' })).toBeInTheDocument();
  expect(screen.getByRole('heading', { name: 'While it dries' })).toBeInTheDocument();
});

test('the booth by week: at work, held and empty are its opening hours, with what the empty ones cost', () => {
  const { boothWeeks } = props().floor;
  expect(boothWeeks).toHaveLength(6);
  for (const week of boothWeeks) {
    expect(week.workedMin + week.heldMin + week.emptyMin).toBe(week.openMin);
    expect(Math.min(week.workedMin, week.heldMin, week.emptyMin)).toBeGreaterThanOrEqual(0);
  }
  // The session that begins on Thursday 24 December, the day of the demo's clock, is in the first line.
  expect(boothWeeks[0]!.workedMin).toBeGreaterThan(0);
  expect(boothWeeks[0]!.workedMin).toBeLessThan(480);
  draw(<BaysRoom {...props()} />);
  fireEvent.click(screen.getByRole('button', { name: 'Floor' }));
  const rows = within(screen.getByRole('table', { name: 'Hours of the booth by week' })).getAllByRole('row');
  expect(rows).toHaveLength(7);
});
