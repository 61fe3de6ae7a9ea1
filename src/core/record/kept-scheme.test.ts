import { jobFixture } from '../job.fixture';
import { taperedBand } from '../scheme/band.fixture';
import { unchosenColour } from './colour';
import type { Job } from './job';
import { isSameScheme, schemeOf, withScheme } from './kept-scheme';

const job: Job = {
  ...jobFixture({}),
  colours: [unchosenColour, { ...unchosenColour, id: 'ochre', name: 'Ochre' }],
  constructions: [taperedBand({ colour: 'ochre' })],
};

describe('a kept scheme', () => {
  test('gives back all that it was kept with', () => {
    const kept = schemeOf(job);
    const changed: Job = {
      ...job,
      sections: job.sections.map((one) => ({ ...one, colour: 'ochre', insideColour: 'c.1', level: 'Keep' })),
      constructions: [],
      colourOrder: ['sides'],
      colours: job.colours.map((one) => ({ ...one, hex: '#123456', coats: 4 })),
    };
    expect(isSameScheme(schemeOf(changed), kept)).toBe(false);
    const back = withScheme(changed, kept);
    expect(schemeOf(back)).toEqual(kept);
    expect(isSameScheme(schemeOf(back), kept)).toBe(true);
  });

  test('leaves what it knows nothing of: coats, methods and names of sections, later sections and colours', () => {
    const kept = schemeOf(job);
    const [first] = job.sections;
    const later: Job = {
      ...job,
      sections: [
        { ...first!, name: 'Renamed', coats: { clear: 4 }, schools: { clears: 'one-session' } },
        ...job.sections.slice(1),
        { ...first!, key: 'flap', name: 'Flap', colour: 'red' },
      ],
      colours: [...job.colours, { ...unchosenColour, id: 'red', name: 'Red' }],
    };
    const back = withScheme(later, kept);
    expect(back.sections[0]).toMatchObject({ name: 'Renamed', coats: { clear: 4 } });
    expect(back.sections.at(-1)).toMatchObject({ key: 'flap', colour: 'red' });
    expect(back.colours.map((one) => one.id)).toEqual(['c.1', 'ochre', 'red']);
  });

  test('is the same whatever the order of its rows, and whatever colours lie unused beside it', () => {
    const kept = schemeOf(job);
    const other = {
      ...kept,
      sections: [...kept.sections].reverse(),
      colours: [...kept.colours, { ...unchosenColour, id: 'unused' }].reverse(),
    };
    expect(isSameScheme(kept, other)).toBe(true);
    const outline = { colour: 'unused', widthMm: 6, sides: 'both' as const };
    const band = kept.constructions[0]!;
    const outlined = { ...band, shape: { ...band.shape, outline } } as typeof band;
    expect(isSameScheme(kept, { ...other, constructions: [outlined] })).toBe(false);
  });
});
