'use client';

import { X } from 'lucide-react';
import type { CoatingSheet, SheetPoint } from '@/core/film';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Figure, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { productEdit, type SeenProduct } from './product-edit';
import { Time, Whole } from './sheet-fields';
import { useOpen } from '../frame/who';

const edited = [
  ['Pot life', 'potLifeMin', true],
  ['Flash', 'flashMin', false],
  ['Recoat to', 'recoatMaxMin', true],
  ['Sand after', 'sandAfterMin', false],
  ['Tape after', 'tapeAfterMin', true],
] as const;

/** Times that the sheet states at further temperatures, and its bake; between two points times are interpolated. */
export function SheetPoints({ product, sheet }: { product: SeenProduct; sheet: CoatingSheet }) {
  const live = useOpen('product');
  const { save } = useSaving();
  const send = useSent();
  const edit = (set: Partial<CoatingSheet>) => productEdit(product, { coating: { ...sheet, ...set } });
  const points = (morePoints: SheetPoint[]) => edit({ morePoints });
  const add = (airC: number) => {
    const { potLifeMin, flashMin, dustFreeMin, recoatMinMin, recoatMaxMin } = sheet;
    const { sandAfterMin, tapeAfterMin, handleAfterMin, fullCureMin } = sheet;
    const times = {
      potLifeMin,
      flashMin,
      dustFreeMin,
      recoatMinMin,
      recoatMaxMin,
      sandAfterMin,
      tapeAfterMin,
      handleAfterMin,
      fullCureMin,
    };
    return send(points([...sheet.morePoints, { airC, ...times }]));
  };
  return (
    <>
      {sheet.morePoints.map((point, i) => (
        <Part key={point.airC} title={`Times at ${point.airC} °C`}>
          {edited.map(([label, key, none]) => (
            <Time
              key={key}
              label={`${label} at ${point.airC} °C`}
              value={point[key]}
              none={none}
              toEdit={(value) =>
                points(sheet.morePoints.map((one, j) => (j === i ? { ...one, [key]: value } : one)))
              }
            />
          ))}
          <button
            type="button"
            disabled={!live}
            className="flex items-center gap-1 underline"
            onClick={() => void save(points(sheet.morePoints.filter((_, j) => j !== i)))}
          >
            <X size={14} aria-hidden="true" /> remove this temperature
          </button>
        </Part>
      ))}
      <Part title="Another temperature, and bake">
        <EntryForm
          deed="product"
          className="flex flex-wrap items-center gap-2 pb-1"
          start={{ airC: '' }}
          send={(typed) => add(typedFigure(typed.airC))}
        >
          {(form) => (
            <>
              <Figure
                form={form}
                name="airC"
                label="Further temperature of the sheet, °C"
                className="w-16 text-right"
                required
              />
              °C
              <Button type="submit">Add times</Button>
            </>
          )}
        </EntryForm>
        <Whole
          label="Bake, °C metal"
          value={sheet.bake?.metalC ?? null}
          none
          toEdit={(metalC) =>
            edit({ bake: metalC === null ? null : { metalC, minutes: sheet.bake?.minutes ?? 30 } })
          }
        />
        {sheet.bake && (
          <Whole
            label="Bake, minutes"
            value={sheet.bake.minutes}
            toEdit={(minutes) => edit({ bake: { ...sheet.bake!, minutes: minutes! } })}
          />
        )}
      </Part>
    </>
  );
}
