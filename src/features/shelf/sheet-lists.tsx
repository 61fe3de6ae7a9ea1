'use client';

import { X } from 'lucide-react';
import { readySolids, type CoatingSheet, type MixPart, type Pack } from '@/core/film';
import { readQuantity, typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import type { Locale } from '../words/format';
import { productEdit, type SeenProduct } from './product-edit';
import { useOpen } from '../frame/who';

const replaced = <T,>(list: readonly T[], at: number, set: Partial<T>): T[] =>
  list.map((one, i) => (i === at ? { ...one, ...set } : one));

const volume = (text: string) => {
  const read = readQuantity(text, 'volume');
  return read.status === 'ok' ? read.value : NaN;
};

/** Packs with their prices; a pack may hold one part of the mix only. */
export function PacksEditor({ product, locale }: { product: SeenProduct; locale: Locale }) {
  const live = useOpen('product');
  const { save } = useSaving();
  const edit = (packs: Pack[]) => productEdit(product, { packs });
  const isLiquid = product.unit === 'L';
  return (
    <Part title={`Packs, ${product.unit} and ${locale.currency}`}>
      {product.packs.map((pack, i) => (
        <div key={i} className="flex items-center gap-1 py-[2px]">
          <EditText
            label={`Size of pack ${i + 1}`}
            quiet
            className="w-20 text-right"
            value={String(pack.size)}
            check={(text) =>
              isLiquid && Number.isNaN(volume(text)) ? 'litres, or a figure with oz, qt or gal' : null
            }
            toEdit={(text) =>
              edit(
                replaced(product.packs, i, {
                  size: isLiquid ? volume(text) : typedFigure(text),
                }),
              )
            }
          />
          <EditText
            label={`Price of pack ${i + 1}`}
            quiet
            className="w-20 text-right"
            value={(pack.priceMinor / 100).toFixed(2)}
            check={(text) => (Number(text) >= 0 ? null : 'a price of at least 0')}
            toEdit={(text) =>
              edit(replaced(product.packs, i, { priceMinor: Math.round(Number(text) * 100) }))
            }
          />
          <span className="flex-1 text-small text-quiet">{pack.part ?? (product.coating ? 'kit' : '')}</span>
          <button
            type="button"
            aria-label={`Remove pack ${i + 1}`}
            disabled={!live}
            onClick={() => void save(edit(product.packs.filter((_, j) => j !== i)))}
          >
            <X size={14} aria-hidden="true" />
          </button>
        </div>
      ))}
      <Button
        disabled={!live}
        onClick={() => void save(edit([...product.packs, { size: 1, priceMinor: 0, part: null }]))}
      >
        Add a pack
      </Button>
    </Part>
  );
}

const figureCheck = (text: string) => (Number.isFinite(Number(text)) ? null : 'a figure is wanted');

/** Parts of the mix with their solids and densities. */
export function MixEditor({ product, sheet }: { product: SeenProduct; sheet: CoatingSheet }) {
  const edit = (mix: MixPart[]) => productEdit(product, { coating: { ...sheet, mix } });
  const cell = (part: MixPart, i: number, key: 'parts' | 'volumeSolids' | 'densityKgL', label: string) => (
    <td>
      <EditText
        label={`${label} of ${part.label}`}
        quiet
        className="w-16 text-right"
        value={part[key] === null ? '' : String(part[key])}
        check={figureCheck}
        toEdit={(text) =>
          edit(replaced(sheet.mix, i, { [key]: text === '' && key === 'densityKgL' ? null : Number(text) }))
        }
      />
    </td>
  );
  return (
    <Part title={`Mix by ${sheet.mixBy}, ${(100 * readySolids(sheet)).toFixed(0)} % solids ready`}>
      <table className="w-full">
        <caption className="sr-only">Parts of the mix</caption>
        <thead>
          <tr className="text-left text-small text-quiet">
            <th scope="col">Part</th>
            <th scope="col">parts</th>
            <th scope="col">solids 0–1</th>
            <th scope="col">kg/L</th>
          </tr>
        </thead>
        <tbody>
          {sheet.mix.map((part, i) => (
            <tr key={i}>
              <td>{part.label}</td>
              {cell(part, i, 'parts', 'Parts')}
              {cell(part, i, 'volumeSolids', 'Volume solids')}
              {cell(part, i, 'densityKgL', 'Density')}
            </tr>
          ))}
        </tbody>
      </table>
    </Part>
  );
}
