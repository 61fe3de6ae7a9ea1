import { Button } from '@/ui/button';
import type { BoothSession } from './booth-props';
import type { WriteTap } from './use-taps';

/** What is written for many panels at once: the coat on all that are open, its end, the wipe, and a touch after it. */
export function ForAllPanels({
  session,
  at,
  disabled,
  onWrite,
}: {
  session: BoothSession;
  /** Index of the coat that is shown. */
  at: number;
  disabled: boolean;
  onWrite: WriteTap;
}) {
  const keys = session.panels.map((panel) => panel.key);
  const open = session.panels.filter((panel) => panel.marks[at]!.state === 'open').map((panel) => panel.key);
  const dirty = session.panels.filter((panel) => panel.clean.state !== 'clean').map((panel) => panel.key);
  const button = 'h-16 px-4 text-lead';
  return (
    <div className="flex flex-wrap gap-2 pb-3">
      <Button
        look="main"
        className={button}
        disabled={disabled || open.length === 0}
        onClick={() => void onWrite('coat', open, true)}
      >
        Coat on all {open.length} open panels
      </Button>
      {keys.length > 0 && open.length === 0 && (
        <Button className={button} disabled={disabled} onClick={() => void onWrite('ended', [], true)}>
          This coat is finished
        </Button>
      )}
      <Button
        className={button}
        disabled={disabled || dirty.length === 0}
        onClick={() => void onWrite('wiped', dirty, false)}
      >
        Wiped: {dirty.length} panels
      </Button>
      <Button
        className={button}
        disabled={disabled || dirty.length === keys.length}
        onClick={() => void onWrite('touched', keys, false)}
      >
        Touched again
      </Button>
    </div>
  );
}
