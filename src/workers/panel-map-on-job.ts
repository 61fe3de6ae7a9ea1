import { linesOnNet, readPanelMap, type Parsed } from '../core/exchange';
import type { Construction, Job, OwnPart } from '../core/record';
import { blankSurvey } from '../core/record';
import { netOfJob, partsOfJob } from '../core/survey';
import { bodyKindOf } from '../core/vehicle';

/** Panels of a map, and its lines laid on the job as it is with them. */
export interface MapOnJob {
  parts: OwnPart[];
  lines: Omit<Construction, 'id'>[];
}

/** Reads a panel map for a job. @param instead the present panels are left out, so that lines are laid on the map's alone */
export function panelMapOnJob({
  text,
  job,
  instead,
}: {
  text: string;
  job: Job;
  instead: boolean;
}): Parsed<MapOnJob> {
  const read = readPanelMap(
    text,
    job.sections.map((section) => section.key),
  );
  if (read.status === 'faulty') return read;
  const { parts, lines } = read.value;
  if (lines.length === 0) return { status: 'ok', value: { parts, lines: [] } };
  const gone = instead ? partsOfJob(job).map((part) => ({ ...blankSurvey(part.key), absent: true })) : [];
  const after: Job = { ...job, ownParts: [...job.ownParts, ...parts], surveyed: [...job.surveyed, ...gone] };
  const net = instead
    ? netOfJob(after).filter(({ key }) => parts.some((one) => one.key === key))
    : netOfJob(after);
  const laid = linesOnNet(lines, net, {
    route: bodyKindOf(job.bodyKind)?.route ?? 'panel',
    colours: job.colours,
    place: 1 + Math.max(0, ...job.constructions.map((one) => one.place)),
  });
  return laid.status === 'faulty' ? laid : { status: 'ok', value: { parts, lines: laid.value } };
}
