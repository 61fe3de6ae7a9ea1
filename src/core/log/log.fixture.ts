import type { LogEntry, LoggedCoat } from '../record';

let written = 0;

/** An entry with nothing in it but what a test names. */
export const entry = (given: Partial<LogEntry> & Pick<LogEntry, 'kind' | 'at'>): LogEntry => ({
  id: `e${(written += 1)}`,
  step: 'body/block',
  people: ['dot'],
  parts: [],
  remainingMin: null,
  redo: '',
  coat: null,
  note: '',
  work: null,
  corrects: null,
  ...given,
});

export const coatOf = (given: Partial<LoggedCoat> = {}): LoggedCoat => ({
  product: 'clear-21',
  role: 'clear',
  nth: 1,
  faces: 'outside',
  batch: '',
  wetUm: null,
  air: null,
  reducer: '',
  ...given,
});
