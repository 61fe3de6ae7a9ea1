import { Progress as Radix } from 'radix-ui';

/** How much of a long task is done. @param share 0..1 */
export function Progress({ label, share }: { label: string; share: number }) {
  const percent = Math.round(100 * share);
  return (
    <span className="inline-flex items-center gap-2">
      <Radix.Root
        value={percent}
        aria-label={label}
        className="relative h-2 w-36 overflow-hidden border border-line bg-raised"
      >
        <Radix.Indicator className="block h-full bg-ink" style={{ width: `${percent}%` }} />
      </Radix.Root>
      <span className="tabular-nums text-quiet">{percent} %</span>
    </span>
  );
}
