import { colourOfKey, type Job } from '../record';
import { leading } from './group';
import type { StepReason } from './step';
import { stripMethod } from './stripping';
import type { Task } from './task-model';

/** What a step is called: the round it is of, or what a card is sprayed over. */
export function nameOf({ operation, round, rounds, ground, colour, again }: Task): string {
  const after =
    again === 0 ? '' : again === 1 ? ', again after a refusal' : `, again after ${again} refusals`;
  if (ground !== null) return `Spray a test card of ${ground.colour} over ${ground.ground}`;
  if (colour !== '')
    return `${operation.does.includes('approve') ? 'The owner approves' : 'Spray a test card of'} ${colour}${after}`;
  return round > 0 && rounds > 1 ? `${operation.name}, round ${round} of ${rounds}` : operation.name;
}

/** Why a task is there: what the survey, the level or a ground asks for, then what its operation is good for. */
export function reasonsOf({ operation, round, rounds, sections, ground }: Task, job: Job): StepReason[] {
  const section = leading(sections);
  const said: StepReason[] = [];
  if (ground !== null) said.push({ code: 'ground-shows', ground: ground.ground, deltaE: ground.deltaE });
  if (operation.makes === 'old-off') said.push(stripMethod(section).reason);
  else if (operation.makes === 'treated')
    said.push({ code: 'substrate', substrate: section.substrate, method: 'treat' });
  else if (operation.rateBy !== null)
    said.push({ code: 'level-round', level: section.level, round: round || 1, of: round > 0 ? rounds : 1 });
  else if (operation.makes === 'masked')
    said.push({ code: 'colour-next', colour: colourOfKey(job, section.colour).name });
  if (operation.cautions.includes('licensed-hold')) said.push({ code: 'licensed-hold' });
  return [...said, { code: 'operation', why: operation.why }];
}
