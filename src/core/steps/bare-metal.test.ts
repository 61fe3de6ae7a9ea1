import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from '.';

test('only the first film on treated metal is held to its window, not later colours of the same body', () => {
  const base = jobFixture({ bodyKind: 'low-wing' }, { depth: 'scuff' });
  const panel = partsOfJob(base).find((one) => one.section === 'airframe')!.key;
  const job = { ...base, surveyed: [{ ...blankSurvey(panel), depth: 'bare' as const }] };
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const { links, steps } = buildSteps({
    job: { ...job, sections },
    parts,
    shop: demoShop,
    shelf: shelfOf(standardShelf),
  });
  const held = links.filter((link) => link.why.code === 'bare-metal');
  expect(held.length).toBeGreaterThan(0);
  for (const { to } of held) {
    const coat = steps.find((one) => one.key === to)!.coat;
    expect([to, coat?.role]).toEqual([to, 'epoxy']);
  }
});

test('spots bared on several metals at once wait no longer than the one that bears it least', () => {
  const base = jobFixture({ bodyKind: 'saloon' }, { depth: 'stable', substrate: 'aluminium' });
  const section = base.sections[0]!;
  const [panel] = partsOfJob(base).filter((one) => one.section === section.key);
  const limits = (surveyed: typeof base.surveyed) => {
    const job = { ...base, surveyed };
    const { parts, sections } = lotsOf(job, partsOfJob(job));
    const { links } = buildSteps({
      job: { ...job, sections },
      parts,
      shop: demoShop,
      shelf: shelfOf(standardShelf),
    });
    return links.filter((link) => link.why.code === 'bare-metal' && link.to === `${section.key}/prime-bared`);
  };
  const [plain] = limits([]);
  const [mixed] = limits([{ ...blankSurvey(panel!.key), substrate: 'steel' }]);
  // Aluminium stands a day, steel a shift of eight hours.
  expect(plain).toMatchObject({ max: 1440, why: { substrate: 'aluminium' } });
  expect(mixed).toMatchObject({ max: 480, why: { substrate: 'steel' } });
});
