import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import type { SectionWork } from './section-work';
import type { Session } from './session';
import type { Task } from './task';

/** What the laying of coats is told of the whole: the draft, the sections, and the films that stand so far. */
export interface Laying {
  readonly draft: StepDraft;
  readonly works: ReadonlyMap<string, SectionWork>;
  /** The last film of each section, while nobody has worked on it yet. */
  readonly standing: Map<string, Session>;
  partsOf(task: Task): Part[];
  subjectOf(task: Task): string;
  /** Steps that end what a task waits for. */
  before(task: Task): string[];
  /** Ties the windows that bare metal leaves open to the first coat of a session. */
  closeBareMetal(task: Task, session: Session): void;
}
