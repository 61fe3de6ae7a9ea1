import { quotedWay, type Offer, type OfferWay } from '@/core/offer';
import { Table } from '@/ui/layout';
import { date, money, type Locale } from '../words/format';

/** A quote beside the other ways it was weighed against: levels, coats, hours, price, day. */
export function WaysTable({ offer, locale }: { offer: Offer; locale: Locale }) {
  if (offer.ways.length === 0) return null;
  const ways = [quotedWay(offer), ...offer.ways];
  const names = [...new Set(ways.flatMap((way) => way.sections.map((one) => one.name)))];
  const of = (way: OfferWay, name: string) => way.sections.find((one) => one.name === name);
  const row = (label: string, cell: (way: OfferWay) => string) => (
    <tr key={label} className="border-b border-line tabular-nums">
      <td className="py-[2px] pr-3">{label}</td>
      {ways.map((way) => (
        <td key={way.name} className="pr-3">
          {cell(way)}
        </td>
      ))}
    </tr>
  );
  return (
    <>
      <h3 className="pt-4 font-semibold">Ways side by side</h3>
      <Table caption="Ways side by side" head={['', ...ways.map((way) => way.name)]}>
        {names.map((name) =>
          row(name, (way) => {
            const own = of(way, name);
            return own ? `${own.level}, ${own.coats} coats` : '–';
          }),
        )}
        {row('Labour', (way) => `${Math.round(way.hours)} h`)}
        {row('Warranty', (way) => way.warranty.map((one) => `${one.months} months`).join(', ') || '–')}
        {row('Ready', (way) => (way.readyOn === null ? '–' : date(way.readyOn)))}
        {row('Net', (way) => money(way.netMinor, locale, 2))}
        {row('To pay', (way) => money(way.grossMinor, locale, 2))}
      </Table>
      <p className="text-quiet">
        This quote is for the first. Another way is chosen by another quote, planned and priced in full.
      </p>
    </>
  );
}
