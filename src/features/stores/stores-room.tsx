import type { Plan } from '@/core/plan';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { amount, date, day, money, type Locale } from '../words/format';

const kinds: Record<string, string> = {
  coating: 'Coatings',
  filler: 'Fillers and sealers',
  chemical: 'Chemicals',
  abrasive: 'Abrasives',
  masking: 'Masking',
  wipe: 'Wipes',
  kit: 'Kit',
};

/** What is still to buy: need, whole packs, price, the day it is needed and the day to order. */
export function StoresRoom({
  plan,
  locale,
  sessions,
  today,
}: {
  today: string;
  plan: Pick<Plan, 'shopping' | 'quote' | 'budgets'>;
  locale: Locale;
  sessions: { name: string; product: string; readyL: number; batches: number; batchLimitL: number }[];
}) {
  const { shopping, quote, budgets } = plan;
  const total = shopping.reduce((sum, line) => sum + (line.buy?.costMinor ?? 0), 0);
  return (
    <>
      <Room
        title="Stores"
        aside={
          <span className="text-quiet">
            {shopping.length} lines, {money(total, locale, 2)} in whole packs
          </span>
        }
      >
        {shopping.length === 0 && <Empty>Nothing is left to buy: every step of this job is done.</Empty>}
        {shopping.length > 0 && (
          <Table
            caption="Shopping list"
            head={[
              'Product',
              'Kind',
              { text: 'Need', right: true },
              'Packs',
              { text: 'Price', right: true },
              'Needed',
              'Order by',
            ]}
          >
            {shopping.map((line) => (
              <tr key={line.product} className="border-b border-line">
                <td className="py-[3px] pr-3">{line.name}</td>
                <td className="pr-3 text-quiet">{kinds[line.kind] ?? line.kind}</td>
                <td className="pr-3 text-right">{amount(line.need, line.unit)}</td>
                <td className="pr-3">
                  {line.buy
                    ? line.buy.packs
                        .map((pack) => `${pack.count} × ${amountOfPack(pack.size, line.unit)}`)
                        .join(' + ')
                    : 'no pack on the shelf'}
                </td>
                <td className="pr-3 text-right">{line.buy ? money(line.buy.costMinor, locale, 2) : '–'}</td>
                <td className="pr-3 whitespace-nowrap">{day(line.neededBy, locale)}</td>
                <td className="whitespace-nowrap">
                  {date(line.orderBy)}
                  {line.orderBy < today && <span className="font-semibold text-caution"> late</span>}
                </td>
              </tr>
            ))}
          </Table>
        )}
      </Room>
      <InspectorPanel title="Money" subtitle="materials ex tax; the quote apart">
        <Part title="Materials">
          <Fact label="Used">{money(budgets.materialsMinor.used, locale, 2)}</Fact>
          <Fact label="Expected in all, at unit price">
            {money(budgets.materialsMinor.planned, locale, 2)}
          </Fact>
          <Fact label="Committed, in whole packs">{money(budgets.materialsMinor.committed, locale, 2)}</Fact>
          {budgets.materialsMinor.cap > 0 && (
            <Fact label="Cap">{money(budgets.materialsMinor.cap, locale, 2)}</Fact>
          )}
        </Part>
        <Part title="Quote">
          <Fact label="Labour">{money(quote.labourMinor, locale, 2)}</Fact>
          <Fact label="Materials">{money(quote.materialsMinor, locale, 2)}</Fact>
          <Fact label="Booth">{money(quote.boothMinor, locale, 2)}</Fact>
          <Fact label="Tax">{money(quote.taxMinor, locale, 2)}</Fact>
          <Fact label={<strong>Gross</strong>}>
            <strong>{money(quote.grossMinor, locale, 2)}</strong>
          </Fact>
        </Part>
        <Part title="Ready mix by session">
          {sessions.map((one) => (
            <Fact key={`${one.name}${one.product}`} label={`${one.product}, ${one.name}`}>
              {amount(one.readyL, 'L')}
              {one.batches > 1 && ` in ${one.batches}`}
            </Fact>
          ))}
          <p className="text-small text-quiet">
            Net need × 1.1, 0.05 L a batch and 0.15 L a session on top; the maker’s sheet comes first.
          </p>
        </Part>
      </InspectorPanel>
    </>
  );
}

const amountOfPack = (size: number, unit: string): string =>
  unit === 'each' ? `pack of ${size}` : `${size} ${unit}`;
