import { usualStrain } from '@/core/plan-strain';
import { Table } from '@/ui/layout';
import { date, hours, moment, span } from '../words/format';
import type { BaysProps } from './bays-props';

/** The people behind the calendar: days too hard on somebody, and what to do while something dries. */
export function CrewView({ crew, locale }: BaysProps) {
  const { strain, waiting } = crew;
  return (
    <>
      <h2 className="pb-1 font-semibold">Hard days</h2>
      <p className="pb-1 text-quiet">
        More than {span(usualStrain.handSandingMin)} of hand sanding or {span(usualStrain.overheadMin)}{' '}
        overhead for one person in a day. Changing places at midday keeps both under.
      </p>
      {strain.length === 0 ? (
        <p className="text-quiet">Nobody is over in what is planned.</p>
      ) : (
        <Table
          caption="Hard days"
          head={[
            'Day',
            'Who',
            { text: 'Hand sanding', right: true },
            { text: 'Overhead', right: true },
            'Change places with',
          ]}
        >
          {strain.map((day) => (
            <tr key={`${day.person}${day.date}`} className="border-b border-line">
              <td className="py-[3px] pr-3 whitespace-nowrap">{date(day.date)}</td>
              <td className="pr-3">{day.name}</td>
              <td
                className={`pr-3 text-right tabular-nums ${day.handSandingMin > usualStrain.handSandingMin ? 'font-semibold text-caution' : ''}`}
              >
                {span(day.handSandingMin)}
              </td>
              <td
                className={`pr-3 text-right tabular-nums ${day.overheadMin > usualStrain.overheadMin ? 'font-semibold text-caution' : ''}`}
              >
                {span(day.overheadMin)}
              </td>
              <td>{day.reliefName ?? 'nobody who can: a shorter day, or two days of it'}</td>
            </tr>
          ))}
        </Table>
      )}
      <h2 className="pt-5 pb-1 font-semibold">While it dries</h2>
      {waiting.length === 0 && <p className="text-quiet">No long wait lies ahead.</p>}
      {waiting.map((wait) => (
        <section key={wait.step} aria-label={`${wait.name}, ${wait.subject}`} className="pb-3">
          <h3>
            <span className="font-semibold">{wait.name}</span>, {wait.subject}: {moment(wait.from, locale)} to{' '}
            {moment(wait.to, locale)}
          </h3>
          {wait.free.length === 0 ? (
            <p className="text-quiet">Nothing else is unblocked then.</p>
          ) : (
            <ul className="list-disc pl-5">
              {wait.free.map((one) => (
                <li key={`${one.job}${one.step}`}>
                  {one.job} {one.name}, {one.subject}: {hours(one.personMinutes)} h{' '}
                  <span className="text-quiet">planned {moment(one.planned, locale)}</span>
                </li>
              ))}
            </ul>
          )}
        </section>
      ))}
    </>
  );
}
