import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import type { OpenFilms } from './open-films';
import type { SectionWork } from './section-work';
import type { Session } from './session';
import type { Task } from './task-model';

/** What the laying of coats is told of the whole: the draft, the sections, and the films that stand so far. */
export interface Laying {
  readonly draft: StepDraft;
  readonly works: ReadonlyMap<string, SectionWork>;
  /** The last film of each section, while nobody has worked on it yet. */
  readonly standing: Map<string, Session>;
  /** The last film of each section, whatever was done to it since. */
  readonly topmost: Map<string, Session>;
  /** Films whose recoat window is still open. */
  readonly open: OpenFilms;
  partsOf(task: Task): Part[];
  subjectOf(task: Task): string;
  /** Steps that end what a task waits for. */
  before(task: Task): string[];
  /** Ties the windows that bare metal leaves open to the first coat of a session. */
  closeBareMetal(task: Task, session: Session): void;
}
