import { render, screen } from '@testing-library/react';
import { ClosedLanes } from './closed-lanes';

const lane = (id: string, closed: { from: number; to: number; reason: string | null }[]) => ({
  id,
  name: `Lane ${id}`,
  closed,
});
const shown = (lanes: ReturnType<typeof lane>[]) =>
  render(
    <svg>
      <ClosedLanes
        lanes={lanes}
        from={100}
        to={1000}
        x={(minute) => minute / 10}
        boxOf={(i) => ({ top: 50 * i, height: 50 })}
      />
    </svg>,
  );

test('a closing is a field over its row from its first to its last minute, cut at the days shown', () => {
  shown([
    lane('a', [{ from: 0, to: 300, reason: 'filters' }]),
    lane('b', [{ from: 400, to: 900, reason: '' }]),
  ]);
  const rect = (name: string) => {
    const found = screen.getByRole('img', { name }).querySelector('rect')!;
    return ['x', 'y', 'width', 'height'].map((one) => Number(found.getAttribute(one)));
  };
  expect(rect('Lane a filters')).toEqual([10, 0, 20, 50]);
  expect(rect('Lane b closed')).toEqual([40, 50, 50, 50]);
});

test('what is not rented says so; what lies on other days is not drawn', () => {
  shown([
    lane('a', [
      { from: 100, to: 800, reason: null },
      { from: 1000, to: 1200, reason: 'later' },
    ]),
  ]);
  // Wide enough for its words.
  expect(screen.getAllByText('not rented').length).toBe(2);
  expect(screen.queryByRole('img', { name: 'Lane a later' })).toBeNull();
});
