import { auditPlan } from '../core/audit';
import {
  colourOrders,
  figuresOf,
  inputOf,
  plannedSchemes,
  planTogether,
  whatToGiveUp,
  withChange,
  type Situation,
} from '../core/changes';
import { checkedByWork } from '../core/checks';
import { drawnElevations } from '../core/elevation';
import { closuresFromIcal, readFiguresCsv, readReadingsCsv, readShelfCsv } from '../core/exchange';
import { courseOf, forecastCourse } from '../core/forecast';
import { problemOf } from '../core/plan/calendar';
import { placeNetwork } from '../core/plan/placed-network';
import { readyJob } from '../core/log';
import { hidingRows } from '../core/readings/hiding';
import { auditPlanOf, planJob, tellPlan } from '../core/plan';
import { tryRemedies } from '../core/warnings/replan';
import { panelMapOnJob } from './panel-map-on-job';
import { readPicture } from './picture';
import { documentFile } from './document-file';
import { elevationFile } from './elevation-file';
import { schemeFile } from './scheme-file';
import type { AnswerTo, Compared, Tell, WorkerTask } from './tasks';

/** How long it looks for a better order of jobs. */
const mostMs = 8000;

/** Runs a computation that pauses to its end; here nobody else waits. */
function finish<T>(search: Generator<unknown, T>): T {
  for (;;) {
    const turn = search.next();
    if (turn.done) return turn.value;
  }
}

/** Does a task; the same in every thread and in a test. */
export function work<T extends WorkerTask>(task: T, tell?: Tell): AnswerTo<T>;
export function work(task: WorkerTask, tell: Tell = () => {}): unknown {
  switch (task.kind) {
    case 'read-panel-map':
      return panelMapOnJob(task);
    case 'read-readings':
      return readReadingsCsv(task.text, task.fallback);
    case 'read-shelf':
      return readShelfCsv(task.text);
    case 'read-closures':
      return closuresFromIcal(task.text, task.today);
    case 'read-figures':
      return readFiguresCsv(task.text, task.whole);
    case 'read-picture':
      return readPicture(task.bytes);
    case 'plan':
      return planJob(task.input);
    case 'refusals':
      return checkedByWork(task.checked, task.ground);
    case 'plans':
      return task.inputs.map(planJob);
    case 'forecast':
      return forecast(task);
    case 'give-up':
      return finish(whatToGiveUp(task.given));
    case 'remedies':
      return tryRemedies(task.given, task.warning);
    case 'audit':
      return auditPlan(auditPlanOf(task.plan, task.given));
    case 'calendar-problem':
      return calendarProblem(task.given);
    case 'scheme-file':
      return schemeFile(task.job, task.file);
    case 'elevations':
      return drawnElevations(task.job, task.plan);
    case 'elevation-file':
      return elevationFile(task);
    case 'document':
      return documentFile(task, tell);
    case 'colour-orders':
      return colourOrders(inputOf(task.given), task.fixed, tell);
    case 'schemes':
      return plannedSchemes(inputOf(task.given));
    case 'hiding':
      return hiding(task.given);
    case 'compare-changes':
      return compare(task);
    case 'together':
      return together(task);
  }
}

type Task<K extends WorkerTask['kind']> = Extract<WorkerTask, { kind: K }>;

function forecast({ inputs, paces, draws, seed }: Task<'forecast'>) {
  const jobs = inputs.map((input) => {
    const network = placeNetwork(input);
    return { network, plan: tellPlan(network) };
  });
  const uncertainty = { paces, labour: true, rework: true };
  return finish(forecastCourse(courseOf(jobs), { draws, seed, uncertainty }));
}

function hiding({ job, now, ...around }: Situation) {
  const ready = readyJob(job, around, now);
  return hidingRows(ready.job, ready.sections, around.shelf);
}

function calendarProblem(given: Situation) {
  const { input, network } = placeNetwork(inputOf(given));
  return problemOf(input, network).problem;
}

function compare({ given, changes }: Task<'compare-changes'>): Compared {
  const changed = changes.map((change) => {
    const other = withChange(given, change);
    return other && figuresOf(planJob(inputOf(other)));
  });
  return { base: figuresOf(planJob(inputOf(given))), changed };
}

function together({ jobs, around }: Task<'together'>): AnswerTo<Task<'together'>> {
  const search = planTogether(jobs, around);
  const began = performance.now();
  let plans = 0;
  for (;;) {
    const { value: best, done } = search.next();
    if (done) return { best, plans };
    plans += 1;
    // The order as it is agreed is always finished: there is something to compare with.
    if (best && performance.now() - began > mostMs) return { best, plans };
  }
}
