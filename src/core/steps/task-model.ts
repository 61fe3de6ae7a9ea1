import type { JobSection } from '../record';
import type { CardGround } from './card-ground';
import type { Group } from './group';
import type { Operation } from './operation';
import type { WorkState } from './work-state';

/** One operation to be done on some sections, with the tasks that must come first. */
export interface Task {
  key: string;
  operation: Operation;
  group: Group;
  sections: JobSection[];
  /** Section or lot that names it, for stays of its own. */
  scope: string;
  /** Of a card over another ground than its own: that ground. */
  ground: CardGround | null;
  /** Name of the colour that a card or a look is of; empty of other work. */
  colour: string;
  /** Of a card or a look after a refusal: which; 0 of the first. */
  again: number;
  round: number;
  rounds: number;
  /** Keys of tasks before it, with the state each was asked for. */
  needs: Map<string, WorkState>;
}
