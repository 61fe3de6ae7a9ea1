import { Table } from '@/ui/layout';
import { date, hours, moment, span, type Locale } from '../words/format';
import type { BaysProps } from './bays-props';
import type { Collision } from '@/core/readings/collisions';
import type { Waiting } from '@/core/readings/waiting';
import { counted } from '../words/counted';

/** The people behind the calendar: days too hard on somebody, and what to do while something dries. */
export function CrewView({ crew, locale }: BaysProps) {
  const { strain, limits, waiting, scarce, collisions } = crew;
  return (
    <>
      <h2 className="pb-1 font-semibold">Hard days</h2>
      <p className="pb-1 text-quiet">
        More than {span(limits.handSandingMin)} of hand sanding, {span(limits.machineMin)} with a machine or{' '}
        {span(limits.overheadMin)} overhead for one person in a day. Changing places at midday keeps all
        under.
      </p>
      {strain.length === 0 ? (
        <p className="text-quiet">Nobody is over in what is planned.</p>
      ) : (
        <Table
          caption="Hard days"
          head={['Day', 'Hand sanding', 'Machine', 'Overhead', 'Could change places']}
        >
          {[...byDay(strain)].map(([day, own]) => (
            <tr key={day} className="border-b border-line align-top">
              <td className="py-[3px] pr-3 whitespace-nowrap">{date(day)}</td>
              <td className="pr-3">{overWords(own, (one) => one.handSandingMin, limits.handSandingMin)}</td>
              <td className="pr-3">{overWords(own, (one) => one.machineMin, limits.machineMin)}</td>
              <td className="pr-3">{overWords(own, (one) => one.overheadMin, limits.overheadMin)}</td>
              <td>
                {[...new Set(own.flatMap((one) => one.reliefName ?? []))].join(', ') ||
                  'nobody who can: a shorter day, or two days of it'}
              </td>
            </tr>
          ))}
        </Table>
      )}
      <h2 className="pt-5 pb-1 font-semibold">On one section at once</h2>
      {collisions.length === 0 ? (
        <p className="text-quiet">No two crews are planned on one section at the same time.</p>
      ) : (
        <CollisionTable collisions={collisions} locale={locale} />
      )}
      <h2 className="pt-5 pb-1 font-semibold">The strong hand</h2>
      <p className="pb-1 text-quiet">Risky steps that one or two people can do, and the slip they bear.</p>
      {scarce.length === 0 ? (
        <p className="text-quiet">No risky step ahead hangs on one or two people.</p>
      ) : (
        <Table caption="The strong hand" head={['Step', 'Planned', 'Who', 'May slip']}>
          {scarce.map((one) => (
            <tr key={one.step} className="border-b border-line">
              <td className="py-[3px] pr-3">
                {one.name}, {one.subject}
              </td>
              <td className="pr-3 whitespace-nowrap">{moment(one.start, locale)}</td>
              <td className="pr-3">{one.able.join(' or ')}</td>
              <td className={one.spareDays !== null && one.spareDays < 3 ? 'font-semibold text-caution' : ''}>
                {one.spareDays === null
                  ? 'nobody is away then'
                  : `${counted(Math.max(0, one.spareDays), 'day')}, then not before ${one.backOn ? date(one.backOn) : 'anybody is back'}`}
              </td>
            </tr>
          ))}
        </Table>
      )}
      <h2 className="pt-5 pb-1 font-semibold">While it dries</h2>
      {waiting.length === 0 && <p className="text-quiet">No long wait lies ahead.</p>}
      {waiting.map((wait) => (
        <FreeWork key={wait.step} wait={wait} locale={locale} />
      ))}
    </>
  );
}

/** Two crews planned on one section at the same time. */
function CollisionTable({
  collisions,
  locale,
}: {
  collisions: (Collision & { firstName: string; secondName: string })[];
  locale: Locale;
}) {
  return (
    <Table caption="On one section at once" head={['From', 'To', 'One', 'The other', '']}>
      {collisions.map((one) => (
        <tr key={`${one.first}${one.second}`} className="border-b border-line">
          <td className="py-[3px] pr-3 whitespace-nowrap">{moment(one.from, locale)}</td>
          <td className="pr-3 whitespace-nowrap">{moment(one.to, locale)}</td>
          <td className="pr-3">{one.firstName}</td>
          <td className="pr-3">{one.secondName}</td>
          <td className={one.excluded ? 'font-semibold text-caution' : 'text-quiet'}>
            {one.excluded ? 'not side by side: pin one of them' : 'share it by side'}
          </td>
        </tr>
      ))}
    </Table>
  );
}

/** What else can be done during one wait. */
function FreeWork({ wait, locale }: { wait: Waiting; locale: Locale }) {
  return (
    <section aria-label={`${wait.name}, ${wait.subject}`} className="pb-3">
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
  );
}

type Hard = BaysProps['crew']['strain'][number];

function byDay(strain: readonly Hard[]): Map<string, Hard[]> {
  const days = new Map<string, Hard[]>();
  for (const one of strain) days.set(one.date, [...(days.get(one.date) ?? []), one]);
  return days;
}

/** Those over a limit with their time: Jun 9 h, Sal 7 h 29. */
const overWords = (own: readonly Hard[], minutes: (one: Hard) => number, limit: number): string =>
  own
    .filter((one) => minutes(one) > limit)
    .map((one) => `${one.name} ${span(minutes(one))}`)
    .join(', ') || '–';
