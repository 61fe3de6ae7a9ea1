'use client';

import { useState } from 'react';
import { mirrorPart, splitPart } from '@/core/survey';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { refusalText, useSaving } from '../frame/saving';
import type { PanelShown } from './walkaround-props';
import { useOpen } from '../frame/who';

/** Changes what panels there are: cut this one in two, mirror it, leave it out or take it away. */
export function PanelShape({
  job,
  panel,
  panels,
  onGone,
}: {
  job: string;
  panel: PanelShown;
  panels: readonly PanelShown[];
  onGone(): void;
}) {
  const { save } = useSaving();
  const live = useOpen('add-parts');
  const [offset, setOffset] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const { part } = panel;
  const net = panels.map((one) => one.part);
  const taken = new Set(net.map((one) => one.key));
  const send = async (edit: Parameters<typeof save>[0], gone: boolean) => {
    const outcome = await save(edit);
    setFault(refusalText(outcome));
    if (outcome.status === 'saved' && gone) onGone();
  };
  const split = (how: 'across' | 'along') => {
    const parts = splitPart(part, how, typedFigure(offset), taken);
    if (!parts) {
      setFault('That line misses the panel or cuts it into more than two.');
      return;
    }
    void send(
      { kind: 'add-parts', job, parts, leaveOut: [{ part: part.key, seen: panel.surveySeen }] },
      true,
    );
  };
  return (
    <Part title="Shape">
      <CutPanel offset={offset} live={live} setOffset={setOffset} split={split} />
      <div className="flex gap-1 py-[2px]">
        <Button
          disabled={!live}
          className="px-2"
          onClick={() =>
            void send({ kind: 'add-parts', job, parts: [mirrorPart(part, net, taken)], leaveOut: [] }, false)
          }
        >
          Mirror
        </Button>
        {panel.ownSeen !== null && (
          <Button
            disabled={!live}
            className="px-2"
            onClick={() =>
              void send({ kind: 'remove-part', job, part: part.key, seen: panel.ownSeen! }, true)
            }
          >
            Take away
          </Button>
        )}
      </div>
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </Part>
  );
}

/** Where the panel is cut in two. */
function CutPanel({
  offset,
  live,
  setOffset,
  split,
}: {
  offset: string;
  live: boolean;
  setOffset: (value: string) => void;
  split: (how: 'across' | 'along') => void;
}) {
  return (
    <div className="flex items-center gap-1 py-[2px]">
      <label className="flex items-center gap-1">
        Cut at
        <input
          aria-label="Distance of the cut, m"
          inputMode="decimal"
          value={offset}
          disabled={!live}
          onChange={(event) => setOffset(event.target.value)}
          className="w-14 text-right"
        />
        m
      </label>
      <Button disabled={!live || !typedFigure(offset)} className="px-2" onClick={() => split('across')}>
        from the left
      </Button>
      <Button disabled={!live || !typedFigure(offset)} className="px-2" onClick={() => split('along')}>
        from the top
      </Button>
    </div>
  );
}
