import { render, screen } from '@testing-library/react';
import { locale, now } from '../room.fixture';
import { ClosedClashParts } from './closed-clash-parts';

const placeOf = (id: string) => `place ${id}`;
const clash = { job: 'P-016', place: 'booth', subject: 'Wings', start: now, end: now + 60 };

test('says whose booking stands in a closed place, from when, and why it is closed', () => {
  const clashes = [
    { ...clash, reason: 'filters' },
    { ...clash, start: now + 1440, reason: null },
  ];
  render(<ClosedClashParts clashes={clashes} placeOf={placeOf} locale={locale} />);
  const [closed, rented] = screen.getAllByRole('listitem');
  expect(closed).toHaveTextContent(
    'P-016 has Wings in place booth from Thu 24 Dec 09:00; it is closed then, filters.',
  );
  expect(rented).toHaveTextContent('from Fri 25 Dec 09:00; it is not rented then.');
});

test('nothing is said where nothing clashes', () => {
  const { container } = render(<ClosedClashParts clashes={[]} placeOf={placeOf} locale={locale} />);
  expect(container).toBeEmptyDOMElement();
});
