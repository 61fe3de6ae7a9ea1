import { jobFixture } from '../job.fixture';
import { blankSurvey, type Job, type PartSurvey } from '../record';
import { lotsOf } from './lots';
import { partsOfJob } from './parts-of-job';

const base = jobFixture({ bodyKind: 'open-hull', level: 'Road' });
const topsides = partsOfJob(base).filter((part) => part.section === 'topsides');
const split = (of: Partial<PartSurvey>, which: (side: string) => boolean): ReturnType<typeof lotsOf> => {
  const surveyed = topsides
    .filter((part) => which(part.side))
    .map((part) => ({ ...blankSurvey(part.key), ...of }));
  const job: Job = { ...base, surveyed };
  return lotsOf(job, partsOfJob(job));
};

describe('a part of a section that goes its own way', () => {
  test('is a lot under its name with the section’s colour, system and level', () => {
    const { sections } = split({ lot: 'starboard' }, (side) => side === 'right');
    const lot = sections.find((one) => one.key === 'topsides:starboard')!;
    const section = base.sections.find((one) => one.key === 'topsides')!;
    expect(lot).toMatchObject({
      base: 'topsides',
      name: 'Topsides (starboard)',
      level: section.level,
      system: section.system,
      colour: section.colour,
      group: section.group,
    });
    expect(sections.some((one) => one.key === 'topsides')).toBe(true);
  });

  test('takes its panels along and leaves the others; no panel is lost or doubled', () => {
    const { parts } = split({ lot: 'starboard' }, (side) => side === 'right');
    expect(parts.map((part) => part.key)).toEqual(partsOfJob(base).map((part) => part.key));
    const moved = parts.filter((part) => part.section === 'topsides:starboard');
    expect(moved.length).toBe(topsides.filter((part) => part.side === 'right').length);
    expect(moved.every((part) => part.side === 'right')).toBe(true);
  });

  test('of all panels leaves no section behind; an empty name splits nothing', () => {
    const all = split({ lot: 'whole' }, () => true);
    expect(all.sections.some((one) => one.key === 'topsides')).toBe(false);
    const none = split({ lot: '' }, () => true);
    expect(none.sections.map((one) => one.key)).toEqual(base.sections.map((one) => one.key));
  });

  test('and another depth together are one lot of both words, with that depth', () => {
    const { sections } = split({ lot: 'port', depth: 'bare' }, (side) => side === 'left');
    const lot = sections.find((one) => one.base === 'topsides')!;
    expect(lot.key).toBe('topsides:bare-port');
    expect(lot.depth).toBe('bare');
    // The name of the lot is its own; it is no field of a section.
    expect(lot.name).toBe('Topsides (bare, port)');
  });
});
