import { fireEvent, screen, within } from '@testing-library/react';
import { shelfOf } from '@/core/film';
import { catalogue, operationOf, type LinkReason } from '@/core/steps';
import { ViewSwitch } from '@/ui/view-switch';
import { draw, job, locale, plan, productName, shelf, shop } from '../room.fixture';
import { situationWords } from '../shop/situation-words';
import { PaperView } from '../documents/paper-view';
import { statementPaper } from '../documents/work-papers';
import { namesOf } from '../words/names';
import { stateWords, waitingSentence } from '../words/step-words';
import { StepInspector } from './step-inspector';
import { stepsProps } from './steps-props';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: jest.fn(), replace: jest.fn() }),
  usePathname: () => '/jobs/P-014/steps',
  useSearchParams: () => new URLSearchParams(),
}));

const names = namesOf(plan, job.sections, productName);
const stepOf = (operation: string) =>
  plan.steps.find((step) => step.operation === operation && step.state === 'planned')!;
const inspect = (operation: string, kit: { product: string; amount: number; onHand: number }[] = []) => {
  const step = stepOf(operation);
  draw(<StepInspector step={step} names={names} locale={locale} resourceNames={{}} job="P-014" kit={kit} />);
  return document.querySelector('aside')!;
};

describe('what the inspector says of a step', () => {
  test('what to see to while doing it, in its order', () => {
    const aside = inspect('mask');
    const lines = within(aside).getByText('See to').parentElement!.querySelectorAll('li');
    expect([...lines].map((line) => line.textContent)).toEqual([...operationOf('mask').checks]);
    expect(lines[0]).toHaveTextContent('degrease where the tape will stick');
  });

  test('how to look at the surface, with whom', () => {
    expect(inspect('wash-compound')).toHaveTextContent('sun or raking lamp, at 15°, with a second person');
  });

  test('what waits for it and for what', () => {
    const aside = inspect('tape-edges');
    expect(within(aside).getByText('What waits for it').parentElement).toHaveTextContent(
      'it must be sanded level',
    );
  });

  test('kit for everybody against the shelf: too few says so, enough does not', () => {
    const aside = inspect('spray-colour', [
      { product: 'gloves', amount: 2, onHand: 1 },
      { product: 'kit-spray', amount: 2, onHand: 9 },
    ]);
    const row = (name: string) => within(aside).getByText(productName(name)).parentElement!;
    expect(row('gloves')).toHaveTextContent('2.0, 1 on the shelf too few');
    expect(row('kit-spray')).toHaveTextContent('2.0, 9 on the shelf');
    expect(row('kit-spray')).not.toHaveTextContent('too few');
  });
});

test('kit of every planned step stands against what is on the shelf; done steps need none', () => {
  const { kit } = stepsProps(job, plan, shop, shelf, {}, { gloves: 7 });
  const spray = stepOf('spray-colour');
  expect(kit[spray.key]).toContainEqual({ product: 'gloves', amount: spray.crew, onHand: 7 });
  const done = plan.steps.find((step) => step.state === 'done')!;
  expect(kit[done.key]).toBeUndefined();
});

test('the method statement prints what to see to and how to look', () => {
  draw(<PaperView paper={statementPaper({ job, plan, shop, shelf: shelfOf(shelf), notes: [] })} />);
  expect(screen.getAllByText(/^See to: degrease where the tape will stick/).length).toBeGreaterThan(0);
  expect(screen.getAllByText(/^Look: film gauge at 90°\.$/).length).toBeGreaterThan(0);
});

describe('words', () => {
  test('of every state end the sentence “it must be …”', () => {
    for (const words of Object.values(stateWords)) expect(words).toMatch(/^[a-z][a-z ,-]+$/);
  });

  test('why a later step waits', () => {
    const said = (why: LinkReason) => waitingSentence('Mask', why, names);
    expect(said({ code: 'order' })).toBe('“Mask” comes after it.');
    expect(said({ code: 'state', state: 'refined' })).toBe('“Mask”: it must be refined.');
  });

  test('where an operation has its place: lists are or, the rest is and; nothing named is everywhere', () => {
    expect(situationWords({})).toBe('');
    expect(situationWords({ route: ['panel', 'hull'], level: ['Show'] })).toBe('panel or hull; level Show');
    expect(situationWords({ is: ['painted'], not: ['loose'], lays: ['epoxy'] })).toBe(
      'with epoxy; painted; not loose',
    );
    expect(situationWords({ school: { tape: ['wet'] } })).toBe('tape pulled wet');
    for (const one of catalogue) expect(situationWords(one.when)).not.toContain('undefined');
  });
});

test('a switch of views presses the shown one and tells which was chosen', () => {
  const chosen = jest.fn();
  draw(<ViewSwitch views={{ a: 'First', b: 'Second' }} shown="a" onShow={chosen} />);
  const [first, second] = ['First', 'Second'].map((name) => screen.getByText(name, { selector: 'button' }));
  expect(first).toHaveAttribute('aria-pressed', 'true');
  expect(second).toHaveAttribute('aria-pressed', 'false');
  fireEvent.click(second!);
  expect(chosen).toHaveBeenCalledWith('b');
});
