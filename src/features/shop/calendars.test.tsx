import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { Place } from '@/core/shop';
import { answer, draw, posted, shop } from '../room.fixture';
import { ClosedPlaces } from './closed-places';
import { PersonHours } from './person-hours';
import { RentedPlaces } from './rented-places';
import type { Shop } from './shop-props';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/shop',
}));
const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved', label: 'x' }));
  global.fetch = sent;
});
const last = async (calls = 1) => {
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(calls));
  return posted(sent, calls - 1);
};
const fill = (form: HTMLElement, values: Record<string, string>) => {
  for (const [label, value] of Object.entries(values))
    fireEvent.change(within(form).getByLabelText(label), { target: { value } });
};

describe('part-time', () => {
  const jun = shop.people.find((one) => one.id === 'jun')!;
  const shifts = shop.shifts.map((one) => ({ ...one, day: '', hours: '' }));
  const shown = (hours: typeof jun.hours) =>
    draw(
      <PersonHours
        person={{ ...jun, hours, daysOff: [] } as Shop['people'][number]}
        shifts={shifts}
        seen={3}
      />,
    );

  test('begins with the whole days of the shop', async () => {
    shown(null);
    fireEvent.click(screen.getByRole('button', { name: 'Hours of their own for Jun' }));
    const whole = [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMin: 450, endMin: 990 }));
    expect(await last()).toEqual({ kind: 'person', person: 'jun', seen: 3, set: { hours: whole } });
  });

  test('a day is shortened, left out, added; and the shop’s hours come back', async () => {
    const two = [1, 3].map((weekday) => ({ weekday, startMin: 450, endMin: 990 }));
    shown(two);
    fireEvent.click(screen.getByRole('button', { name: 'change' }));
    const field = screen.getByLabelText('Jun ends on Wednesday');
    fireEvent.change(field, { target: { value: '13:00' } });
    fireEvent.blur(field);
    expect((await last()).set.hours).toEqual([two[0], { weekday: 3, startMin: 450, endMin: 780 }]);
    fireEvent.click(screen.getByRole('button', { name: 'Jun does not work on Monday' }));
    expect((await last(2)).set.hours).toEqual([two[1]]);
    fireEvent.click(screen.getByRole('button', { name: 'Jun works on Friday' }));
    expect((await last(3)).set.hours).toEqual([...two, { weekday: 5, startMin: 450, endMin: 990 }]);
    fireEvent.click(screen.getByRole('button', { name: 'Jun works when the shop does' }));
    expect((await last(4)).set).toEqual({ hours: null });
  });
});

describe('places', () => {
  const filters = { from: '2026-12-29', fromMin: 450, to: '2026-12-29', toMin: 720, reason: 'filters' };
  const withClosing = shop.places.map((one): Place =>
    one.id === 'booth' ? { ...one, closed: [filters] } : one,
  );
  const seen = Object.fromEntries(shop.places.map((one) => [one.id, 5]));

  test('a closing is typed by the wall clock and kept beside those known; each can be taken out', async () => {
    draw(<ClosedPlaces places={withClosing} seen={seen} />);
    expect(screen.getByText(/Tue 29 Dec 07:30 to 12:00, filters/)).toBeInTheDocument();
    const form = screen.getByRole('form', { name: 'Close a place' });
    fill(form, {
      'Place that is closed': 'booth',
      'Closed from': '2027-01-05T16:00',
      'Closed until': '2027-01-06T09:15',
      'Why it is closed': ' lamps ',
    });
    fireEvent.submit(form);
    const lamps = { from: '2027-01-05', fromMin: 960, to: '2027-01-06', toMin: 555, reason: 'lamps' };
    expect(await last()).toEqual({
      kind: 'place',
      place: 'booth',
      seen: 5,
      set: { closed: [filters, lamps] },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Remove the closing of Booth on Tue 29 Dec' }));
    expect((await last(2)).set).toEqual({ closed: [] });
  });

  test('what the server refuses is said beside the form', async () => {
    sent.mockResolvedValue(
      answer(422, {
        status: 'faulty',
        faults: [{ place: 'set.closed[0]', reason: 'ends before it begins' }],
      }),
    );
    draw(<ClosedPlaces places={shop.places} seen={seen} />);
    const form = screen.getByRole('form', { name: 'Close a place' });
    fill(form, { 'Closed from': '2027-01-05T16:00', 'Closed until': '2027-01-05T09:15' });
    fireEvent.submit(form);
    expect(await screen.findByRole('alert')).toHaveTextContent('ends before it begins');
  });

  test('a rented booth is put in with its size, air and days, and taken out', async () => {
    const rented: Place = {
      ...shop.places[0]!,
      id: 'r',
      name: 'Over the road',
      rented: { from: '2027-01-04', to: '2027-01-08' },
    };
    draw(<RentedPlaces places={[...shop.places, rented]} seen={{ ...seen, r: 2 }} />);
    const form = screen.getByRole('form', { name: 'Rent a place' });
    fill(form, { 'Kind of place': 'booth', 'Name of the place': 'Next door', 'Length, m': '9' });
    fill(form, { 'Width, m': '4.5', 'Height, m': '3.5', 'Air, °C': '20' });
    fill(form, { 'Rented from': '2027-01-11', 'Rented to': '2027-01-12' });
    fireEvent.submit(form);
    expect(await last()).toEqual({
      kind: 'add-place',
      of: 'booth',
      name: 'Next door',
      lengthM: 9,
      widthM: 4.5,
      heightM: 3.5,
      airC: 20,
      rented: { from: '2027-01-11', to: '2027-01-12' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Remove Over the road' }));
    expect(await last(2)).toEqual({ kind: 'remove-place', place: 'r', seen: 2 });
  });
});
