import pluralize from 'pluralize';

/** “1 day”, “3 days”, “1 batch”, “2 batches”, “1 person”, “4 people”. */
export const counted = (count: number, word: string): string => pluralize(word, count, true);

/** The first two by name, then how many more. */
export const firstTwo = (names: readonly string[]): string =>
  names.length > 2 ? `${names.slice(0, 2).join(', ')} and ${names.length - 2} more` : names.join(', ');

/** As the beginning of a sentence. */
export const firstUpper = (text: string): string => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;
