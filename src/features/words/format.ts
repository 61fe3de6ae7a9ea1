/** Figures and dates as the shop writes them: metric, 24 h clock, its own zone and currency. */

export interface Locale {
  timeZone: string;
  currency: string;
}

const oneDigit = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1, minimumFractionDigits: 1 });
const wholeFigure = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 0 });
const twoDigits = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2, minimumFractionDigits: 2 });

/** Person- or booth-minutes as hours: one digit below a hundred hours, none above. */
export const hours = (minutes: number): string =>
  (Math.abs(minutes) < 6000 ? oneDigit : wholeFigure).format(minutes / 60);

/** A length of time in the largest words that fit: 45 min, 3 h 20, 2 d 4 h. */
export function span(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  if (whole < 2880)
    return `${Math.floor(whole / 60)} h${whole % 60 ? ` ${String(whole % 60).padStart(2, '0')}` : ''}`;
  const allHours = Math.round(whole / 60);
  const [days, left] = [Math.floor(allHours / 24), allHours % 24];
  return `${days} d${left ? ` ${left} h` : ''}`;
}

export const area = (m2: number): string => `${twoDigits.format(m2)} m²`;

/** An amount on the shelf: enough digits to be useful, no more. */
export const amount = (value: number, unit: string): string => {
  const figure =
    value >= 100 || unit === 'each'
      ? wholeFigure.format(Math.ceil(value))
      : value >= 10
        ? oneDigit.format(value)
        : twoDigits.format(value);
  return unit === 'each' ? figure : `${figure} ${unit}`;
};

/** A difference of colour by CIEDE2000, with one place. */
export const deltaE = (value: number): string => `ΔE ${oneDigit.format(value)}`;

export const micrometres = (um: number): string => `${wholeFigure.format(um)} µm`;

export function money(minor: number, { currency }: Pick<Locale, 'currency'>, digits = 0): string {
  return new Intl.NumberFormat('en-GB', {
    style: 'currency',
    currency,
    maximumFractionDigits: digits,
    minimumFractionDigits: digits,
  }).format(minor / 100);
}

/** Thu 24 Dec, by the wall calendar of the shop. */
export function day(minute: number, { timeZone }: Pick<Locale, 'timeZone'>): string {
  return new Intl.DateTimeFormat('en-GB', { timeZone, weekday: 'short', day: 'numeric', month: 'short' })
    .format(minute * 60000)
    .replace(',', '');
}

/** Thu 24 Dec 09:00. */
export function moment(minute: number, locale: Pick<Locale, 'timeZone'>): string {
  return `${day(minute, locale)} ${clock(minute, locale)}`;
}

export const clock = (minute: number, { timeZone }: Pick<Locale, 'timeZone'>): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(
    minute * 60000,
  );

/** A local date `YYYY-MM-DD` as Fri 22 Jan; no zone is involved. */
export const date = (localDate: string): string =>
  day(Date.parse(`${localDate}T12:00:00Z`) / 60000, { timeZone: 'UTC' });

/** A local date with its year: Fri 22 Jan 2027. */
export const fullDate = (localDate: string): string => `${date(localDate)} ${localDate.slice(0, 4)}`;
