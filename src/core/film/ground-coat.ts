import { hidingOver, type LaidColour } from './ground';
import type { Product } from './product';

/** Sealers are sprayed in the session of the colour, so one in another shade makes its ground coat. */
export const isGroundCoat = ({ coating }: Product): boolean => coating?.family === 'sealer';

/**
 * The ground coat on the shelf over which a colour hides in the fewest coats; of equal ones that which shows least.
 * @returns null where none hides it, or the colour hides nothing by its nature
 */
export function bestGroundCoat(
  asked: LaidColour,
  shelf: Iterable<Product>,
): { product: Product; coats: number; leftAfter: number } | null {
  const found = [...shelf].filter(isGroundCoat).flatMap((product) => {
    const shadeL = product.coating?.shadeL ?? null;
    const row =
      shadeL === null
        ? null
        : hidingOver(asked, {
            key: product.code,
            name: product.name,
            l: shadeL,
            hex: null,
          });
    return row?.coats ? [{ product, coats: row.coats, leftAfter: row.leftAfter }] : [];
  });
  return found.sort((a, b) => a.coats - b.coats || a.leftAfter - b.leftAfter)[0] ?? null;
}
