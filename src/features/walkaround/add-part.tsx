'use client';

import { useState } from 'react';
import { addedPart, freeKey, undersidePart } from '@/core/survey';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import type { WalkaroundProps } from './walkaround-props';

/** A part the net does not have: code, name and two measures; it can be surveyed like any other. */
export function AddPart({ props: { job, panels, sections } }: { props: WalkaroundProps }) {
  const { save } = useSaving();
  const live = useLive();
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name) ?? '').trim();
    const figure = (name: string) => Number(text(name).replace(',', '.'));
    const [lengthM, widthM] = [figure('length'), figure('width')];
    if (!(lengthM > 0 && lengthM <= 60 && widthM > 0 && widthM <= 60)) {
      setFault('Length and width must lie between 0 and 60 m.');
      return;
    }
    const taken = new Set(panels.map((panel) => panel.part.key));
    const name = text('name') || 'part';
    const part = addedPart(
      {
        key: freeKey(text('key') || `N${panels.length + 1}`, taken),
        name,
        section: text('section'),
        lengthM,
        widthM,
        shape: 'curved',
      },
      panels.map((panel) => panel.part),
    );
    const outcome = await save({ kind: 'add-parts', job: job.number, parts: [part], leaveOut: [] });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') form.reset();
  };
  const underside = async () => {
    const parts = panels.map((panel) => panel.part);
    const part = undersidePart(job.dimensions, sections[0]!.key, parts, new Set(parts.map((one) => one.key)));
    await save({ kind: 'add-parts', job: job.number, parts: [part], leaveOut: [] });
  };
  const hasFloor = (job.dimensions.length ?? 0) > 0 && (job.dimensions.width ?? 0) > 0;
  return (
    <form
      aria-label="Add a part"
      className="grid grid-cols-2 gap-1 py-1"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      <input name="key" aria-label="Code of the part" placeholder="code" maxLength={17} disabled={!live} />
      <input name="name" aria-label="Name of the part" placeholder="name" maxLength={80} disabled={!live} />
      <input
        name="length"
        aria-label="Length, m"
        placeholder="length, m"
        inputMode="decimal"
        disabled={!live}
      />
      <input name="width" aria-label="Width, m" placeholder="width, m" inputMode="decimal" disabled={!live} />
      <select name="section" aria-label="Section of the part" disabled={!live}>
        {sections.map((section) => (
          <option key={section.key} value={section.key}>
            {section.name}
          </option>
        ))}
      </select>
      <Button type="submit" disabled={!live}>
        Add part
      </Button>
      {hasFloor && sections.length > 0 && !panels.some((panel) => panel.part.side === 'bottom') && (
        <Button type="button" disabled={!live} className="col-span-2" onClick={() => void underside()}>
          Add the underside, {job.dimensions.length} × {job.dimensions.width} m
        </Button>
      )}
      {fault && (
        <p role="alert" className="col-span-2 text-small text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}
