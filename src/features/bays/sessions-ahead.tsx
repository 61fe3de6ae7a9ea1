import type { Plan } from '@/core/plan';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { clock, day, moment, span, type Locale } from '../words/format';

/** Less than this to spare asks for attention. */
const tightMin = 120;

function betweenWords(from: number | null, to: number, locale: Locale): string {
  if (from === null) return `by ${moment(to, locale)}`;
  const sameDay = day(from, locale) === day(to, locale);
  return sameDay
    ? `${moment(from, locale)}–${clock(to, locale)}`
    : `${moment(from, locale)} to ${moment(to, locale)}`;
}

/** By when what comes before each booth session must begin, for it to open at its hour. */
export function SessionsAhead({
  goHours,
  nameOf,
  productName,
  sessionName,
  locale,
}: {
  goHours: Plan['goHours'];
  nameOf(step: string): string;
  productName(code: string): string;
  sessionName(stay: string): string;
  locale: Locale;
}) {
  const told = goHours.filter((one) => one.before.length + one.mixes.length > 0);
  if (told.length === 0) return null;
  return (
    <>
      <h2 className="pt-3 font-semibold">Go or no go</h2>
      {told.map(({ session, opens, before, mixes }) => {
        const [first] = before;
        return (
          <Part key={session} title={`${sessionName(session)}, ${moment(opens, locale)}`}>
            {before.slice(0, 2).map((one) => (
              <Fact key={one.step} label={nameOf(one.step)}>
                by {moment(one.latest, locale)}
              </Fact>
            ))}
            {!first ? null : first.spareMin < 0 ? (
              <Notice grade="stop">{span(-first.spareMin)} of work too late for this hour</Notice>
            ) : first.spareMin < tightMin ? (
              <Notice grade="caution">
                {first.spareMin === 0 ? 'nothing' : `only ${span(first.spareMin)} of work`} to spare
              </Notice>
            ) : (
              <p className="text-small text-quiet">{span(first.spareMin)} of work to spare</p>
            )}
            {mixes.map(({ product, notBefore, latest }) => (
              <Fact key={product} label={`mix ${productName(product)}`}>
                {betweenWords(notBefore, latest, locale)}
              </Fact>
            ))}
          </Part>
        );
      })}
    </>
  );
}
