/**
 * Rooms of arithmetic, and the tests that stand next to each: what only a whole plan would notice is not counted as
 * noticed. Each room is tried by itself, because every mutant loads all test files it is tried against.
 * @type {Record<string, { files: string, tests: string }>}
 */
export const mutantRooms = {
  booth: { files: 'src/core/booth/coat-round.ts', tests: 'src/core/booth/coat-round.test.ts' },
  labour: { files: 'src/core/steps/labour.ts', tests: 'src/core/steps/labour.test.ts' },
  units: { files: 'src/core/units/{money,minute}.ts', tests: 'src/core/units/{money,minute}.test.ts' },
  forecast: { files: 'src/core/forecast/{draw,spread}.ts', tests: 'src/core/forecast/{draw,spread}.test.ts' },
  calendar: {
    files: 'src/core/schedule/calendar.ts',
    tests: 'src/core/schedule/calendar.test.ts',
  },
  grit: {
    files: 'src/core/film/{grit,climate,spreading}.ts',
    tests: 'src/core/film/{film,film-properties,grit,climate,spreading}.test.ts',
  },
  film: {
    files: 'src/core/film/{clear-budget,time-at-temperature,film-column,film-at-day}.ts',
    tests:
      'src/core/film/{film,film-properties,film-at-day,film-column,clear-budget,time-at-temperature}.test.ts',
  },
  stores: {
    files: 'src/core/stores/{needs,mix,packs,stock,voc}.ts',
    tests: 'src/core/stores/{mixing,stock,stores}.test.ts',
  },
};
