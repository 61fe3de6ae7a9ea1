import { minuteAt } from '../units';
import type { SendOut } from '../record';
import type { StepDraft } from './draft';
import type { LinkReason } from './step';

type Away = Extract<LinkReason, { code: 'away' }>;

/**
 * What is sent out to be stripped is away until its vendor gives it back: what follows waits the vendor's days, as the row of
 * the send-out has them, else as the shelf has for the service. It leaves on the day and at the hour of its row. Once all of it
 * is back, nothing waits.
 */
export function waitForVendors(draft: StepDraft): void {
  const { job, parts, shelf, shop } = draft.context;
  for (const step of draft.network.steps.filter((one) => one.operation === 'send-out' && !one.skipped)) {
    const panels = new Set(parts.flatMap((part) => (step.sections.includes(part.section) ? [part.key] : [])));
    const rows = job.sendOuts.filter((one) => panels.has(one.part));
    const out = rows.filter((one) => one.returnedOn === null);
    if (rows.length > 0 && out.length === 0) continue;
    const service = draft.operation('send-out').consumes.map(({ product }) => shelf.get(product))[0];
    const longest = [...out].sort((a, b) => b.leadDays - a.leadDays)[0];
    const leaves = out.find((one) => one.leaveAt !== null)?.leaveAt ?? null;
    if (leaves !== null) step.limits = [...step.limits, { kind: 'leaves', minuteOfDay: leaves }];
    const sent = out
      .flatMap((one) => one.sentOn ?? [])
      .sort()
      .at(-1);
    if (sent !== undefined)
      step.notBefore = Math.max(
        step.notBefore,
        minuteAt(sent, leaves ?? 0, shop.timeZone) - (leaves === null ? 0 : step.minutes),
      );
    const why: Away = {
      code: 'away',
      vendor: out.map((one) => one.vendor).find((one) => one !== '') ?? '',
      days: longest?.leadDays ?? service?.leadDays ?? 0,
      leadIn: longest?.leadIn ?? service?.leadIn ?? 'calendar',
      backAt: longest?.backAt ?? null,
      due: lastDue(out, shop.timeZone),
    };
    if (why.days === 0 && why.due === null) continue;
    for (const link of draft.network.links)
      if (link.from === step.key) {
        link.min = Math.max(link.min, leastAwayMin(why));
        link.why = why;
      }
  }
}

/** When the last of it is due, where a day was typed for all of it. */
function lastDue(out: readonly SendOut[], timeZone: string): number | null {
  const due = out.flatMap((one) =>
    one.dueOn === null ? [] : [minuteAt(one.dueOn, one.backAt ?? 0, timeZone)],
  );
  return due.length > 0 && due.length === out.length ? Math.max(...due) : null;
}

/** Minutes that it is away at least, whichever day it leaves: the calendar says when it is back. */
const leastAwayMin = ({ days, leadIn, backAt, due }: Away): number =>
  due !== null ? 0 : leadIn === 'calendar' && backAt === null ? days * 1440 : Math.max(0, days - 1) * 1440;
