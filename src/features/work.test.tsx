import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { shelfOf } from '@/core/film';
import { demoMoves } from '@/demo/stores';
import { boothProps } from './booth/booth-props';
import { BoothRoom } from './booth/booth-room';
import type { LearnedRow } from '@/core/log';
import { LearnedView } from './log/learned-view';
import { logProps } from './log/log-props';
import { LogRoom } from './log/log-room';
import { repairsProps } from './log/repairs-props';
import { answer, draw, job, now, plan, posted, shelf, shop } from './room.fixture';
import { phaseName } from './words/phase-names';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

const sent = jest.fn();
const bodyOf = (call: number) => posted(sent, call);
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

const onShelf = shelfOf(shelf);
const moves = demoMoves('2026-11-23');
const booth = (record = job) => boothProps(record, plan, { shop, shelf: onShelf, moves, now });
const sheets = { 'high-build-41': onShelf.get('high-build-41')!.coating! };
const click = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('Booth', () => {
  test('every session has its line; a job without coats says that there is nothing to tap', () => {
    const { unmount } = draw(<BoothRoom {...booth()} sheets={sheets} />);
    expect(screen.getAllByRole('row')).toHaveLength(1 + booth().sessions.length);
    unmount();
    draw(<BoothRoom {...booth()} sessions={[]} sheets={sheets} />);
    expect(screen.getByText(/Nothing is coated in this job/)).toBeInTheDocument();
  });

  test('the next session waits at the window; a tap logs the coat with batch, air and who', async () => {
    draw(<BoothRoom {...booth()} sheets={sheets} />);
    click('At the window');
    const next = booth().sessions.find((one) => one.coats.some((coat) => !coat.done))!;
    const panel = next.panels[0]!;
    fireEvent.change(screen.getByLabelText('Wet film by comb, µm'), { target: { value: '140' } });
    click(new RegExp(`${panel.key}: not coated`));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toMatchObject({
      kind: 'log',
      job: 'P-014',
      insist: false,
      entry: {
        step: next.coats[0]!.step,
        kind: 'coat',
        at: null,
        parts: [panel.key],
        coat: {
          product: 'high-build-41',
          nth: 1,
          batch: 'HB 2207',
          wetUm: 140,
          air: { airC: 20, surfaceC: 19.5, humidity: 48, simulated: true },
        },
      },
    });
  });

  test('air that the sheet forbids is a stop at the window', () => {
    draw(<BoothRoom {...booth()} sheets={sheets} />);
    click('At the window');
    expect(screen.getByText('the sheet allows this air')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Air, °C'), { target: { value: '5' } });
    expect(screen.getByText(/at least/)).toBeInTheDocument();
  });

  test('a coat that comes too early names the reason, and is insisted on with a note', async () => {
    const faults = [{ place: 'entry.at', reason: '“Block” before it has not ended' }];
    sent.mockResolvedValueOnce(answer(422, { status: 'faulty', faults }));
    draw(<BoothRoom {...booth()} sheets={sheets} />);
    click('At the window');
    click(/Coat on all \d+ open panels/);
    expect(await screen.findByText(/“Block” before it has not ended/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Why it is begun all the same'), { target: { value: 'trial' } });
    click('Begin all the same');
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(bodyOf(1)).toMatchObject({ insist: true, entry: { note: 'trial' } });
  });

  test('a second tap asks what it means; a mistake is taken back', async () => {
    const session = booth().sessions.find((one) => one.key === 'body/build-1')!;
    draw(<BoothRoom {...booth()} sheets={sheets} />);
    click('At the window');
    fireEvent.change(screen.getByLabelText('Session'), { target: { value: 'body/build-1' } });
    const panel = session.panels[0]!;
    click(new RegExp(` ${panel.key}: \\d\\d:\\d\\d`));
    click('Tapped by mistake');
    await waitFor(() => expect(sent).toHaveBeenCalled());
    const mark = panel.marks[0]!;
    expect(bodyOf(0)).toMatchObject({
      kind: 'correct-log',
      job: 'P-014',
      id: mark.state === 'laid' ? mark.entry : '',
    });
  });

  test('clocks of the coats that lie open, batch against panel', () => {
    draw(<BoothRoom {...booth()} sheets={sheets} />);
    click('Cure clocks');
    // The wings were cleared nine days ago: cured takes longer, the recoat window has closed.
    expect(screen.getAllByText(/scuff before the next coat/).length).toBeGreaterThan(0);
    click('Batches');
    expect(screen.getAllByText(/one batch on every panel/).length).toBeGreaterThan(0);
  });

  test('two batches of one colour are said, and which tins to box', () => {
    const log = job.log.map((entry, i) =>
      entry.coat?.role === 'colour' ? { ...entry, coat: { ...entry.coat, batch: `mix ${i % 2}` } } : entry,
    );
    const split = booth({ ...job, log: [...log, { ...log.find((one) => one.coat?.role === 'colour')! }] });
    expect(split.colours.some((lot) => lot.batches.length > 0)).toBe(true);
    const two = {
      ...split.colours[0]!,
      batches: ['mix 0', 'mix 1'],
      box: { together: ['a', 'b'], missingL: 1 },
    };
    draw(<BoothRoom {...split} colours={[two]} sheets={sheets} />);
    click('Batches');
    expect(screen.getByText(/came from 2 batches: mix 0, mix 1/)).toBeInTheDocument();
    expect(screen.getByText(/box a and b together/)).toBeInTheDocument();
  });
});

describe('Log', () => {
  const learned: LearnedRow[] = [];
  const repairs = repairsProps(job, {}, plan, shop.timeZone);
  const props = () => logProps(job, plan, { shop, shelf: shelfOf(shelf), now, phaseName });

  test('what may begin next is begun with the people of the plan', async () => {
    draw(<LogRoom prompts={{}} {...props()} learned={learned} repairs={repairs} />);
    const next = props().next[0]!;
    const line = screen.getByRole('region', { name: `${next.name}, ${next.subject}` });
    fireEvent.click(within(line).getByRole('button', { name: 'Begin' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toMatchObject({
      kind: 'log',
      insist: false,
      entry: { step: next.step, kind: 'began', people: next.proposed, at: null },
    });
  });

  test('who is at it leaves off with the hours that are left, in words of minutes', async () => {
    const running = props().running[0]!;
    const at = { ...running, since: now - 90, at: ['dot'] };
    draw(<LogRoom prompts={{}} {...props()} running={[at]} learned={learned} repairs={repairs} />);
    expect(screen.getByText(/Dot since 07:30, 1 h 30/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Hours still to do'), { target: { value: '2,5' } });
    click('Leave off');
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).entry).toMatchObject({ kind: 'left', remainingMin: 150 });
  });

  test('what is done panel by panel is left off with the panels that are done, and no hours need be typed', async () => {
    const shown = props();
    const row = shown.next.find((one) => one.panels.length > 2)!;
    const begun = { ...row, since: now - 60, at: ['dot'] };
    draw(<LogRoom prompts={{}} {...shown} learned={learned} repairs={repairs} next={[]} running={[begun]} />);
    const line = screen.getByRole('region', { name: `${row.name}, ${row.subject}` });
    fireEvent.click(within(line).getByText('Panels done …'));
    for (const panel of row.panels.slice(0, 2))
      fireEvent.click(within(line).getByRole('button', { name: panel }));
    expect(within(line).getByText(`2 of ${row.panels.length} panels done`)).toBeInTheDocument();
    fireEvent.click(within(line).getByRole('button', { name: 'Leave off' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).entry).toMatchObject({
      kind: 'left',
      remainingMin: null,
      parts: row.panels.slice(0, 2),
    });
  });

  test('at the polisher the pad has its clock, and a cleaned pad starts it anew', async () => {
    const running = { ...props().running[0]!, since: now - 40, at: ['dot'], padSince: now - 20 };
    draw(<LogRoom prompts={{}} {...props()} running={[running]} learned={learned} repairs={repairs} />);
    click(/Pad cleaned \(20 min ago\)/);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).entry).toMatchObject({ kind: 'note', note: 'pad cleaned', step: running.step });
  });

  test('entries newest first, each to be taken back; rework needs its cause', async () => {
    draw(<LogRoom prompts={{}} {...props()} learned={learned} repairs={repairs} />);
    click('Entries');
    const rows = within(screen.getByRole('table', { name: 'The log, newest first' })).getAllByRole('row');
    expect(rows).toHaveLength(1 + job.log.length);
    fireEvent.click(within(rows[1]!).getByRole('button'));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toMatchObject({ kind: 'correct-log', id: props().entries[0]!.id });
    fireEvent.change(screen.getByLabelText('Kind of entry'), { target: { value: 'redo' } });
    fireEvent.submit(screen.getByRole('form', { name: 'New entry' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('what was seen, or the cause is missing');
    expect(sent).toHaveBeenCalledTimes(1);
  });

  test('hours by phase against the plan, and by month', () => {
    draw(<LogRoom prompts={{}} {...props()} learned={learned} repairs={repairs} />);
    click('Hours');
    const phases = screen.getByRole('table', { name: 'By phase' });
    expect(within(phases).getByRole('row', { name: /^Strip/ })).toBeInTheDocument();
    const months = within(screen.getByRole('table', { name: 'By month' })).getAllByRole('row');
    expect(months.slice(1).map((row) => row.textContent!.slice(0, 7))).toEqual(['2026-11', '2026-12']);
  });

  test('a learned factor is accepted with the version that was seen', async () => {
    const row: LearnedRow = {
      operation: 'mask',
      name: 'Mask',
      jobs: 2,
      days: 5,
      actualMin: 600,
      plannedMin: 480,
      factor: 1.1876,
      spread: 0.1,
      accepted: 1,
      aheadMin: 600,
      thenMin: 712.6,
      seen: 3,
    };
    draw(<LearnedView rows={[row]} />);
    expect(screen.getByText('10.0 → 11.9')).toBeInTheDocument();
    click('Accept 1.19 for Mask');
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({ kind: 'learned', operation: 'mask', seen: 3, factor: 1.188 });
    click('Return Mask to the rate alone');
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(bodyOf(1).factor).toBeNull();
  });
});
