import { keptBudget, keptFiguresOf } from '../film';
import { baseOf } from '../record';
import { filmSummary } from '../survey';
import type { StepDraft } from './draft';
import type { SectionWork } from './section-work';
import { ladderOf } from './stack';

/**
 * Says where correcting a kept film goes below its stop line, panel by panel, and which sections are polished though
 * some of their panels were never read.
 */
export function warnOfKeptFilm(draft: StepDraft, works: readonly SectionWork[]): void {
  const { readings } = draft.context.job;
  for (const { section, situation, group } of works) {
    if (!situation.flags.has('kept-film')) continue;
    let unread = 0;
    for (const part of group.partsOf(section)) {
      const read = filmSummary(readings.filter((one) => one.part === part.key));
      if (!read) {
        unread += 1;
        continue;
      }
      const left = keptBudget(
        read.lowestUm,
        ladderOf(section),
        keptFiguresOf(draft.figures, { section: baseOf(section.key), panel: part.key }),
      );
      const isThin = left.leftFlatUm < left.stopFlatUm;
      if (!isThin && left.leftEdgeUm >= left.stopEdgeUm) continue;
      draft.warn({
        code: 'kept-thin',
        part: part.key,
        face: isThin ? 'flat' : 'edge',
        readUm: read.lowestUm,
        leftUm: isThin ? left.leftFlatUm : left.leftEdgeUm,
        stopUm: isThin ? left.stopFlatUm : left.stopEdgeUm,
      });
    }
    if (unread > 0) draft.warn({ code: 'kept-unread', section: baseOf(section.key), panels: unread });
  }
}
