import fc from 'fast-check';
import { boundsOf, figureAreaM2, rectangle } from '../geometry';
import { jobFixture } from '../job.fixture';
import { partFromOutline, type Part } from '../vehicle';
import { addedPart, freeKey, mirrorPart, netOfJob, splitPart } from './index';

const part = (over: Partial<Part> = {}): Part => ({
  ...partFromOutline({
    key: 'B1L',
    name: 'left body panel 1',
    section: 'sides',
    side: 'left',
    outline: rectangle(1, 2, 2, 1),
    holes: [rectangle(1.2, 2.2, 0.4, 0.4)],
    shape: 'curved',
    curveFactor: 1.05,
    insideM2: 0.4,
    beadM: 2,
  }),
  ...over,
});

describe('cutting a panel in two', () => {
  test('2 × 1 m with a 0.16 m² opening, cut 0.5 m from the left: 0.5 − 0.12 and 1.5 − 0.04 m²', () => {
    const [a, b] = splitPart(part(), 'across', 0.5, new Set(['B1L']))!;
    expect([a.key, b.key]).toEqual(['B1La', 'B1Lb']);
    expect(figureAreaM2(a)).toBeCloseTo(0.5 - 0.3 * 0.4, 6);
    expect(figureAreaM2(b)).toBeCloseTo(1.5 - 0.1 * 0.4, 6);
    // Inside goes with the area: 0.38 of 1.84 m².
    expect(a.insideM2).toBeCloseTo((0.4 * 0.38) / 1.84, 6);
    expect(a.insideM2 + b.insideM2).toBeCloseTo(0.4, 6);
    expect(a.beadM + b.beadM).toBeCloseTo(2, 6);
  });

  test('a line beside the panel cuts nothing', () => {
    expect(splitPart(part(), 'along', 1.5, new Set())).toBeNull();
    expect(splitPart(part(), 'across', 0, new Set())).toBeNull();
  });

  test('whatever the cut, the two make up the whole and keep its curve', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('across' as const, 'along' as const),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (how, share) => {
          const whole = part({ holes: [] });
          const pieces = splitPart(whole, how, how === 'across' ? share * 2 : share, new Set());
          expect(pieces).not.toBeNull();
          expect(pieces!.reduce((sum, one) => sum + figureAreaM2(one), 0)).toBeCloseTo(2, 4);
          for (const one of pieces!)
            expect(one).toMatchObject({ curveFactor: 1.05, side: 'left', section: 'sides' });
        },
      ),
    );
  });
});

describe('mirroring', () => {
  const net = netOfJob(jobFixture({}));
  const taken = new Set(net.map((one) => one.key));

  test('the left panel becomes the right one, where the net has it', () => {
    const left = net.find((one) => one.key === 'B3L')!;
    const right = net.find((one) => one.key === 'B3R')!;
    const made = mirrorPart(left, net, new Set([...taken].filter((key) => key !== 'B3R')));
    expect(made).toMatchObject({ key: 'B3R', side: 'right', name: 'right body panel 3' });
    const [was, is] = [boundsOf(right.outline), boundsOf(made.outline)];
    expect(is.left).toBeCloseTo(was.left, 6);
    expect(is.top).toBeCloseTo(was.top, 6);
  });

  test('a taken code gets a number, a part without sides a name of its own', () => {
    expect(
      mirrorPart(
        net.find((one) => one.key === 'B3L')!,
        net,
        taken,
      ).key,
    ).toBe('B3R2');
    expect(
      mirrorPart(
        net.find((one) => one.key === 'R1')!,
        net,
        taken,
      ),
    ).toMatchObject({
      key: 'R1m',
      name: 'roof 1, mirrored',
      side: 'top',
    });
  });
});

test('an added part lies beneath the net and has the area of its measures', () => {
  const net = netOfJob(jobFixture({}));
  const made = addedPart(
    { key: 'RK', name: 'roof rack', section: 'roof', lengthM: 1.8, widthM: 1.1, shape: 'tube' },
    net,
  );
  expect(figureAreaM2(made)).toBeCloseTo(1.98, 9);
  expect(boundsOf(made.outline).top).toBeGreaterThan(boundsOf(net.flatMap((one) => one.outline)).bottom);
});

test('codes stay within 20 letters however often they are cut', () => {
  const long = freeKey('ABCDEFGHIJKLMNOPQRST', new Set(['ABCDEFGHIJKLMNOPQ']));
  expect(long).toBe('ABCDEFGHIJKLMNOPQ2');
  expect(freeKey('B1', new Set())).toBe('B1');
});
