import { yard, type FloorStay } from '@/core/readings/floor';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { moment, span, type Locale } from '../words/format';
import type { BaysProps } from './bays-props';
import { BoothHours } from './booth-hours';
import { BakeOutdoors, LooseOnRacks, TurnedOver } from './floor-parts';
import type { AirClash } from '@/core/readings/rooms';

const zoneWords: Record<string, string> = {
  stripping: 'stripping, dirtiest',
  sanding: 'sanding',
  clean: 'clean',
  spray: 'spray',
};
const heading = 'pt-5 pb-1 font-semibold';

/** The floor: where this vehicle stands from arrival to end, who must move first, and where dust meets open film. */
export function FloorView({ floor, resourceNames, locale, job }: BaysProps) {
  const place = (id: string) => (id === yard ? 'yard' : (resourceNames[id] ?? id));
  const { chain, moves, yardFull, clashes, cleanings, zones } = floor;
  return (
    <>
      {yardFull && (
        <Notice grade="caution">
          from {moment(yardFull.at, locale)} the yard is too small: {yardFull.jobs.join(', ')} need{' '}
          {Math.ceil(yardFull.neededM2)} m² with room to walk round, it has {Math.floor(yardFull.yardM2)} m²
        </Notice>
      )}
      <div className="grid grid-cols-2 items-start gap-8">
        <WhereItStands job={job} chain={chain} locale={locale} place={place} />
        <div>
          <MovesFirst moves={moves} locale={locale} place={place} />
          <section aria-label="Rooms and their air">
            <h2 className={heading}>Rooms and their air</h2>
            <Table caption="Zones" head={['Room', 'Kept for', 'Shares air with']}>
              {zones.map((one) => (
                <tr key={one.id} className="border-b border-line">
                  <td className="py-[3px] pr-3">{one.name}</td>
                  <td className="pr-3">{one.zone ? zoneWords[one.zone] : '–'}</td>
                  <td>{one.airWith.join(', ') || '–'}</td>
                </tr>
              ))}
            </Table>
            <p className="pt-1 text-small text-quiet">Changed in Shop, People and places.</p>
          </section>
          <TurnedOver floor={floor} locale={locale} placeOf={place} />
          <BakeOutdoors floor={floor} locale={locale} placeOf={place} />
        </div>
      </div>
      <LooseOnRacks floor={floor} locale={locale} placeOf={place} />
      <h2 className={heading}>Hours of the booth</h2>
      <BoothHours weeks={floor.boothWeeks} placeOf={place} locale={locale} />
      <h2 className={heading}>Dust beside open film</h2>
      {clashes.length === 0 ? (
        <p className="text-quiet">No dusty work is planned in the air of an open film.</p>
      ) : (
        <ClashTable clashes={clashes} locale={locale} place={place} />
      )}
      <h2 className={heading}>Clean between</h2>
      {cleanings.length === 0 ? (
        <Empty>No room goes from dust to film.</Empty>
      ) : (
        <Table caption="Cleanings" head={['Before', 'Room', 'After', 'For', 'How']}>
          {cleanings.map((one) => (
            <tr key={`${one.place}${one.before.from}`} className="border-b border-line">
              <td className="py-[3px] pr-3 whitespace-nowrap">{moment(one.before.from, locale)}</td>
              <td className="pr-3">{place(one.place)}</td>
              <td className="pr-3">
                {one.after.job} {one.after.name}
              </td>
              <td className="pr-3">
                {one.before.job} {one.before.name}
              </td>
              <td>{one.full ? 'full clean: another vehicle’s dust' : 'vacuum and wipe down'}</td>
            </tr>
          ))}
        </Table>
      )}
    </>
  );
}

/** The places of this vehicle, one after the other. */
function WhereItStands({
  job,
  chain,
  locale,
  place,
}: {
  job: string;
  chain: FloorStay[];
  locale: Locale;
  place(id: string): string;
}) {
  return (
    <section aria-label="Where it stands">
      <h2 className="pb-1 font-semibold">Where {job} stands</h2>
      <Table
        caption="Places one after the other"
        head={['From', 'To', 'Place', { text: 'For', right: true }]}
      >
        {chain.map((stay) => (
          <tr key={`${stay.place}${stay.from}`} className="border-b border-line">
            <td className="py-[3px] pr-3 whitespace-nowrap">{moment(stay.from, locale)}</td>
            <td className="pr-3 whitespace-nowrap">{moment(stay.to, locale)}</td>
            <td className={stay.place === yard ? 'pr-3 text-quiet' : 'pr-3 font-semibold'}>
              {place(stay.place)}
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{span(stay.to - stay.from)}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

/** Which vehicle has to make room. */
function MovesFirst({
  moves,
  locale,
  place,
}: {
  moves: BaysProps['floor']['moves'];
  locale: Locale;
  place(id: string): string;
}) {
  return (
    <section aria-label="What must move first">
      <h2 className="pb-1 font-semibold">What must move first</h2>
      {moves.length === 0 ? (
        <p className="text-quiet">No vehicle stands in the way of another.</p>
      ) : (
        <Table caption="Moves" head={['By', 'Place', 'Out', 'In']}>
          {moves.map((move) => (
            <tr key={`${move.place}${move.at}${move.in}`} className="border-b border-line">
              <td className="py-[3px] pr-3 whitespace-nowrap">{moment(move.at, locale)}</td>
              <td className="pr-3">{place(move.place)}</td>
              <td className="pr-3">
                {move.out}
                <span className="text-quiet">
                  {' '}
                  {move.outTo === null ? 'leaves' : `to ${place(move.outTo)}`}
                </span>
              </td>
              <td>{move.in}</td>
            </tr>
          ))}
        </Table>
      )}
    </section>
  );
}

/** Dusty work planned in the air of a film that is still open. */
function ClashTable({
  clashes,
  locale,
  place,
}: {
  clashes: AirClash[];
  locale: Locale;
  place(id: string): string;
}) {
  return (
    <Table caption="Dust beside open film" head={['From', 'To', 'Dust', 'Film', '']}>
      {clashes.map((clash) => (
        <tr
          key={`${clash.dusty.job}${clash.dusty.step}${clash.open.job}${clash.from}`}
          className="border-b border-line"
        >
          <td className="py-[3px] pr-3 whitespace-nowrap">{moment(clash.from, locale)}</td>
          <td className="pr-3 whitespace-nowrap">{moment(clash.to, locale)}</td>
          <td className="pr-3">
            {clash.dusty.job} {clash.dusty.name}, {place(clash.dusty.place)}
          </td>
          <td className="pr-3">
            {clash.open.job} {clash.open.name}, {place(clash.open.place)}
          </td>
          <td className="text-caution">move one, or keep the door shut</td>
        </tr>
      ))}
    </Table>
  );
}
