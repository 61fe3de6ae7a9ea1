import { Button } from '@/ui/button';

/** What a second tap on a coated panel means: a mistake, or a coat too many. */
export function TapAgain({
  panel,
  since,
  disabled,
  onMistake,
  onTwice,
  onLeave,
}: {
  panel: string;
  since: string;
  disabled: boolean;
  onMistake(): void;
  onTwice(): void;
  onLeave(): void;
}) {
  const answer = (text: string, act: () => void) => (
    <Button
      className="h-16 px-4 text-lead"
      disabled={disabled}
      onClick={() => {
        act();
        onLeave();
      }}
    >
      {text}
    </Button>
  );
  return (
    <div role="group" aria-label={`Panel ${panel}`} className="flex flex-wrap items-center gap-2 pb-3">
      <span className="text-lead">
        {panel} has this coat since {since}.
      </span>
      {answer('Tapped by mistake', onMistake)}
      {answer('It got the coat twice', onTwice)}
      {answer('Leave it', () => undefined)}
    </div>
  );
}
