import { readySolids, type Product } from '@/core/film';
import { Table } from '@/ui/layout';
import { micrometres, money, span, type Locale } from '../words/format';

interface ListProps {
  products: readonly (Product & { ratio: string })[];
  picked: string | null;
  onPick(code: string): void;
  locale: Locale;
}

const packsText = (product: Product, locale: Locale) =>
  product.packs
    .map(
      (pack) =>
        `${pack.size} ${product.unit === 'each' ? 'pcs' : product.unit}${pack.part ? ` ${pack.part}` : ''} ${money(pack.priceMinor, locale, 2)}`,
    )
    .join(', ');

function Name({ product, onPick }: { product: Product; onPick(code: string): void }) {
  return (
    <button
      type="button"
      className="text-left underline underline-offset-2"
      onClick={() => onPick(product.code)}
    >
      {product.name}
    </button>
  );
}

/** Coatings with the figures one looks up most. */
export function Coatings({ products, picked, onPick, locale }: ListProps) {
  return (
    <Table
      caption="Coatings"
      head={[
        'Product',
        'Mix',
        { text: 'Solids', right: true },
        { text: 'Film a coat', right: true },
        { text: 'Flash', right: true },
        { text: 'Sand after', right: true },
        { text: 'Recoat to', right: true },
        { text: 'Pot life', right: true },
        { text: 'VOC', right: true },
        'Packs',
      ]}
    >
      {products.map((product) => {
        const sheet = product.coating!;
        return (
          <tr
            key={product.code}
            id={product.code}
            className={`border-b border-line align-top ${product.code === picked ? 'bg-raised' : ''}`}
          >
            <td className="py-[3px] pr-3">
              <Name product={product} onPick={onPick} />
            </td>
            <td className="pr-3">{product.ratio}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {(100 * readySolids(sheet)).toFixed(0)} %
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{micrometres(sheet.dryUm)}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{span(sheet.flashMin)}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">{span(sheet.sandAfterMin)}</td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {sheet.recoatMaxMin === null ? 'open' : span(sheet.recoatMaxMin)}
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {sheet.potLifeMin === null ? '–' : span(sheet.potLifeMin)}
            </td>
            <td className="pr-3 text-right whitespace-nowrap tabular-nums">
              {sheet.vocGL === null ? '–' : sheet.vocGL}
            </td>
            <td className="text-small">{packsText(product, locale)}</td>
          </tr>
        );
      })}
    </Table>
  );
}

/** Everything else on the shelf. */
export function Goods({ products, picked, onPick, locale }: ListProps) {
  return (
    <Table
      caption="Goods"
      head={[
        'Product',
        'Packs',
        { text: 'Lead, days', right: true },
        { text: 'Keeps, days', right: true },
        'Hazards',
      ]}
    >
      {products.map((product) => (
        <tr
          key={product.code}
          id={product.code}
          className={`border-b border-line ${product.code === picked ? 'bg-raised' : ''}`}
        >
          <td className="py-[3px] pr-3">
            <Name product={product} onPick={onPick} />
          </td>
          <td className="pr-3">{packsText(product, locale)}</td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">
            {product.leadDays}
            {product.leadIn === 'open' && ' open'}
          </td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">
            {product.shelfLifeDays ?? 'no limit'}
          </td>
          <td>{product.hazards.join(', ')}</td>
        </tr>
      ))}
    </Table>
  );
}
