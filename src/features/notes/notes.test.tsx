import { fireEvent, screen, waitFor } from '@testing-library/react';
import { answer, draw, job, plan, posted, productName } from '../room.fixture';
import { NotesBefore, NotesProvider } from './notes-context';
import { notesByStep, type NoteShown } from './notes-props';
import { NotesTable } from './notes-table';
import { StepNotes } from './step-notes';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));
const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

const step = plan.steps.find((one) => one.coat !== null && one.state === 'planned')!;
const note = (over: Partial<NoteShown> = {}): NoteShown => ({
  id: 'n1',
  operation: step.operation,
  product: '',
  bodyKind: '',
  place: '',
  cause: 'insects after six',
  cure: 'doors shut',
  job: 'P-009',
  part: '',
  step: '',
  by: '',
  onDate: '2026-06-01',
  retiredOn: null,
  retiredWhy: '',
  seen: 5,
  ...over,
});
const around = (notes: NoteShown[], children: React.ReactNode) => (
  <NotesProvider value={notesByStep(plan, job.bodyKind, notes)}>{children}</NotesProvider>
);

test('it stands before the step it fits, and before no other', () => {
  const other = plan.steps.find((one) => one.operation !== step.operation)!;
  draw(
    around(
      [note()],
      <>
        <NotesBefore step={step.key} />
        <p>then</p>
        <NotesBefore step={other.key} />
      </>,
    ),
  );
  expect(screen.getAllByText(/insects after six: doors shut/)).toHaveLength(1);
});

test('one is written at a step, and where it comes back is chosen', async () => {
  draw(
    around(
      [],
      <StepNotes
        job="P-014"
        bodyKind={job.bodyKind}
        step={step}
        productName={productName}
        placeName={() => ''}
      />,
    ),
  );
  fireEvent.click(screen.getByRole('button', { name: 'Write it down' }));
  expect(await screen.findByText(/What happened is missing/)).toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('What happened'), { target: { value: 'runs at the rail' } });
  fireEvent.change(screen.getByLabelText('What helps'), { target: { value: 'first coat thinner there' } });
  fireEvent.change(screen.getByLabelText('Where it comes back'), { target: { value: '1' } });
  fireEvent.click(screen.getByRole('button', { name: 'Write it down' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toEqual({
    kind: 'add-note',
    note: {
      operation: '',
      product: step.coat!.product,
      bodyKind: '',
      place: '',
      cause: 'runs at the rail',
      cure: 'first coat thinner there',
      job: 'P-014',
      part: '',
      step: step.key,
      by: '',
    },
  });
});

test('all of them stand in Shop with where they come back; one is retired with why, and stays in the book', async () => {
  const names = { [step.operation]: 'Spray' };
  const retired = note({ id: 'n2', cause: 'old fan', retiredOn: '2026-07-01', retiredWhy: 'a new one' });
  draw(<NotesTable notes={[note(), retired]} names={names} />);
  expect(screen.getByRole('row', { name: /^Spray/ })).toHaveTextContent('insects after six: doors shut');
  expect(screen.getByText('Retired: 1')).toBeInTheDocument();
  fireEvent.click(screen.getByRole('button', { name: 'it is wrong' }));
  expect(screen.getByRole('button', { name: 'Retire it' })).toBeDisabled();
  fireEvent.change(screen.getByLabelText(/^Why the note/), { target: { value: 'doors are new' } });
  fireEvent.click(screen.getByRole('button', { name: 'Retire it' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toEqual({ kind: 'retire-note', id: 'n1', seen: 5, why: 'doors are new' });
});
