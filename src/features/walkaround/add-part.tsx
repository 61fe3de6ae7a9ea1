'use client';

import { addedPart, freeKey, undersidePart } from '@/core/survey';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import type { WalkaroundProps } from './walkaround-props';
import { useOpen } from '../frame/who';

/** A part the net does not have: code, name and two measures; it can be surveyed like any other. */
export function AddPart({ props: { job, panels, sections } }: { props: WalkaroundProps }) {
  const { save } = useSaving();
  const live = useOpen('add-parts');
  const sent = useSent();
  const send = (typed: { key: string; name: string; length: string; width: string; section: string }) => {
    const part = addedPart(
      {
        key: freeKey(typed.key || `N${panels.length + 1}`, new Set(panels.map((panel) => panel.part.key))),
        name: typed.name || 'part',
        section: typed.section,
        lengthM: typedFigure(typed.length),
        widthM: typedFigure(typed.width),
        shape: 'curved',
      },
      panels.map((panel) => panel.part),
    );
    return sent({ kind: 'add-parts', job: job.number, parts: [part], leaveOut: [] });
  };
  const underside = async () => {
    const parts = panels.map((panel) => panel.part);
    const part = undersidePart(job.dimensions, sections[0]!.key, parts, new Set(parts.map((one) => one.key)));
    await save({ kind: 'add-parts', job: job.number, parts: [part], leaveOut: [] });
  };
  const hasFloor = (job.dimensions.length ?? 0) > 0 && (job.dimensions.width ?? 0) > 0;
  return (
    <EntryForm
      deed="add-parts"
      label="Add a part"
      className="grid grid-cols-2 gap-1 py-1"
      start={{ key: '', name: '', length: '', width: '', section: sections[0]?.key ?? '' }}
      send={send}
    >
      {(form) => (
        <>
          <Line form={form} name="key" label="Code of the part" placeholder="code" maxLength={17} />
          <Line form={form} name="name" label="Name of the part" placeholder="name" maxLength={80} />
          <Figure
            form={form}
            name="length"
            label="Length, m"
            placeholder="length, m"
            least={0.01}
            most={60}
            required
          />
          <Figure
            form={form}
            name="width"
            label="Width, m"
            placeholder="width, m"
            least={0.01}
            most={60}
            required
          />
          <Pick
            form={form}
            name="section"
            label="Section of the part"
            options={sections.map((one) => ({ value: one.key, text: one.name }))}
          />
          <Button type="submit">Add part</Button>
          {hasFloor && sections.length > 0 && !panels.some((panel) => panel.part.side === 'bottom') && (
            <Button type="button" disabled={!live} className="col-span-2" onClick={() => void underside()}>
              Add the underside, {job.dimensions.length} × {job.dimensions.width} m
            </Button>
          )}
        </>
      )}
    </EntryForm>
  );
}
