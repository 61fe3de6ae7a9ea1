import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { Rights } from '@/core/rights';
import { EditText } from './edit-field';
import { EntryForm, Line } from './entry-form';
import { Live } from './live';
import { newRequestKey, isOwnRequest } from './own-requests';
import { SavingProvider, useSaving } from './saving';
import { RightsNotice } from './rights-notice';
import { WhoProvider, type Who } from './who';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh, push: jest.fn() }),
  usePathname: () => '/',
}));

const who = (rights: Rights, over: Partial<Who> = {}): Who => ({
  name: 'Jun',
  role: 'crew',
  rights,
  how: 'password',
  onTablet: false,
  needsFactor: false,
  ...over,
});
const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue({ ok: true, status: 200, json: async () => ({ status: 'saved' }) });
  global.fetch = sent;
});

const length = (value: string, seen = 4) => (
  <EditText
    label="Length"
    value={value}
    type="number"
    unit="m"
    toEdit={(text) => ({ kind: 'job', job: 'P-1', seen, set: { dimensions: { length: Number(text) } } })}
  />
);
const draw = (one: Who, child: React.ReactNode) =>
  render(
    <WhoProvider who={one}>
      <SavingProvider>{child}</SavingProvider>
    </WhoProvider>,
  );

describe('what somebody may not change', () => {
  test('stands there as text, without a field', () => {
    draw(who(['crew']), length('7.6'));
    expect(screen.queryByRole('spinbutton')).toBeNull();
    expect(screen.getByText('7.6')).toBeInTheDocument();
  });

  test('a form of it is not drawn, and one that only asks is', () => {
    const form = (deed: 'add-scope' | null) => (
      <EntryForm label="Form" deed={deed} className="" start={{ a: '' }} send={() => null}>
        {(one) => <Line form={one} name="a" label="A" />}
      </EntryForm>
    );
    draw(who(['crew']), form('add-scope'));
    expect(screen.queryByRole('form')).toBeNull();
    draw(who(['crew']), form(null));
    expect(screen.getByRole('form', { name: 'Form' })).toBeInTheDocument();
  });

  test('is not even sent: the reason is said where the strip says what was saved', async () => {
    function Press() {
      const { save, message } = useSaving();
      return (
        <button
          onClick={() => void save({ kind: 'remove-item', job: 'P-1', list: 'gates', id: 'x', seen: 1 })}
        >
          {message?.text ?? 'press'}
        </button>
      );
    }
    draw(who(['crew']), <Press />);
    fireEvent.click(screen.getByRole('button'));
    expect(await screen.findByText(/only manager or planner may do this/)).toBeInTheDocument();
    expect(sent).not.toHaveBeenCalled();
  });

  test('one line says as what one is here; who plans is told nothing', () => {
    draw(who(['crew']), <RightsNotice />);
    expect(screen.getByText(/^Crew: keeps the log/)).toBeInTheDocument();
    const { container } = draw(who(['planner'], { role: 'planner' }), <RightsNotice />);
    expect(container).toBeEmptyDOMElement();
  });

  test('on a bare tablet one is asked to tap a badge, on the network a manager to set up a second factor', () => {
    draw(who(['painter', 'reader'], { name: 'Booth window', role: null, how: 'tablet' }), <RightsNotice />);
    expect(screen.getByText(/Booth window: tap your name/)).toBeInTheDocument();
    draw(who(['manager', 'reader'], { role: 'manager', needsFactor: true }), <RightsNotice />);
    expect(screen.getByText(/Set up your second factor/)).toBeInTheDocument();
  });
});

describe('a field that somebody else changes while one types', () => {
  const again = (value: string, seen: number) => (
    <WhoProvider who={who(['manager'], { role: 'manager' })}>
      <SavingProvider>{length(value, seen)}</SavingProvider>
    </WhoProvider>
  );

  test('shows both, saves neither, and takes what is chosen', async () => {
    const { rerender } = render(again('7.6', 4));
    const field = screen.getByLabelText('Length');
    fireEvent.change(field, { target: { value: '8' } });
    rerender(again('7.9', 5));
    fireEvent.blur(field);
    expect(screen.getByRole('alert')).toHaveTextContent('Somebody changed this to “7.9” while you typed.');
    expect(sent).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Save “8”' }));
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
    // It is saved against what is seen now, so that the other’s change is known to it.
    expect(JSON.parse(sent.mock.calls[0][1].body)).toMatchObject({
      seen: 5,
      set: { dimensions: { length: 8 } },
    });
  });

  test('theirs can be taken', () => {
    const { rerender } = render(again('7.6', 4));
    fireEvent.change(screen.getByLabelText('Length'), { target: { value: '8' } });
    rerender(again('7.9', 5));
    fireEvent.click(screen.getByRole('button', { name: 'Take theirs' }));
    expect(screen.getByLabelText('Length')).toHaveValue(7.9);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('following what others save', () => {
  class Source {
    static last: Source | null = null;
    onmessage: ((event: { data: string }) => void) | null = null;
    constructor(readonly url: string) {
      Source.last = this;
    }
    close() {}
  }
  class Channel {
    onmessage: unknown = null;
    postMessage() {}
    close() {}
  }
  beforeEach(() => {
    jest.useFakeTimers();
    Object.assign(global, { EventSource: Source, BroadcastChannel: Channel });
    Source.last = null;
    refresh.mockReset();
  });
  afterEach(() => jest.useRealTimers());
  const tell = (...changes: object[]) => Source.last!.onmessage!({ data: JSON.stringify(changes) });

  test('begins when the page is quiet; changes of this job and the shop are read once, others and one’s own are not', () => {
    draw(who(['manager']), <Live room="P-1" />);
    expect(Source.last).toBeNull();
    act(() => jest.advanceTimersByTime(1600));
    expect(Source.last?.url).toBe('/api/live?since=');
    const own = newRequestKey();
    expect(isOwnRequest(own)).toBe(true);
    tell({ id: 1, room: 'P-2', request: 'a' }, { id: 2, room: 'P-1', request: own });
    jest.advanceTimersByTime(500);
    expect(refresh).not.toHaveBeenCalled();
    tell({ id: 3, room: 'P-1', request: 'b' });
    tell({ id: 4, room: 'shop', request: 'c' });
    jest.advanceTimersByTime(500);
    expect(refresh).toHaveBeenCalledTimes(1);
  });
});
