export interface MeterProps {
  label: string;
  /** Text of used against cap, as shown. */
  figures: string;
  /** The whole in words, on hover and for screen readers. */
  words: string;
  used: number;
  planned: number;
  cap: number;
  /** What eight cases of ten keep; null while nobody has reckoned it. */
  p80?: number | null;
}

/** A bar: used solid, planned hatched, a whisker from there to P80, the cap a tick; what passes the cap is drawn beyond it. */
export function Meter({ label, figures, words, used, planned, cap, p80 = null }: MeterProps) {
  const scale = Math.max(planned, cap, p80 ?? 0, 1) * 1.08;
  const percent = (value: number) => `${Math.min(100, (100 * value) / scale)}%`;
  return (
    <div tabIndex={0} title={words} aria-label={words} role="img" className="min-w-[128px] shrink-0">
      <div className="flex justify-between gap-3 text-small whitespace-nowrap">
        <span className="text-strip-quiet">{label}</span>
        <span className="font-semibold tabular-nums">{figures}</span>
      </div>
      <svg
        viewBox="0 0 150 12"
        className="mt-[3px] block h-3 w-full"
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        <rect y="2" width="150" height="8" fill="currentColor" opacity=".18" />
        <rect y="2" width={percent(planned)} height="8" fill="url(#hatch-planned)" opacity=".8" />
        <rect y="2" width={percent(used)} height="8" fill="currentColor" />
        {p80 !== null && p80 > planned && (
          <>
            <rect
              x={percent(planned)}
              y="5.25"
              width={percent(p80 - planned)}
              height="1.5"
              fill="currentColor"
            />
            <rect x={percent(p80)} y="3" width="1.5" height="6" fill="currentColor" />
          </>
        )}
        {cap > 0 && <rect x={percent(cap)} width="2" height="12" fill="currentColor" />}
      </svg>
    </div>
  );
}
