import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { Decision } from '@/core/record';
import { answer, draw, locale, posted } from '../room.fixture';
import { Decisions, type DecisionsProps } from './decisions-part';
import { DocumentsView } from './documents-view';
import type { RecordProps } from './record-props';
import { RecordView } from './record-view';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});
const last = async () => {
  await waitFor(() => expect(sent).toHaveBeenCalled());
  return posted(sent, sent.mock.calls.length - 1);
};
const type = (
  label: string | RegExp,
  value: string,
  within_ = screen as Pick<typeof screen, 'getByLabelText'>,
) => fireEvent.change(within_.getByLabelText(label), { target: { value } });

const record: RecordProps = {
  job: 'P-014',
  seen: 7,
  today: '2026-12-24',
  locale,
  inputHash: 'a'.repeat(64),
  isFinished: false,
  openEnds: ['B4L: dent, 80 mm, not mended'],
  leftAlone: [{ section: 'Roof', what: ['A spot is left as it is for reference: R1.'] }],
  film: { read: 3, all: 5, below: ['R1'], stale: ['R2'] },
  returnLook: { day: '2027-02-04', personMin: 222 },
  sections: [],
  chosen: { reservePlace: 'shelf 4', keptWhere: 'garage', moneyDepth: 'phases' },
  provenance: [
    {
      id: 'p1',
      kind: 'number',
      part: '',
      what: 'frame number',
      reads: 'CH 0042',
      onDate: '2026-12-01',
      note: '',
      seen: 3,
    },
  ],
  panels: [{ key: 'R1', name: 'roof 1' }],
  signatures: [],
  mass: null,
};

describe('the record of a handover', () => {
  test('says what is open, what lies under the stop line, what was polished since, and when it comes back', () => {
    draw(<RecordView {...record} />);
    expect(screen.getByText('B4L: dent, 80 mm, not mended')).toBeInTheDocument();
    expect(screen.getByText(/Below the stop line: R1/)).toBeInTheDocument();
    expect(screen.getByText(/Sanded or polished after it was read: R2/)).toBeInTheDocument();
    expect(screen.getByText(/Thu 4 Feb 2027/)).toHaveTextContent('3.7 h held');
    expect(screen.getByRole('link', { name: 'Handover file' })).toHaveAttribute(
      'href',
      '/jobs/P-014/documents/handover',
    );
  });

  test('nothing open is said with its sign', () => {
    draw(<RecordView {...record} openEnds={[]} film={{ read: 5, all: 5, below: [], stale: [] }} />);
    expect(screen.getByText('Nothing is open.')).toBeInTheDocument();
    expect(screen.queryByText(/stop line/)).toBeNull();
  });

  test('where it stands and how much of the money is told go out with the version that was seen', async () => {
    draw(<RecordView {...record} />);
    type('Afterwards it stands', 'coast');
    expect(await last()).toEqual({ kind: 'job', job: 'P-014', seen: 7, set: { keptWhere: 'coast' } });
  });

  test('a part is written down with its day, and one that was can be changed', async () => {
    draw(<RecordView {...record} />);
    type('What it is', 'maker’s plate');
    type('As it reads', 'No. 12');
    fireEvent.click(screen.getByRole('button', { name: 'Write it down' }));
    expect(await last()).toEqual({
      kind: 'add-item',
      job: 'P-014',
      list: 'provenance',
      item: {
        kind: 'number',
        what: 'maker’s plate',
        reads: 'No. 12',
        part: '',
        onDate: '2026-12-24',
        note: '',
      },
    });
    const field = screen.getByLabelText('Reads of frame number');
    fireEvent.change(field, { target: { value: 'CH 0043' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(posted(sent, 1)).toMatchObject({ kind: 'set-item', id: 'p1', seen: 3, set: { reads: 'CH 0043' } });
  });

  test('a name alone signs nothing; with where and when it goes out with the plan that was seen', async () => {
    draw(<RecordView {...record} />);
    type('Who signed', 'M. Harrow');
    fireEvent.click(screen.getByRole('button', { name: 'Take it down' }));
    expect(await screen.findByText(/Where it was signed is missing/)).toBeInTheDocument();
    expect(sent).not.toHaveBeenCalled();
    type('Where it was signed', 'yard');
    fireEvent.click(screen.getByRole('button', { name: 'Take it down' }));
    expect(await last()).toEqual({
      side: 'owner',
      by: 'M. Harrow',
      where: 'yard',
      on: '2026-12-24',
      seenHash: 'a'.repeat(64),
    });
    expect(sent.mock.calls[0][0]).toBe('/api/jobs/P-014/signatures');
  });

  test('work since a signature is named, it can be taken back, and a plan that has changed is said', async () => {
    const signature = {
      id: 's1',
      side: 'owner' as const,
      by: 'M.',
      where: 'yard',
      on: '2026-12-20',
      seen: 2,
      opened: ['R1'],
    };
    draw(<RecordView {...record} signatures={[signature]} />);
    expect(screen.getByText(/Worked on since it was signed: R1/)).toBeInTheDocument();
    sent.mockResolvedValueOnce(answer(409, { status: 'conflict' }));
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    expect(await screen.findByText(/has changed meanwhile/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(sent.mock.calls[1][0]).toBe('/api/jobs/P-014/signatures/s1');
  });
});

const decision = (over: Partial<Decision> = {}): Decision & { seen: number } => ({
  id: 'q1',
  what: 'rot',
  part: 'B4L',
  find: '',
  gate: '',
  ways: [
    { name: 'weld', hours: 6, moneyMinor: 45_000, days: 2 },
    { name: 'fill', hours: 1, moneyMinor: -500, days: -1 },
  ],
  askedOn: '2026-12-20',
  answer: 'open',
  chosen: null,
  answeredBy: '',
  answeredOn: null,
  said: '',
  seen: 4,
  ...over,
});
const asked: DecisionsProps = {
  job: 'P-014',
  today: '2026-12-24',
  locale,
  decisions: [],
  finds: [],
  sections: [{ key: 'roof', name: 'Roof' }],
  labourRateMinorPerHour: 4800,
};

describe('what the owner is asked', () => {
  test('damage is asked with the price of its hours, and what waits for the answer', async () => {
    draw(<Decisions {...asked} finds={[{ id: 'f1', what: 'rot', part: 'B4L', hours: 2.5 }]} />);
    const form = within(screen.getByRole('form', { name: 'Ask about rot' }));
    expect(form.getByLabelText('Price before tax')).toHaveValue('120.00');
    type('Price before tax', '150,50', form);
    type('What waits for the answer', 'prime roof', form);
    fireEvent.click(form.getByRole('button', { name: 'Ask the owner' }));
    expect(await last()).toEqual({
      kind: 'ask-owner',
      job: 'P-014',
      ask: {
        what: 'B4L: rot',
        part: 'B4L',
        find: 'f1',
        ways: [{ name: 'mend it', hours: 2.5, moneyMinor: 15_050, days: 0 }],
      },
      holds: { stage: 'prime', section: 'roof' },
    });
  });

  test('ways are told with price and days; what was said is taken down with who and when', async () => {
    draw(<Decisions {...asked} decisions={[decision()]} />);
    const form = within(screen.getByRole('form', { name: 'Answer to: rot' }));
    const options = within(form.getByLabelText('What was said')).getAllByRole('option');
    expect(options.map((one) => one.textContent)).toEqual([
      'weld: £450.00 more before tax, 2 days later',
      'fill: £5.00 less before tax, 1 day sooner',
      'no',
    ]);
    type('What was said', '1', form);
    type('By whom', 'M. Harrow', form);
    fireEvent.click(form.getByRole('button', { name: 'Write it down' }));
    expect(await last()).toEqual({
      kind: 'answer-decision',
      job: 'P-014',
      id: 'q1',
      seen: 4,
      by: 'M. Harrow',
      on: '2026-12-24',
      said: '',
      answer: 'chosen',
      chosen: 1,
    });
  });

  test('an answer stands with what followed from it', () => {
    const said = {
      answer: 'chosen' as const,
      chosen: 0,
      answeredBy: 'M.',
      answeredOn: '2026-12-22',
      said: 'yes',
    };
    draw(
      <Decisions
        {...asked}
        decisions={[decision(said), decision({ id: 'q2', answer: 'refused', answeredBy: 'M.' })]}
      />,
    );
    expect(
      screen.getByText(/weld: £450.00 more before tax, 2 days later: M., Tue 22 Dec, “yes”/),
    ).toBeInTheDocument();
    expect(screen.getByText(/In the record of scope: 6 h, £450.00, 2 days/)).toBeInTheDocument();
    expect(screen.getByText(/^No: M\./)).toBeInTheDocument();
  });
});

test('documents: those of a quote only where there is one; the choice goes into the address', () => {
  const { unmount } = draw(<DocumentsView job="P-014" today="2026-12-24" quotes={[]} stages={[]} />);
  expect(screen.queryByRole('link', { name: 'Quote' })).toBeNull();
  unmount();
  draw(<DocumentsView job="P-014" today="2026-12-24" quotes={[2, 1]} stages={['ordered', 'delivered']} />);
  fireEvent.change(screen.getByLabelText('Which quote'), { target: { value: '1' } });
  expect(screen.getByRole('link', { name: 'Quote' })).toHaveAttribute(
    'href',
    '/jobs/P-014/documents/quote?number=1',
  );
  fireEvent.change(screen.getByLabelText('Which stage'), { target: { value: 'delivered' } });
  expect(screen.getByRole('link', { name: 'Stage statement' })).toHaveAttribute(
    'href',
    '/jobs/P-014/documents/stage?state=delivered',
  );
  expect(screen.getByRole('link', { name: 'Run sheet' })).toHaveAttribute(
    'href',
    '/jobs/P-014/documents/run-sheet?day=2026-12-24',
  );
});
