'use client';

import { startTransition, useOptimistic } from 'react';
import { Button } from './button';

/** One of several views of a room, the shown one pressed; a large view is drawn in slices, so that the page stays free. */
export function ViewSwitch<V extends string>({
  views,
  shown,
  onShow,
  label = 'What is shown',
}: {
  /** What each is called; those that are left out are not shown. */
  views: Readonly<Partial<Record<V, string>>>;
  shown: NoInfer<V>;
  onShow(view: NoInfer<V>): void;
  label?: string;
}) {
  const [pressed, press] = useOptimistic<NoInfer<V>>(shown);
  const show = (view: V) =>
    startTransition(() => {
      press(view);
      onShow(view);
    });
  return (
    <div className="flex flex-wrap gap-1" role="group" aria-label={label}>
      {(Object.keys(views) as V[]).map((view) => (
        <Button
          key={view}
          look={pressed === view ? 'main' : 'plain'}
          aria-pressed={pressed === view}
          className="!px-2"
          onClick={() => show(view)}
        >
          {views[view]}
        </Button>
      ))}
    </div>
  );
}
