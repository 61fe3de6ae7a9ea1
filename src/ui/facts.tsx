import type { ReactNode } from 'react';

/** A titled part of an inspector, set off by a hairline. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-t border-line py-3 first:border-t-0">
      <h3 className="mb-1 font-semibold">{title}</h3>
      {children}
    </section>
  );
}

/** A label with its figure on the right. */
export function Fact({ label, children }: { label: ReactNode; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 py-[3px]">
      <span className="text-quiet">{label}</span>
      <span className="text-right tabular-nums">{children}</span>
    </div>
  );
}

/** The side panel for the thing selected. */
export function InspectorPanel({
  title,
  subtitle,
  children,
}: {
  title: string;
  subtitle?: string;
  children: ReactNode;
}) {
  return (
    <aside
      aria-label={title}
      tabIndex={0}
      className="relative h-full w-[320px] shrink-0 overflow-y-auto border-l border-line bg-sheet px-4 py-3 print:w-full"
    >
      <h2 className="text-lead font-semibold">{title}</h2>
      {subtitle && <p className="mb-2 text-quiet">{subtitle}</p>}
      {children}
    </aside>
  );
}
