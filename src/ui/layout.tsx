import type { ReactNode } from 'react';

/** The whole window: strip above, rail at the left, the room, and what stands along the bottom. The page never scrolls. */
export function Window({
  strip,
  rail,
  foot,
  notice,
  children,
}: {
  strip: ReactNode;
  rail: ReactNode;
  foot?: ReactNode;
  /** A line above the room. */
  notice?: ReactNode;
  children: ReactNode;
}) {
  return (
    <div className="print-flow grid h-dvh grid-cols-[88px_minmax(0,1fr)] grid-rows-[48px_minmax(0,1fr)_auto] overflow-hidden max-lg:grid-cols-[56px_minmax(0,1fr)]">
      <header className="no-print on-strip col-span-2 flex min-w-0 items-center gap-5 bg-strip pr-4 text-strip-ink">
        {strip}
      </header>
      <nav
        aria-label="Stations"
        className="no-print on-strip row-span-2 overflow-y-auto bg-rail text-strip-ink"
      >
        {rail}
      </nav>
      <div className="print-flow flex min-h-0 min-w-0 flex-col">
        {notice}
        <main className="print-flow flex min-h-0 min-w-0 flex-1">{children}</main>
      </div>
      <div className="no-print min-w-0">{foot}</div>
    </div>
  );
}

/** The main picture or table of a room, scrolling inside itself. */
export function Room({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  return (
    <section aria-label={title} className="print-flow flex min-w-0 flex-1 flex-col overflow-hidden">
      <div className="flex min-h-11 flex-wrap items-center justify-between gap-x-4 gap-y-1 px-4 py-2">
        <h1 className="text-lead font-semibold">{title}</h1>
        {aside}
      </div>
      <div
        className="print-flow relative min-h-0 flex-1 overflow-auto px-4 pb-4"
        tabIndex={0}
        role="region"
        aria-label={`${title}, contents`}
      >
        {children}
      </div>
    </section>
  );
}

/** A table whose head stays in sight. */
export function Table({
  head,
  children,
  caption,
}: {
  head: readonly (string | { text: string; right?: boolean; width?: string })[];
  children: ReactNode;
  caption: string;
}) {
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">{caption}</caption>
      <thead>
        <tr>
          {head.map((cell, i) => {
            const { text, right, width } =
              typeof cell === 'string'
                ? { text: cell, right: false, width: undefined }
                : { right: false, width: undefined, ...cell };
            return (
              <th
                key={i}
                scope="col"
                style={{ width }}
                className={`sticky top-0 z-10 border-b border-strong bg-bay py-1 pr-3 font-semibold ${right ? 'text-right' : 'text-left'}`}
              >
                {text}
              </th>
            );
          })}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

/** One line of what is not there, and what to do. */
export function Empty({ children }: { children: ReactNode }) {
  return <p className="max-w-prose py-6 text-quiet">{children}</p>;
}
