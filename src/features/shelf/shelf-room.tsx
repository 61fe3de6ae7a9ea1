import { mixedVolumeSolids, type Product } from '@/core/film';
import { InspectorPanel } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import { micrometres, money, span, type Locale } from '../words/format';

/** Products with the figures of their sheets and their packs. */
export function ShelfRoom({ products, locale }: { products: readonly Product[]; locale: Locale }) {
  return (
    <>
      <Room title="Shelf" aside={<span className="text-quiet">{products.length} products</span>}>
        {products.length === 0 && <Empty>The shelf is empty.</Empty>}
        <Table
          caption="Products"
          head={[
            'Product',
            'Mix',
            { text: 'Solids', right: true },
            { text: 'Dry film', right: true },
            { text: 'Flash', right: true },
            { text: 'Sand after', right: true },
            { text: 'Recoat to', right: true },
            { text: 'Pot life', right: true },
            'Packs',
          ]}
        >
          {products.map((product) => {
            const sheet = product.coating;
            return (
              <tr key={product.code} id={product.code} className="border-b border-line target:bg-raised">
                <td className="py-[3px] pr-3">{product.name}</td>
                <td className="pr-3">
                  {sheet ? (
                    sheet.mix.map((part) => part.parts).join(':')
                  ) : (
                    <span className="text-quiet">{product.kind}</span>
                  )}
                </td>
                <td className="pr-3 text-right">
                  {sheet ? `${(100 * mixedVolumeSolids(sheet.mix)).toFixed(0)} %` : ''}
                </td>
                <td className="pr-3 text-right">{sheet ? micrometres(sheet.dryUm) : ''}</td>
                <td className="pr-3 text-right">{sheet ? span(sheet.flashMin) : ''}</td>
                <td className="pr-3 text-right">{sheet ? span(sheet.sandAfterMin) : ''}</td>
                <td className="pr-3 text-right">
                  {sheet ? (sheet.recoatMaxMin === null ? 'open' : span(sheet.recoatMaxMin)) : ''}
                </td>
                <td className="pr-3 text-right">
                  {sheet ? (sheet.potLifeMin === null ? '–' : span(sheet.potLifeMin)) : ''}
                </td>
                <td className="whitespace-nowrap">
                  {product.packs
                    .map(
                      (pack) =>
                        `${pack.size} ${product.unit === 'each' ? 'pcs' : product.unit} ${money(pack.priceMinor, locale, 2)}`,
                    )
                    .join(', ')}
                </td>
              </tr>
            );
          })}
        </Table>
      </Room>
      <InspectorPanel title="Working defaults">
        <p>
          Times at 20 °C. The figures stand in the middle of what data sheets of each type say; prices are
          invented.
        </p>
        <p className="pt-2">The maker’s data sheet, local rules and licensed practice come first.</p>
        <p className="pt-2 text-quiet">
          Products come in with job bundles; they are not edited on this screen yet.
        </p>
      </InspectorPanel>
    </>
  );
}
