import { laddersBeneath } from './ladders-beneath';

const section = {
  substrate: 'steel' as const,
  depth: 'bare' as const,
  level: 'Show' as const,
  schools: {},
};
const names = (given: object, route: Parameters<typeof laddersBeneath>[1] = 'panel') =>
  laddersBeneath({ ...section, ...given }, route).map((stage) => stage.name);

test('a steel panel to bare is stripped, filled and blocked; chemistry leaves out the discs', () => {
  expect(names({})).toEqual(['strip steel and laminate', 'filler', 'block on to 500']);
  expect(names({ method: 'chemical' })).toEqual(['filler', 'block on to 500']);
  expect(names({ substrate: 'aluminium' })[0]).toBe('strip aluminium');
});

test('schools and levels change it: stop at 220, cut between clears; Keep and an airframe have no blocks', () => {
  expect(names({ schools: { 'block-finish': 'stop-220' } })).toContain('stop at 220, refine by machine');
  expect(names({ schools: { clears: 'cut-and-clear' } })).toContain('between clear sessions');
  expect(names({ level: 'Keep', depth: 'scuff' })).toEqual([]);
  expect(names({}, 'aircraft')).toEqual(['strip steel and laminate']);
  expect(names({ depth: 'scuff', level: 'Work' }, 'hull')).toContain('between roller coats');
});

test('steps too long for the scratches before them are marked: 40 to 80 in filler, grain 201/425 = 0.47, is not', () => {
  const filler = laddersBeneath(section, 'panel').find((stage) => stage.name === 'filler')!;
  expect(filler.steps.map((step) => [step.grit, step.verdict])).toEqual([
    [40, null],
    [80, 'fair'],
    [150, 'fair'],
  ]);
});
