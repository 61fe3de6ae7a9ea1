import { nextStage } from '@/core/log';
import { clock, span, type Locale } from '../words/format';
import type { BoothSession, ClockRow, SessionCoat } from './booth-props';

/** The coats of the session in their order, with how many panels each is on. */
export function CoatTabs({
  session,
  at,
  onPick,
}: {
  session: BoothSession;
  at: number;
  onPick(coat: number): void;
}) {
  return (
    <div role="tablist" aria-label="Coats of the session" className="flex flex-wrap gap-2 pb-3">
      {session.coats.map((one, i) => {
        const on = session.panels.filter((panel) => panel.marks[i]!.state !== 'open').length;
        return (
          <button
            key={one.step}
            type="button"
            role="tab"
            aria-selected={i === at}
            onClick={() => onPick(i)}
            className={`h-16 rounded-[2px] border px-3 text-left ${i === at ? 'border-ink bg-ink text-sheet' : 'border-strong bg-raised'}`}
          >
            <span className="block text-title font-semibold">
              {one.role} {one.nth}
            </span>
            <span className="text-small tabular-nums">
              {on} of {session.panels.length}
            </span>
          </button>
        );
      })}
    </div>
  );
}

/** The coat in words, how long its panels still flash, and until when nobody enters unprotected. */
export function CoatLine({
  session,
  coat,
  clocks,
  minute,
  locale,
}: {
  session: BoothSession;
  coat: SessionCoat;
  clocks: readonly ClockRow[];
  minute: number;
  locale: Locale;
}) {
  const flash = clocks
    .filter((one) => session.panels.some((panel) => panel.key === one.coat.part))
    .map((one) => nextStage(one, minute))
    .filter((one) => one?.stage === 'flash' || one?.stage === 'recoat')
    .map((one) => one!.leftMin);
  return (
    <p className="pb-2 text-lead">
      <span className="font-semibold">
        {coat.name}, coat {coat.nth} of {coat.of}
      </span>
      {coat.faces === 'inside' && ', back faces and openings'}
      {flash.length > 0 && (
        <span>
          {' '}
          · flash: first panel in {span(Math.min(...flash))}, last in {span(Math.max(...flash))}
        </span>
      )}
      {session.clearAt !== null && session.clearAt > minute && (
        <span className="text-stop">
          {' '}
          · nobody enters unprotected before {clock(session.clearAt, locale)}
        </span>
      )}
    </p>
  );
}
