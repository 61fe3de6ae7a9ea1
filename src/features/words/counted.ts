import pluralize from 'pluralize';

/** “1 day”, “3 days”, “1 batch”, “2 batches”, “1 person”, “4 people”. */
export const counted = (count: number, word: string): string => pluralize(word, count, true);
