import { render, screen } from '@testing-library/react';
import { job, locale, now, plan } from '../room.fixture';
import { namesOf } from '../words/names';
import { WindowParts } from './window-parts';

const names = {
  ...namesOf(plan, job.sections, (code) => `product ${code}`),
  step: (key: string) => `step ${key}`,
};
const window = (state: 'kept' | 'tight' | 'broken' | 'remedied', met: number) => ({
  key: state,
  code: 'recoat-max' as const,
  product: 'x',
  from: 'a',
  to: `before ${state}`,
  opened: now - 600,
  closes: now,
  met,
  state,
  remedy: state === 'remedied' ? 'scuff' : null,
});
const shown = (windows: ReturnType<typeof window>[]) =>
  render(
    <WindowParts
      windows={windows}
      names={names}
      locale={locale}
      remedies={{ 'before remedied': { personMinutes: 120, costMinor: 9900 } }}
    />,
  );

test('a window says what is left, how much too late it is, or what reopening it costs', () => {
  shown([
    window('kept', now - 300),
    window('tight', now - 90),
    window('broken', now + 45),
    window('remedied', now + 900),
  ]);
  const text = document.body.textContent!;
  expect(text).toContain('step before kept');
  expect(text).toContain('product x recoat since Wed 23 Dec 23:00');
  expect(screen.getByText('5 h')).toBeInTheDocument();
  expect(text).toContain('only 1 h 30 left');
  expect(text).toContain('45 min too late');
  expect(text).toContain('closed by then; scuffed again, 2.0 h and £99');
});

test('without windows that is said', () => {
  shown([]);
  expect(screen.getByText(/^No closing window/)).toBeInTheDocument();
});
