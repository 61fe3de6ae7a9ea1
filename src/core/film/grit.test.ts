import { grainUm, gritSteps, isMakersGrade } from './grit';

describe('grits', () => {
  test('P80 is 201 µm and P320 46.2 µm by the standard; P3000 is a maker’s own grade; P90 is none', () => {
    expect([grainUm(80), grainUm(320), grainUm(90)]).toEqual([201, 46.2, null]);
    expect(grainUm(3000)).not.toBeNull();
    expect([isMakersGrade(3000), isMakersGrade(2500), isMakersGrade(90)]).toEqual([true, false, false]);
  });

  test('every standard grade is finer than the one before', () => {
    const grades = [12, 16, 20, 24, 30, 36, 40, 50, 60, 80, 100, 120, 150, 180, 220, 240, 280, 320, 360, 400];
    const finer = [500, 600, 800, 1000, 1200, 1500, 2000, 2500, 3000, 5000, 8000];
    const grains = [...grades, ...finer].map((grit) => grainUm(grit)!);
    expect(grains).toEqual(grains.toSorted((a, b) => b - a));
    expect(new Set(grains).size).toBe(31);
  });

  test('P80 to P150 is 100/201 = 0.498 and fair, to P180 82/201 = 0.408: long by block, fair by machine', () => {
    expect(gritSteps([80, 150], 'block')).toEqual([{ from: 80, to: 150, ratio: 100 / 201, verdict: 'fair' }]);
    expect(gritSteps([80, 180], 'block')[0]!.verdict).toBe('long');
    expect(gritSteps([80, 180], 'machine')[0]!.verdict).toBe('fair');
    expect(gritSteps([80, 220], 'machine')[0]!.verdict).toBe('long');
  });

  test('the same grit again is fair, a coarser one goes backwards, one nobody knows is told on both its sides', () => {
    expect(gritSteps([320, 320], 'block')[0]).toMatchObject({ ratio: 1, verdict: 'fair' });
    expect(gritSteps([400, 320], 'block')[0]!.verdict).toBe('backwards');
    expect(gritSteps([80, 90, 150], 'block')).toEqual([
      { from: 80, to: 90, ratio: null, verdict: 'unknown' },
      { from: 90, to: 150, ratio: null, verdict: 'unknown' },
    ]);
    expect(gritSteps([80], 'block')).toEqual([]);
    expect(gritSteps([], 'machine')).toEqual([]);
  });
});
