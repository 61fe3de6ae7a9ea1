'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { useSent } from '../frame/entry-form';
import type { ConstructionShown } from './layout-props';
import { useOpen } from '../frame/who';

/** Takes a construction off the layout; undo brings it back. */
export function RemoveConstruction({
  job,
  one,
  onGone,
}: {
  job: string;
  one: ConstructionShown;
  onGone(): void;
}) {
  const live = useOpen('list constructions');
  const send = useSent();
  const [refused, setRefused] = useState<string | null>(null);
  const remove = async () => {
    const why = await send({ kind: 'remove-item', job, list: 'constructions', id: one.id, seen: one.seen });
    setRefused(why);
    if (why === null) onGone();
  };
  return (
    <p className="pt-3">
      <Button disabled={!live} onClick={() => void remove()}>
        <X aria-hidden size={16} className="mr-1 inline" />
        Remove {one.name}
      </Button>
      {refused && (
        <span role="alert" className="block text-small text-stop">
          {refused}
        </span>
      )}
    </p>
  );
}
