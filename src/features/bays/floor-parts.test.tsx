import { render, screen } from '@testing-library/react';
import { locale, now } from '../room.fixture';
import { BakeOutdoors, LooseOnRacks, TurnedOver } from './floor-parts';
import type { FloorShown } from './floor-props';

const bare = {
  turned: [],
  loose: [],
  bakes: [],
  hasOutdoors: true,
  racks: { roomM2: 6, full: null },
} as unknown as FloorShown;
const given = (over: Partial<FloorShown>) => ({
  floor: { ...bare, ...over },
  locale,
  placeOf: (id: string) => `place ${id}`,
});

test('each part says so when there is nothing', () => {
  render(
    <>
      <TurnedOver {...given({})} />
      <LooseOnRacks {...given({})} />
      <BakeOutdoors {...given({})} />
    </>,
  );
  for (const text of [
    /stays the right way up/,
    /Nothing is off a vehicle/,
    /No cure ahead would be over sooner/,
  ])
    expect(screen.getByText(text)).toBeInTheDocument();
  render(<BakeOutdoors {...given({ hasOutdoors: false })} />);
  expect(screen.getByText('No place is marked outdoors in Shop.')).toBeInTheDocument();
});

test('a hull upside down: where, until when, the room it takes, and that the room is too low', () => {
  render(
    <TurnedOver
      {...given({ turned: [{ from: now, to: null, place: 'bay-1', clearM: 3.25, fits: false }] })}
    />,
  );
  const part = screen.getByRole('region', { name: 'Turned over' });
  expect(part).toHaveTextContent('upside down from Thu 24 Dec 09:00 to the end, turned in place bay-1');
  expect(part).toHaveTextContent('needs 3.3 m free');
  expect(part).toHaveTextContent('too low or too narrow');
  expect(part).toHaveTextContent('no step turns it back');
});

test('parts that are off stand in a table, and full racks say from when and whose', () => {
  const racks = { roomM2: 6, full: { at: now, neededM2: 7.4, jobs: ['P-014', 'P-016'] } };
  const loose = [
    {
      job: 'P-014',
      section: 'Front wings',
      panels: 2,
      areaM2: 2.23,
      floorM2: 0.78,
      from: now,
      to: now + 60,
    },
  ];
  render(<LooseOnRacks {...given({ racks, loose } as Partial<FloorShown>)} />);
  expect(
    screen.getByText(/from Thu 24 Dec 09:00 parts of P-014, P-016 take 7.4 m² on racks/),
  ).toBeInTheDocument();
  expect(screen.getByRole('row', { name: /P-014 Front wings, 2 .* 2.2 m² 0.8 m²/ })).toBeInTheDocument();
});

test('a cure that would be over sooner outdoors says how long in both places', () => {
  const bakes = [
    {
      step: 's',
      product: 'x',
      productName: 'Epoxy primer',
      from: now,
      place: 'apron',
      outdoorsMin: 600,
      plannedMin: 1500,
    },
  ];
  render(<BakeOutdoors {...given({ bakes } as Partial<FloorShown>)} />);
  expect(
    screen.getByText(/Epoxy primer, from Thu 24 Dec 09:00: 10 h.* in place apron instead of 25 h/),
  ).toBeInTheDocument();
  expect(screen.getByText(/the data sheet comes first/)).toBeInTheDocument();
});
