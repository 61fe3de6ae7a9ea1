import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankStepEdit, type AddedStep, type Job, type StepEdit } from '../record';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ bodyKind: 'coupe', level: 'Road' });
const build = (over: Partial<Job> = {}) => {
  const job = { ...base, ...over };
  return buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf });
};
const edit = (step: string, set: Partial<StepEdit>) => ({ stepEdits: [{ ...blankStepEdit(step), ...set }] });
const added = (over: Partial<AddedStep> = {}) => ({
  addedSteps: [
    {
      id: 'a1',
      operation: 'turn-over',
      name: '',
      section: 'shell',
      personMinutes: 120,
      after: 'shell/strip',
      before: null,
      note: '',
      ...over,
    },
  ],
});
type Network = ReturnType<typeof build>;
const linkOf = ({ links }: Network, from: string, to: string) =>
  links.find((one) => one.from === from && one.to === to);
const plain = build();

describe('a step after another', () => {
  test('that it has nothing to do with becomes one link more and nothing else', () => {
    const made = build(edit('closures/strip', { after: 'shell/strip' }));
    expect(linkOf(made, 'shell/strip', 'closures/strip')!.why).toEqual({ code: 'by-hand' });
    expect(made.links.length).toBe(plain.links.length + 1);
    expect(made.warnings).toEqual(plain.warnings);
  });

  test('that already waits for it is said with the steps between, and no link is made', () => {
    const made = build(edit('body/wash', { after: 'shell/strip' }));
    const said = made.warnings.find((one) => one.code === 'order-refused')!;
    expect(said).toMatchObject({ step: 'body/wash', after: 'shell/strip', mayInsist: false });
    if (said.code === 'order-refused') expect(said.chain).toEqual(['body/strip-down', 'body/protect']);
    expect(made.links).toEqual(plain.links);
  });

  test('after itself is refused', () => {
    const made = build(edit('shell/mask', { after: 'shell/mask' }));
    expect(made.warnings.some((one) => one.code === 'order-refused')).toBe(true);
  });

  test('across stays the rooms are seen too: masking cannot come after the finish it lies before', () => {
    const made = build(edit('shell/mask', { after: 'shell/polish-fine', override: true }));
    expect(made.warnings).toContainEqual(
      expect.objectContaining({ code: 'order-refused', step: 'shell/mask', mayInsist: false }),
    );
    expect(made.links).toEqual(plain.links);
  });

  test('against a single link of order one may insist: the link gives way and the plan says so', () => {
    const asked = build(edit('body/wash', { after: 'body/strip-down' }));
    expect(asked.warnings).toContainEqual(
      expect.objectContaining({ code: 'order-refused', mayInsist: true, chain: [] }),
    );
    const made = build(edit('body/wash', { after: 'body/strip-down', override: true }));
    expect(linkOf(made, 'body/wash', 'body/strip-down')).toBeUndefined();
    expect(linkOf(made, 'body/strip-down', 'body/wash')!.why).toEqual({ code: 'by-hand' });
    expect(made.warnings).toContainEqual({
      code: 'order-overridden',
      step: 'body/wash',
      after: 'body/strip-down',
      why: { code: 'state', state: 'washed' },
    });
  });

  test('a film never gives way, however much one insists', () => {
    const [first, second] = ['shell/paint/colour-1', 'shell/paint/colour-2'];
    const made = build(edit(first!, { after: second!, override: true }));
    expect(made.warnings).toContainEqual(
      expect.objectContaining({ code: 'order-refused', step: first, mayInsist: false }),
    );
    expect(linkOf(made, first!, second!)!.why.code).toBe('flash');
  });

  test('a step that is gone is said', () => {
    const made = build(edit('shell/mask', { after: 'shell/gold-leaf' }));
    expect(made.warnings).toContainEqual({ code: 'edit-without-step', step: 'shell/gold-leaf' });
  });
});

describe('a step put in by hand', () => {
  const key = 'added/a1';

  test('stands after its step, with its minutes, its section and its reason', () => {
    const made = build(added());
    const step = made.steps.find((one) => one.key === key)!;
    expect(step).toMatchObject({
      name: 'Turn the shell or hull over',
      sections: ['shell'],
      personMinutes: 120,
      because: [{ code: 'by-hand' }],
    });
    expect(step.cautions).toContain('lifting');
    expect(linkOf(made, 'shell/strip', key)!.why).toEqual({ code: 'by-hand' });
  });

  test('has its own name where one was given, and holds up what waits for it', () => {
    const made = build(added({ name: 'Onto its side', before: 'shell/metalwork' }));
    expect(made.steps.find((one) => one.key === key)!.name).toBe('Onto its side');
    expect(linkOf(made, key, 'shell/metalwork')).toBeDefined();
  });

  test('between two steps the wrong way round only the first holds, and it is said', () => {
    const made = build(added({ after: 'shell/polish', before: 'shell/strip' }));
    expect(linkOf(made, key, 'shell/strip')).toBeUndefined();
    expect(made.warnings).toContainEqual(
      expect.objectContaining({ code: 'order-refused', step: 'shell/strip', after: key }),
    );
  });

  test('of an operation the catalogue no longer has it is other work; after a step that is gone it stands free', () => {
    const made = build(added({ operation: 'gone-by-now', after: 'shell/gold-leaf' }));
    expect(made.steps.find((one) => one.key === key)!.operation).toBe('own-work');
    expect(made.links.some((one) => one.to === key)).toBe(false);
    expect(made.warnings).toContainEqual({ code: 'edit-without-step', step: 'shell/gold-leaf' });
  });

  test('can itself be edited by its key', () => {
    const made = build({ ...added(), ...edit(key, { note: 'six people', personMinutes: 60 }) });
    expect(made.steps.find((one) => one.key === key)).toMatchObject({
      note: 'six people',
      personMinutes: 60,
    });
  });
});

describe('a person by name', () => {
  test('with the skill is kept on the step, without it is refused and nobody is named', () => {
    const painter = demoShop.people.find((one) => one.skills.includes('paint'))!;
    const other = demoShop.people.find((one) => !one.skills.includes('paint'))!;
    const named = (person: string) => build(edit('shell/paint/colour-1', { person }));
    const step = (made: Network) => made.steps.find((one) => one.key === 'shell/paint/colour-1')!;
    expect(step(named(painter.id)).person).toBe(painter.id);
    const refused = named(other.id);
    expect(step(refused).person).toBeNull();
    expect(refused.warnings).toContainEqual({
      code: 'person-refused',
      step: 'shell/paint/colour-1',
      person: other.id,
    });
    expect(named('nobody').warnings).toContainEqual(expect.objectContaining({ code: 'person-refused' }));
  });
});
