import type { StepDraft } from './draft';

/**
 * What is sent out to be stripped is away until its vendor gives it back: what follows waits the vendor's days, as the row of
 * the send-out has them, else as the shelf has for the service. Once all of it is back, nothing waits.
 */
export function waitForVendors(draft: StepDraft): void {
  const { job, parts, shelf } = draft.context;
  for (const step of draft.network.steps.filter((one) => one.operation === 'send-out' && !one.skipped)) {
    const panels = new Set(parts.flatMap((part) => (step.sections.includes(part.section) ? [part.key] : [])));
    const rows = job.sendOuts.filter((one) => panels.has(one.part));
    const out = rows.filter((one) => one.returnedOn === null);
    if (rows.length > 0 && out.length === 0) continue;
    const service = draft.operation('send-out').consumes.map(({ product }) => shelf.get(product))[0];
    const days = out.length > 0 ? Math.max(...out.map((one) => one.leadDays)) : (service?.leadDays ?? 0);
    const vendor = out.map((one) => one.vendor).find((one) => one !== '') ?? '';
    if (days === 0) continue;
    for (const link of draft.network.links)
      if (link.from === step.key) {
        link.min = Math.max(link.min, days * 1440);
        link.why = { code: 'away', vendor, days };
      }
  }
}
