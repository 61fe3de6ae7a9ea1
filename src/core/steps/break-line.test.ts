import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { unchosenColour, type Job } from '../record';
import { schemeFaults } from '../checks/scheme-faults';
import { schemeWarnings } from '../plan/scheme-warnings';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps, catalogueWith } from '.';

const shelf = shelfOf(standardShelf);
const line = { datum: 'base', panel: '', fairing: 'straight', stations: [{ atMm: 0, mm: 300 }] } as const;
const guard: Job['constructions'][number] = {
  id: 'n1',
  name: 'Chip guard',
  colour: 'rough',
  strip: 'both',
  place: 1,
  shape: { kind: 'field', line: { ...line, stations: [...line.stations] }, side: 'below' },
};
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Road' });
const rough = { ...unchosenColour, id: 'rough', name: 'Texture', finish: 'texture' as const };
const textured = (over: Partial<Job> = {}): Job => ({
  ...base,
  colours: [...base.colours, rough],
  constructions: [guard],
  ...over,
});
const built = (job: Job) => {
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const network = buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
  return { ...network, parts, sections };
};
const textures = (job: Job) => built(job).steps.filter((one) => /^texture-/.test(one.operation));

describe('texture up to a break line', () => {
  test('is laid on what lies below it alone, with the line taped: four skirts 300 mm high', () => {
    const [step, ...others] = textures(textured());
    expect(others).toEqual([]);
    expect(step!.operation).toBe('texture-before');
    // Between the wheels and the ends lie two skirts of 1.1 m a side: 4 × 1.1 m × 0.3 m, on sheet that is curved by 5 %.
    expect(step!.figure.quantity).toBeCloseTo(4 * 1.1 * 0.3 * 1.05, 6);
    const [why] = step!.because;
    if (why?.code !== 'break-line') throw new Error('another reason');
    expect(why.lineM).toBeCloseTo(4.4, 6);
    // The line takes what a metre of a field's line takes.
    const lineMin = demoShop.rates['mask-field'] ?? catalogueWith([]).get('mask-field')!.rate!;
    expect(step!.figure.fixedMin).toBeCloseTo(4.4 * lineMin, 6);
    // 0.8 kg of guard a square metre, and the line in tape.
    const need = (code: string) => step!.needs.find((one) => one.product === code)!.amount;
    expect(need('chip-guard')).toBeCloseTo(0.8 * step!.figure.quantity, 6);
    expect(need('fine-line')).toBeCloseTo(why.lineM, 6);
  });

  test('cuts no field: the panels keep their colour, and no colour is masked for it', () => {
    const plain = built(base);
    const own = built(textured());
    const sprayed = (network: typeof own) => network.programme.passes.filter((one) => one.role === 'colour');
    expect(sprayed(own).map((one) => one.areas)).toEqual(sprayed(plain).map((one) => one.areas));
    expect(own.sections.map((one) => one.key)).toEqual(plain.sections.map((one) => one.key));
    expect(own.steps.some((one) => one.operation.startsWith('mask-field'))).toBe(false);
  });

  test('twice as high is twice as much; over the colour where the method says so', () => {
    const shape = {
      ...guard.shape,
      line: { ...line, stations: [{ atMm: 0, mm: 150 }] },
    } as typeof guard.shape;
    const [high] = textures(textured());
    const [low] = textures(textured({ constructions: [{ ...guard, shape }] }));
    expect(high!.figure.quantity / low!.figure.quantity).toBeCloseTo(2, 1);
    const sections = base.sections.map((one) => ({
      ...one,
      schools: { ...one.schools, texture: 'after-colour' as const },
    }));
    const over = textures(textured({ sections })).find((one) => one.sections.includes('sides'))!;
    expect(over.operation).toBe('texture-after');
    expect(over.figure.quantity).toBeCloseTo(high!.figure.quantity, 6);
  });

  test('on panels that keep their paint is a warning; on a hull it is refused at its colour', () => {
    const sections = base.sections.map((one) => ({ ...one, level: 'Keep' as const }));
    const job = textured({ sections });
    const kept = built(job);
    expect(textures(job)).toEqual([]);
    expect(schemeWarnings(job, kept.sections, kept.parts)).toEqual([
      expect.objectContaining({ code: 'field-on-kept', construction: 'Chip guard' }),
    ]);
    const hull = { ...jobFixture({ bodyKind: 'open-hull' }), colours: [rough] };
    const { id: _, ...item } = guard;
    expect(schemeFaults({ kind: 'add-item', job: 'T-1', list: 'constructions', item }, hull)).toEqual([
      { place: 'item.colour', reason: 'texture is laid on bodies of panels alone' },
    ]);
  });
});
