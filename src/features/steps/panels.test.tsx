import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { answer, draw, job, plan, posted, shelf, shop } from '../room.fixture';
import { StepsRoom } from './steps-room';
import { stepsProps } from './steps-props';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

const sent = jest.fn();
beforeAll(() => {
  // The page scrolls the chosen row into sight; jsdom has no such thing.
  Element.prototype.scrollIntoView = jest.fn();
});
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
  window.location.hash = '';
});
const props = (record = job) => stepsProps(record, plan, shop, shelf);

test('panel by panel: coats on each face by the log, rounds with their share of hours, block and machine', () => {
  const wings = props().panels.find((one) => one.section === 'wings')!;
  const [panel] = wings.panels;
  // The demo log: epoxy, two rounds of two builds, sealer, three colours, two clears; insides coloured and cleared.
  expect(panel!.outside).toBe('epoxy 1, build 4, sealer 1, colour 3, clear 2');
  expect(panel!.inside).toContain('clear 2');
  const hours = wings.panels.reduce((sum, one) => sum + one.rounds.kinds.block.minutes, 0);
  const blocks = props()
    .rounds.find((one) => one.section === 'wings')!
    .rounds.filter((one) => one.kind === 'block');
  expect(hours).toBeCloseTo(
    blocks.reduce((sum, one) => sum + one.personMinutes, 0),
    6,
  );
  draw(<StepsRoom {...props()} />);
  fireEvent.click(screen.getByRole('button', { name: 'Panels' }));
  const table = screen.getByRole('table', { name: 'Panels of Front wings' });
  expect(within(table).getAllByRole('row')).toHaveLength(1 + wings.panels.length);
});

test('a panel is hung loosely with one choice; one that is off must hang before its last coats', async () => {
  draw(<StepsRoom {...props()} />);
  fireEvent.click(screen.getByRole('button', { name: 'Panels' }));
  fireEvent.change(screen.getByLabelText('Assembly of B1L'), { target: { value: 'loose' } });
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toMatchObject({
    kind: 'survey',
    job: 'P-014',
    set: { fit: 'loose' },
    parts: [{ part: 'B1L' }],
  });
  const off = {
    ...job,
    schools: { assembly: 'assembled' as const },
    surveyed: job.surveyed.map((one) => (one.key === 'B1L' ? { ...one, fit: 'off' as const } : one)),
  };
  const known = off.surveyed.some((one) => one.key === 'B1L');
  const shown = props(off)
    .panels.flatMap((one) => one.panels)
    .find((one) => one.part === 'B1L')!;
  expect(shown.hangBy !== null).toBe(known);
});

test('craft: a polish has its card, a masking over fresh film its tack, a coat its round', () => {
  const { craft, steps } = props();
  const of = (match: (step: (typeof steps)[number]) => boolean) =>
    steps.filter(match).map((step) => craft[step.key]);
  for (const one of of((step) => step.operation === 'polish')) expect(one!.polish.length).toBeGreaterThan(0);
  const rounds = of((step) => step.coat !== null && step.coat.role === 'clear');
  for (const one of rounds) expect(one!.round!.painters).toBeGreaterThanOrEqual(1);
  const polish = steps.find((step) => step.operation === 'polish')!;
  window.location.hash = encodeURIComponent(polish.key);
  draw(<StepsRoom {...props()} />);
  expect(screen.getByText('At the polisher')).toBeInTheDocument();
});

test('who looked is told at the step it was written for', () => {
  const step = plan.steps.find((one) => one.state === 'done')!;
  const entry = {
    id: 'look',
    step: step.key,
    kind: 'inspected' as const,
    at: step.end,
    people: ['dot', 'ines'],
    parts: [],
    remainingMin: null,
    redo: '',
    coat: null,
    note: 'no hollow at 30°',
    work: null,
    corrects: null,
  };
  const looked = props({ ...job, log: [...job.log, entry] }).craft[step.key]!.looked;
  expect(looked).toEqual([{ who: 'Dot and Ines', at: step.end, note: 'no hollow at 30°' }]);
});
