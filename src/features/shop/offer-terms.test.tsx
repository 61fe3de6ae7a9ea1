import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoShop } from '@/demo/shop';
import { readEdit } from '@/core/exchange';
import { answer, draw, posted } from '../room.fixture';
import { OfferTermsView } from './offer-terms-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved', label: '' }));
  global.fetch = sent;
});

const terms = demoShop.offerTerms;
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test('the shares of the payments go out together, those of nothing are left out', async () => {
  draw(<OfferTermsView terms={terms} seen={4} />);
  type('With the order', '40');
  type('Stripped and read', '');
  type('In primer, blocked', '0');
  type('In colour', '35');
  type('On delivery', '25');
  fireEvent.click(screen.getByRole('button', { name: 'Keep the shares' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toMatchObject({
    kind: 'shop',
    seen: 4,
    set: {
      offerTerms: {
        stages: [
          { state: 'ordered', shareBp: 4000 },
          { state: 'coloured', shareBp: 3500 },
          { state: 'delivered', shareBp: 2500 },
        ],
      },
    },
  });
});

test('a second tax, a warranty and a term are sent with all that stands beside them', async () => {
  draw(<OfferTermsView terms={terms} seen={4} />);
  type('Name of a second tax', 'Levy');
  type('Second tax, %', '5');
  fireEvent.click(screen.getByRole('button', { name: /^Add a tax/ }));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(posted(sent, 0).set).toEqual({
    offerTerms: { ...terms, secondTax: { name: 'Levy', bp: 500, on: ['materials', 'disposal'] } },
  });
  const months = screen.getByLabelText('Months of warranty at Road');
  fireEvent.change(months, { target: { value: '30' } });
  fireEvent.blur(months);
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
  const { warranty } = posted(sent, 1).set.offerTerms;
  expect(warranty.map((one: { level: string; months: number }) => [one.level, one.months])).toEqual([
    ['Work', 12],
    ['Road', 30],
    ['Show', 36],
    ['Mirror', 36],
  ]);
});

describe('terms that make no sense are refused with their place', () => {
  const edit = (over: object) =>
    readEdit({ kind: 'shop', seen: 1, set: { offerTerms: { ...terms, ...over } } });
  test.each([
    ['shares that come to 90 %', { stages: [{ state: 'ordered', shareBp: 9000 }] }, /come to 90 %/],
    [
      'stages out of order',
      {
        stages: [
          { state: 'delivered', shareBp: 5000 },
          { state: 'ordered', shareBp: 5000 },
        ],
      },
      /order of the work/,
    ],
    ['a tax over 100 %', { secondTax: { name: 'Levy', bp: 10_001, on: [] } }, /10000/],
    ['a negative tax', { secondTax: { name: 'Levy', bp: -1, on: [] } }, /0/],
    ['no days', { validDays: 0 }, /1/],
  ])('%s', (_, over, reason) => {
    const parsed = edit(over);
    expect(parsed.status).toBe('faulty');
    if (parsed.status === 'faulty') expect(parsed.faults[0]!.reason).toMatch(reason);
  });

  test('the usual ones are taken', () => {
    expect(edit({}).status).toBe('ok');
  });
});
