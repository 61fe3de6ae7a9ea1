'use client';

import type { ConstructionKind, ConstructionShape, LaidLine } from '@/core/record';
import { Button } from '@/ui/button';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import type { LayoutProps } from './layout-props';
import { kindNames } from '../words/scheme-words';

/** A shape to start from, at a height where it can be seen. */
function firstShape(kind: string, heightMm: number): ConstructionShape {
  const line: LaidLine = {
    datum: 'base',
    panel: '',
    fairing: 'straight',
    stations: [{ atMm: 0, mm: heightMm }],
  };
  switch (kind) {
    case 'field':
      return { kind, line, side: 'below' };
    case 'stripes':
      return { kind, line, widthsMm: [40, 12], gapsMm: [12] };
    case 'box':
      return { kind, line, atMm: 600, lengthMm: 900, heightMm: 300, letters: '' };
    default:
      return {
        kind: 'band',
        line,
        widths: [{ atMm: 0, mm: 150 }],
        lies: 'centred',
        fromMm: null,
        toMm: null,
        ends: 'square',
        outline: null,
      };
  }
}

interface AddProps {
  job: string;
  colours: LayoutProps['colours'];
  stripChoices: readonly { value: string; text: string }[];
  /** The place above all others, and a height on a strip to begin at, mm. */
  place: number;
  heightOf(strip: string): number;
}

/** One line that lays out a band, field, set of stripes or box; its measures are typed afterwards. */
export function AddConstruction({ job, colours, stripChoices, place, heightOf }: AddProps) {
  const send = useSent();
  const kinds = Object.entries(kindNames).map(([value, text]) => ({ value, text }));
  return (
    <EntryForm
      deed="list constructions"
      label="Lay out"
      className="flex flex-wrap items-center gap-2 pb-2"
      start={{
        name: '',
        kind: 'band' satisfies ConstructionKind,
        strip: stripChoices[0]?.value ?? 'both',
        colour: colours.at(-1)?.id ?? '',
      }}
      send={({ name, kind, strip, colour }) =>
        send({
          kind: 'add-item',
          job,
          list: 'constructions',
          item: { name, colour, strip, place, shape: firstShape(kind, heightOf(strip)) },
        })
      }
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="name"
            label="Name of what is laid out"
            placeholder="name"
            maxLength={60}
            required
            className="w-40"
          />
          <Pick form={form} name="kind" label="Kind" options={kinds} className="w-44" />
          <Pick form={form} name="strip" label="Lies on" options={stripChoices} className="w-44" />
          <Pick
            form={form}
            name="colour"
            label="In colour"
            className="w-40"
            options={colours.map(({ id, name }) => ({ value: id, text: name }))}
          />
          <Button type="submit">Lay out</Button>
        </>
      )}
    </EntryForm>
  );
}
