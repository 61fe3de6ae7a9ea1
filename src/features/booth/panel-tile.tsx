import type { CleanState, CoatMark } from '@/core/log';
import { clock, type Locale } from '../words/format';

const cleanWords = (clean: CleanState): string =>
  clean.state === 'clean'
    ? 'wiped'
    : clean.state === 'not-wiped'
      ? 'not wiped'
      : { handled: 'handled', 'worked-on': 'worked on', overnight: 'overnight' }[clean.why];

/** One panel under a gloved thumb: its code, whether the coat is on, and whether it was wiped since it was touched. */
export function PanelTile({
  code,
  name,
  mark,
  clean,
  sealed,
  locale,
  disabled,
  onTap,
}: {
  code: string;
  name: string;
  mark: CoatMark;
  clean: CleanState;
  /** Its tape edges were pressed down and ticked since the last masking. */
  sealed: boolean;
  locale: Locale;
  disabled: boolean;
  onTap(): void;
}) {
  const laid = mark.state === 'laid' || mark.state === 'doubled';
  const said =
    mark.state === 'laid'
      ? clock(mark.at, locale)
      : mark.state === 'doubled'
        ? `${mark.times} times`
        : mark.state === 'missed'
          ? 'missed'
          : '';
  const look = laid ? 'bg-ink text-sheet border-ink' : 'bg-raised text-ink border-strong';
  const edge =
    mark.state === 'missed'
      ? 'outline-2 outline-stop'
      : mark.state === 'doubled'
        ? 'outline-2 outline-caution'
        : '';
  return (
    <button
      type="button"
      disabled={disabled}
      aria-pressed={laid}
      aria-label={`${name} ${code}: ${said || 'not coated'}, ${cleanWords(clean)}${sealed ? ', edges sealed' : ''}`}
      onClick={onTap}
      className={`flex h-[76px] flex-col items-start justify-between rounded-[2px] border px-2 py-1 text-left disabled:opacity-50 ${look} ${edge}`}
    >
      <span className="flex w-full items-baseline justify-between gap-2">
        <span className="text-figure font-semibold tabular-nums">{code}</span>
        {said ? (
          <span className="text-lead font-semibold tabular-nums">{said}</span>
        ) : (
          <span className="text-small text-quiet">{cleanWords(clean)}</span>
        )}
      </span>
      <span className="flex w-full justify-between gap-1 text-small">
        <span className="truncate">{name}</span>
        {sealed && <span className="shrink-0">edges ✓</span>}
      </span>
    </button>
  );
}
