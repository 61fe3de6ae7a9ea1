import { hiddenSigns } from '../concepts/atoms';

const every = new RegExp(hiddenSigns, 'gu');

/** Text of a file as one plain line: control characters and signs that turn the reading direction become blanks. */
export const plainLine = (text: string, most: number): string =>
  text.replace(every, ' ').replace(/\s+/g, ' ').trim().slice(0, most).trim();
