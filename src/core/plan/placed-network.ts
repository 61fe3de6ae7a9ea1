import { readyJob } from '../log';
import { waitInTrueAir } from './true-air';
import type { Placed } from './calendar';
import type { PlanInput, PlanWarning } from './model';
import { remedyClosedWindows } from './windows';
import type { JobSection } from '../record';
import type { StepNetwork } from '../steps';
import type { Part } from '../vehicle';

/** A job's steps with all that ties them together, in their hours. */
export interface PlacedNetwork {
  /** As given, with the shop's ways taken into the job. */
  input: PlanInput;
  parts: Part[];
  sections: JobSection[];
  network: StepNetwork;
  placed: Placed;
  /** Waits that take longer in their own air. */
  warnings: PlanWarning[];
}

/** The first half of the trip: survey → steps (film inside) → schedule, windows remedied, waits in their true air. */
export function placeNetwork(given: PlanInput): PlacedNetwork {
  const { job, parts, sections, build } = readyJob(given.job, given, given.now);
  const input = { ...given, job };
  const remedied = remedyClosedWindows(input, build);
  const { network } = remedied;
  const aired = waitInTrueAir(input, network, remedied.placed);
  return { input, parts, sections, network, placed: aired.placed, warnings: aired.warnings };
}
