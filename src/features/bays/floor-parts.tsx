import { Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { moment, span } from '../words/format';
import type { BaysProps } from './bays-props';

type Given = Pick<BaysProps, 'floor' | 'locale'> & { placeOf(id: string): string };
const heading = 'pt-5 pb-1 font-semibold';
const figure = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1 });

/** When the body lies upside down, and whether the room is high and wide enough to turn it. */
export function TurnedOver({ floor: { turned }, locale, placeOf }: Given) {
  return (
    <section aria-label="Turned over">
      <h2 className={heading}>Turned over</h2>
      {turned.length === 0 ? (
        <p className="text-quiet">
          The body stays the right way up. A step “Turn the shell or hull over” is added in Steps.
        </p>
      ) : (
        <ul>
          {turned.map((one) => (
            <li key={one.from} className="border-b border-line py-1">
              <p>
                upside down from {moment(one.from, locale)}{' '}
                {one.to === null ? 'to the end' : `to ${moment(one.to, locale)}`}
                {one.place ? `, turned in ${placeOf(one.place)}` : ', turned in the yard'}
              </p>
              <p className="text-small text-quiet">
                {one.clearM > 0
                  ? `needs ${figure.format(one.clearM)} m free in height and width while it turns`
                  : 'width and height are not known'}
              </p>
              {one.fits === false && (
                <Notice grade="stop">the room is too low or too narrow to turn it about its long axis</Notice>
              )}
              {one.to === null && <Notice grade="caution">no step turns it back</Notice>}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Panels that are off, and the floor they take on racks. */
export function LooseOnRacks({ floor: { loose, racks }, locale }: Given) {
  return (
    <section aria-label="Parts off the vehicles">
      <h2 className={heading}>Parts off the vehicles</h2>
      {racks.full && (
        <Notice grade="caution">
          from {moment(racks.full.at, locale)} parts of {racks.full.jobs.join(', ')} take{' '}
          {figure.format(racks.full.neededM2)} m² on racks, the bench rooms have {figure.format(racks.roomM2)}{' '}
          m² for them
        </Notice>
      )}
      {loose.length === 0 ? (
        <p className="text-quiet">Nothing is off a vehicle.</p>
      ) : (
        <Table
          caption="Parts off"
          head={[
            'Job',
            'Parts',
            'Off from',
            'Fitted again',
            { text: 'Area', right: true },
            { text: 'Racks', right: true },
          ]}
        >
          {loose.map((one) => (
            <tr key={`${one.job}${one.section}`} className="border-b border-line">
              <td className="py-[3px] pr-3">{one.job}</td>
              <td className="pr-3">
                {one.section}, {one.panels}
              </td>
              <td className="pr-3 whitespace-nowrap">{moment(one.from, locale)}</td>
              <td className="pr-3 whitespace-nowrap">{moment(one.to, locale)}</td>
              <td className="pr-3 text-right whitespace-nowrap tabular-nums">
                {figure.format(one.areaM2)} m²
              </td>
              <td className="text-right whitespace-nowrap tabular-nums">{figure.format(one.floorM2)} m²</td>
            </tr>
          ))}
        </Table>
      )}
      <p className="pt-1 text-small text-quiet">
        Racks: 0.35 m² of floor for each m² of panel, hung upright; half of a bench room is for them.
      </p>
    </section>
  );
}

/** Cures that would be over sooner in an outdoor place. */
export function BakeOutdoors({ floor: { bakes, hasOutdoors }, locale, placeOf }: Given) {
  return (
    <section aria-label="Bake outdoors">
      <h2 className={heading}>Bake outdoors</h2>
      {!hasOutdoors ? (
        <p className="text-quiet">No place is marked outdoors in Shop.</p>
      ) : bakes.length === 0 ? (
        <p className="text-quiet">No cure ahead would be over sooner outdoors by half a shift.</p>
      ) : (
        <ul>
          {bakes.map((one) => (
            <li key={one.step} className="border-b border-line py-1">
              {one.productName}, from {moment(one.from, locale)}: {span(one.outdoorsMin)} in{' '}
              {placeOf(one.place)} instead of {span(one.plannedMin)}
            </li>
          ))}
        </ul>
      )}
      {bakes.length > 0 && (
        <p className="pt-1 text-small text-quiet">
          By the typed air of that place, nights included. Only once it is dust-free, dry weather, and the
          vehicle can be moved; the data sheet comes first.
        </p>
      )}
    </section>
  );
}
