import { fireEvent, screen, waitFor } from '@testing-library/react';
import { answer, draw, job, locale, posted } from '../room.fixture';
import { changeText, ownerNotices, type ChangeGround } from '../what-if/change-words';
import { GiveUpView } from './give-up-view';
import { editOf, TakeChange } from '../what-if/take-change';
import { WhatIfView } from './what-if-view';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/bays',
}));

const sent = jest.fn();
const base = {
  labourMin: 60_000,
  materialsMinor: 400_000,
  boothMin: 3000,
  passes: 9,
  finishDate: '2027-01-22',
  lateDays: 3,
};
const ground: ChangeGround = {
  sections: [
    { key: 'sides', name: 'Sides', level: 'Show', coats: {}, seen: 4, schools: { blocks: 'flexible' } },
  ],
  own: { seen: 9, schools: {}, figures: [] },
  places: [{ id: 'bay', name: 'Bay 1' }],
  ladders: [{ key: 'discs', name: 'damp discs' }],
  edits: { 'sides/block-1': 3 },
  people: [{ id: 'ines', name: 'Ines' }],
  otherJobs: ['P-015'],
  schools: [
    { key: 'blocks', name: 'Blocks', options: [{ key: 'stiff', name: 'stiff', why: 'finds what is low' }] },
  ],
  arrival: '2026-11-23',
  promised: '2027-01-19',
  ...locale,
};

beforeEach(() => {
  sent.mockReset();
  global.fetch = sent;
});

describe('what if', () => {
  test('a change is sent whole, laid beside the plan with its difference, and can be taken away', async () => {
    const other = { ...base, labourMin: 57_000, finishDate: '2027-01-19', lateDays: 0 };
    sent.mockResolvedValue(answer(200, { base, changed: [other] }));
    draw(<WhatIfView job={job.number} ground={ground} locale={locale} />);
    fireEvent.change(screen.getByLabelText('What if:'), { target: { value: 'overtime' } });
    fireEvent.change(screen.getByLabelText('minutes a day'), { target: { value: '90' } });
    fireEvent.click(screen.getByText('Lay beside'));
    await screen.findByText('3 d sooner');
    expect(sent.mock.calls[0]![0]).toBe('/api/jobs/P-014/changes');
    expect(posted(sent, 0)).toEqual({ changes: [{ kind: 'overtime', minutes: 90 }] });
    // 3 000 minutes less are 50 hours.
    expect(screen.getByText('−50.0')).toBeInTheDocument();
    expect(screen.getByText('in time')).toBeInTheDocument();
    fireEvent.click(screen.getByLabelText('Take away: 90 min longer every day'));
    expect(screen.queryByText('3 d sooner')).toBeNull();
    expect(screen.getByText(/Choose what might be done otherwise/)).toBeInTheDocument();
  });

  test('four are the most; a change that changes nothing says so', async () => {
    sent.mockImplementation((_url: string, { body }: { body: string }) => {
      const { changes } = JSON.parse(body) as { changes: unknown[] };
      return Promise.resolve(answer(200, { base, changed: changes.map(() => null) }));
    });
    draw(<WhatIfView job={job.number} ground={ground} locale={locale} />);
    for (let i = 0; i < 4; i += 1) {
      fireEvent.click(screen.getByText('Lay beside'));
      await waitFor(() => expect(screen.getAllByText('take away')).toHaveLength(i + 1));
    }
    expect(screen.queryByText('Lay beside')).toBeNull();
    expect(screen.getByText(/Four lie side by side/)).toBeInTheDocument();
    await waitFor(() => expect(screen.getAllByText('changes nothing').length).toBeGreaterThan(0));
  });

  test('a refusal is told in words, an unreachable server too', async () => {
    sent.mockResolvedValueOnce(answer(422, { faults: [{ reason: 'minutes must be a whole number' }] }));
    draw(<WhatIfView job={job.number} ground={ground} locale={locale} />);
    fireEvent.click(screen.getByText('Lay beside'));
    expect(await screen.findByText('minutes must be a whole number')).toBeInTheDocument();
    sent.mockRejectedValueOnce(new Error('off'));
    fireEvent.click(screen.getByText('Lay beside'));
    expect(await screen.findByText('Coatrel does not answer.')).toBeInTheDocument();
  });
});

describe('what to give up', () => {
  const ask = () => fireEvent.click(screen.getByText('Look for what to give up'));

  test('the best five with what the owner would notice', async () => {
    const level = { kind: 'level', section: 'sides', level: 'Road' };
    const over = { lateDays: 3, labourMin: 600, materialsMinor: 0, boothMin: 0 };
    const best = [
      { change: { kind: 'saturdays' }, figures: { ...base, lateDays: 1 }, gain: 0.6, loss: 0 },
      { change: level, figures: { ...base, labourMin: 50_000, lateDays: 0 }, gain: 2, loss: 0.7 },
    ];
    sent.mockResolvedValue(answer(200, { status: 'over', base, over, best }));
    draw(<GiveUpView job={job.number} ground={ground} locale={locale} />);
    ask();
    expect(await screen.findByText('3 days late, 10.0 h above the cap')).toBeInTheDocument();
    expect(screen.getByText('1. Work on Saturdays')).toBeInTheDocument();
    expect(screen.getByText('2. Sides to Road')).toBeInTheDocument();
    expect(screen.getByText('Nothing of the finish is given up.')).toBeInTheDocument();
    // From the trade's table: four clears to two, ten years to eight.
    expect(
      screen.getByText(
        "Sides straight at arm's length instead of straight in a raking light; 2 clears less to polish; 2 years sooner to be done again",
      ),
    ).toBeInTheDocument();
    expect(sent.mock.calls[0]![0]).toBe('/api/jobs/P-014/give-up');
  });

  test('nothing where date and caps are kept, and a sentence where the server fails', async () => {
    sent.mockResolvedValueOnce(answer(200, { status: 'kept' }));
    draw(<GiveUpView job={job.number} ground={ground} locale={locale} />);
    ask();
    expect(await screen.findByText(/nothing has to be given up/)).toBeInTheDocument();
    sent.mockResolvedValueOnce(answer(500, {}));
    ask();
    expect(await screen.findByText('Coatrel does not answer.')).toBeInTheDocument();
  });
});

test.each([
  [{ kind: 'extra-person', skill: 'paint' }, 'One more person for spraying'],
  [
    { kind: 'away', person: 'ines', from: '2026-12-28', to: '2027-01-08' },
    'Ines away Mon 28 Dec to Fri 8 Jan',
  ],
  [{ kind: 'rented-booth', from: '2026-12-28', days: 1 }, 'A second booth, rented 1 day from Mon 28 Dec'],
  [{ kind: 'rented-booth', from: '2026-12-28', days: 366 }, 'A second booth, rented when needed'],
  [{ kind: 'school', section: null, school: 'blocks', option: 'stiff' }, 'Blocks stiff'],
  [{ kind: 'school', section: 'sides', school: 'blocks', option: 'stiff' }, 'Blocks stiff, Sides'],
  [{ kind: 'promise', date: '2027-02-01' }, 'Promise Mon 1 Feb'],
  [{ kind: 'drop-job', job: 'P-015' }, 'Without P-015'],
  [{ kind: 'coats', sections: ['sides'], role: 'clear', coats: 4 }, '4 clear coats on Sides'],
  [{ kind: 'ladder', section: 'sides', ladder: 'discs' }, 'Sides sanded damp discs'],
  [{ kind: 'depth', section: 'sides', depth: 'bare' }, 'Sides taken to bare'],
  [
    { kind: 'pin', step: 'sides/block-1', name: 'Block, Sides', at: Date.parse('2026-12-24T13:00Z') / 60000 },
    '“Block, Sides” on Thu 24 Dec 13:00',
  ],
  [{ kind: 'cap', budget: 'labour', amount: 95 }, 'Labour cap 95 h'],
  [{ kind: 'cap', budget: 'materials', amount: 650_000 }, 'Materials cap £6,500'],
  [{ kind: 'air', place: 'bay', airC: 20 }, 'Bay 1 kept at 20 °C'],
] as const)('%j in words', (change, words) => {
  expect(changeText(change, ground)).toBe(words);
  expect(ownerNotices(change, ground)).toBe(change.kind === 'school' ? 'finds what is low' : null);
});

describe('taking what is given up', () => {
  test('a level, a way of working and a promise are edits of the job; what the shop does is none', () => {
    expect(editOf('P-014', { kind: 'level', section: 'sides', level: 'Road' }, ground)).toEqual({
      kind: 'section',
      job: 'P-014',
      section: 'sides',
      seen: 4,
      set: { level: 'Road' },
    });
    expect(
      editOf('P-014', { kind: 'school', section: 'sides', school: 'tape', option: 'wet' }, ground),
    ).toMatchObject({
      set: { schools: { blocks: 'flexible', tape: 'wet' } },
    });
    expect(
      editOf('P-014', { kind: 'school', section: null, school: 'tape', option: 'wet' }, ground),
    ).toMatchObject({
      kind: 'job',
      seen: 9,
      set: { schools: { tape: 'wet' } },
    });
    expect(editOf('P-014', { kind: 'promise', date: '2027-02-01' }, ground)).toMatchObject({ kind: 'job' });
    expect(editOf('P-014', { kind: 'saturdays' }, ground)).toBeNull();
    expect(editOf('P-014', { kind: 'coats', sections: ['sides'], role: 'clear', coats: 4 }, ground)).toEqual({
      kind: 'section-coats',
      job: 'P-014',
      sections: [{ section: 'sides', seen: 4 }],
      role: 'clear',
      coats: 4,
    });
    // Of two sections one of which nobody knows, none is half made.
    expect(
      editOf('P-014', { kind: 'coats', sections: ['sides', 'nowhere'], role: 'clear', coats: 4 }, ground),
    ).toBeNull();
    expect(editOf('P-014', { kind: 'cap', budget: 'booth', amount: 70 }, ground)).toMatchObject({
      kind: 'job',
      seen: 9,
      set: { capBoothHours: 70 },
    });
    const tape = { key: 'tape.days', scope: 'job', of: '', value: 18 } as const;
    expect(editOf('P-014', { kind: 'figures', figures: [tape] }, ground)).toMatchObject({
      set: { figures: [tape] },
    });
    expect(editOf('P-014', { kind: 'pin', step: 'sides/block-1', name: '', at: 500 }, ground)).toMatchObject({
      kind: 'step',
      seen: 3,
      set: { startAt: 500 },
    });
    expect(editOf('P-014', { kind: 'unpin', step: 'other', name: '' }, ground)).toMatchObject({
      seen: null,
      set: { startAt: null },
    });
    expect(editOf('P-014', { kind: 'level', section: 'gone', level: 'Road' }, ground)).toBeNull();
  });

  test('the job is changed and the scope record says what it saves and who agreed', async () => {
    sent.mockResolvedValue(answer(200, { status: 'saved' }));
    draw(
      <TakeChange
        job="P-014"
        change={{ kind: 'level', section: 'sides', level: 'Road' }}
        base={base}
        figures={{ ...base, labourMin: 48_000, materialsMinor: 380_000, finishDate: '2027-01-18' }}
        ground={ground}
      />,
    );
    fireEvent.change(screen.getByLabelText('Who agreed to: Sides to Road'), { target: { value: 'Mr Vane' } });
    fireEvent.click(screen.getByRole('button', { name: 'Take it into the job' }));
    expect(await screen.findByText('Taken; it stands in Steps, Scope.')).toBeInTheDocument();
    const bodies = sent.mock.calls.map((call) => JSON.parse(call[1].body));
    // 12,000 minutes are 200 hours less, 200.00 less of materials, four days sooner.
    expect(bodies[1]).toEqual({
      kind: 'add-scope',
      job: 'P-014',
      change: { what: 'Sides to Road', hours: -200, moneyMinor: -20_000, days: -4, agreedBy: 'Mr Vane' },
    });
  });
});
