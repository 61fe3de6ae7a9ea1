/** By the number of the weekday, less one. */
export const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** The minute of the day of 07:30; NaN where it is none. */
export const minuteOf = (text: string): number => {
  const [hour = NaN, minute = NaN] = text.split(':').map(Number);
  return 60 * hour + minute;
};

/** What is wrong with a typed time of day; null when it is one. */
export const timeFault = (text: string): string | null =>
  /^([01]?\d|2[0-4]):[0-5]\d$/.test(text) ? null : 'a time such as 07:30';
