import { Button } from './button';

/** One of several views of a room, the shown one pressed. */
export function ViewSwitch<V extends string>({
  views,
  shown,
  onShow,
  label = 'What is shown',
}: {
  views: Readonly<Record<V, string>>;
  shown: NoInfer<V>;
  onShow(view: NoInfer<V>): void;
  label?: string;
}) {
  return (
    <div className="flex flex-wrap gap-1" role="group" aria-label={label}>
      {(Object.keys(views) as V[]).map((view) => (
        <Button
          key={view}
          look={shown === view ? 'main' : 'plain'}
          aria-pressed={shown === view}
          className="!px-2"
          onClick={() => onShow(view)}
        >
          {views[view]}
        </Button>
      ))}
    </div>
  );
}
