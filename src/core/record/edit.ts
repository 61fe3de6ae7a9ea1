import type { EditOf } from '../concepts/field';
import type { jobFields } from '../concepts/job';
import type { panelSurveyFields } from '../concepts/panel-survey';
import type { fixedOfSection, sectionFields } from '../concepts/section';
import type { personFields, shopFields } from '../concepts/shop';
import type { CoatSystem, Ladder, LayerRole, Product } from '../film';
import type { DayAir, MonthAir, Place, PlaceKind } from '../shop';
import type { Operation } from '../steps/operation';
import type { LocalDate } from '../units';
import type { OrderGround } from './colour';
import type { PhotoTag } from './handover-words';
import type { Job, SignOff } from './job';
import type { GateStage } from './strip-down-words';
import type { JobListName, JobLists } from './job-lists';
import type { NewLogEntry } from './log-entry';
import type { AddedStep, ScopeChange, StepEdit } from './step-edit';
import type { ConsumableTrial, StockMove } from './stock-move';
import type { FilmReading, Mark, OwnPart } from './survey';
import type { NewNote } from './work-note';

/** What a form of the job can change; only the named ones are touched. */
export type JobChange = EditOf<Omit<typeof jobFields, 'bodyKind'>>;

export type SectionChange = EditOf<Omit<typeof sectionFields, (typeof fixedOfSection)[number]>>;

export type ShopChange = EditOf<Omit<typeof shopFields, 'name' | 'timeZone' | 'currency'>>;

/** What the shop changes of a person or a place; only the named ones are touched. */
export type PersonChange = EditOf<typeof personFields>;
export type PlaceChange = Partial<Pick<Place, 'zone' | 'airWith' | 'outdoors' | 'closed'>>;

/** What a survey changes of panels; only the named ones are touched. */
export type SurveyChange = EditOf<typeof panelSurveyFields>;

/** An item to put into one of the lists of a job, and a change of one. */
export type AddItem<L extends JobListName = JobListName> = {
  [N in L]: { kind: 'add-item'; job: string; list: N; item: Omit<JobLists[N][number], 'id'> };
}[L];
export type SetItem<L extends JobListName = JobListName> = {
  [N in L]: {
    kind: 'set-item';
    job: string;
    list: N;
    id: string;
    seen: number;
    set: Partial<Omit<JobLists[N][number], 'id'>>;
  };
}[L];

/** A panel with the version of its survey row that was seen; null where it has none yet. */
export interface PartSeen {
  part: string;
  seen: number | null;
}

/** A section with the version of its row that was seen. */
export interface SectionSeen {
  section: string;
  seen: number;
}

/** One edit as a screen sends it. `seen` is the row version the person looked at; null where no row exists yet. */
export type Edit =
  | { kind: 'job'; job: string; seen: number; set: JobChange }
  | { kind: 'section'; job: string; section: string; seen: number; set: SectionChange }
  /** Coats of one layer on several sections at once, undone as one. */
  | { kind: 'section-coats'; job: string; sections: SectionSeen[]; role: LayerRole; coats: number }
  /** A section with the choices of another, and the panels that go into it. */
  | { kind: 'add-section'; job: string; like: string; name: string; parts: PartSeen[] }
  /** A section joined with another: its panels go there, and it is gone. */
  | { kind: 'remove-section'; job: string; section: string; seen: number; into: string }
  | { kind: 'measure'; job: string; part: string; seen: number | null; outsideM2: number | null }
  | { kind: 'survey'; job: string; parts: PartSeen[]; set: SurveyChange }
  | { kind: 'add-marks'; job: string; marks: Omit<Mark, 'id'>[] }
  | { kind: 'set-mark'; job: string; id: string; seen: number; set: Partial<Omit<Mark, 'id' | 'part'>> }
  | { kind: 'remove-mark'; job: string; id: string; seen: number }
  | { kind: 'add-readings'; job: string; readings: Omit<FilmReading, 'id' | 'onDate'>[] }
  | { kind: 'remove-reading'; job: string; id: string; seen: number }
  | { kind: 'remove-photo'; job: string; id: string; seen: number }
  /** What a photo shows, and whether the owner sees it. */
  | {
      kind: 'set-photo';
      job: string;
      id: string;
      seen: number;
      set: Partial<{ tag: PhotoTag; caption: string; forOwner: boolean }>;
    }
  /** Asks the owner to decide; the stretch of work that is named waits for it. */
  | {
      kind: 'ask-owner';
      job: string;
      ask: Pick<JobLists['decisions'][number], 'what' | 'part' | 'find' | 'ways'>;
      holds: { section: string; stage: GateStage } | null;
    }
  /** What the owner decided; a way that was chosen stands in the record of scope. */
  | ({
      kind: 'answer-decision';
      job: string;
      id: string;
      seen: number;
      by: string;
      on: LocalDate;
      said: string;
    } & ({ answer: 'chosen'; chosen: number } | { answer: 'refused'; chosen: null }))
  | {
      kind: 'add-parts';
      job: string;
      parts: OwnPart[];
      leaveOut: PartSeen[];
      /** Lines that a map draws over its panels. */
      lines?: Omit<JobLists['constructions'][number], 'id'>[];
    }
  | { kind: 'remove-part'; job: string; part: string; seen: number }
  | AddItem
  | SetItem
  | { kind: 'remove-item'; job: string; list: JobListName; id: string; seen: number }
  /** The scheme as it stands is kept under a name, for a choice or for a match that fails. */
  | ({ kind: 'keep-scheme'; job: string } & Pick<
      JobLists['alternatives'][number],
      'name' | 'ifUnmatched' | 'mostAttempts' | 'lastDay' | 'note'
    >)
  /** A kept scheme takes the place of the one that is planned; that one is kept if it is not yet. */
  | { kind: 'take-scheme'; job: string; id: string; seen: number; by: string; on: LocalDate }
  /** An order of colours that was compared, with its covers, its way of clearing and the ground coats it asks for. */
  | ({ kind: 'take-order'; job: string; seen: number; grounds: OrderGround[] } & Pick<
      Job,
      'colourOrder' | 'colourCovers' | 'schools'
    >)
  | { kind: 'product'; code: string; seen: number; product: Omit<Product, 'code'> }
  | { kind: 'add-products'; products: Product[] }
  | { kind: 'remove-product'; code: string; seen: number }
  | { kind: 'stock'; move: Omit<StockMove, 'id' | 'corrects' | 'onDate'> & { onDate: LocalDate | null } }
  | { kind: 'correct-stock'; id: string; note: string }
  | { kind: 'add-trial'; trial: Omit<ConsumableTrial, 'id'> }
  | { kind: 'remove-trial'; id: string; seen: number }
  | {
      kind: 'place-air';
      place: string;
      seen: number;
      airC: number;
      profile: MonthAir[] | null;
      forecast: DayAir[];
    }
  | { kind: 'step'; job: string; step: string; seen: number | null; set: Partial<Omit<StepEdit, 'step'>> }
  | { kind: 'add-step'; job: string; step: Omit<AddedStep, 'id'> }
  | { kind: 'remove-added-step'; job: string; id: string; seen: number }
  /** Who signs by a session of their own, and what it binds, is said by the server. */
  | { kind: 'sign-off'; job: string; signOff: Omit<SignOff, 'signedBy' | 'bound'> }
  | { kind: 'remove-sign-off'; job: string; step: string; seen: number }
  | { kind: 'add-scope'; job: string; change: Omit<ScopeChange, 'id' | 'onDate'> }
  | { kind: 'remove-scope'; job: string; id: string; seen: number }
  | {
      kind: 'log';
      job: string;
      /** `at` null: now, by the server's clock. */
      entry: NewLogEntry;
      /** Taken although the work before it or its film says no; the note says why. */
      insist: boolean;
    }
  | { kind: 'correct-log'; job: string; id: string; note: string }
  /** Something that was learned at the work; it comes back where what it names comes up again. */
  | { kind: 'add-note'; note: NewNote }
  /** A note that is wrong, or over, comes back no more. */
  | { kind: 'retire-note'; id: string; seen: number; why: string }
  | { kind: 'learned'; operation: string; seen: number | null; factor: number | null }
  | { kind: 'coat-system'; key: string; seen: number | null; entry: Omit<CoatSystem, 'key'> | null }
  | { kind: 'ladder'; key: string; seen: number | null; entry: Omit<Ladder, 'key'> | null }
  | { kind: 'person'; person: string; seen: number; set: PersonChange }
  | { kind: 'place'; place: string; seen: number; set: PlaceChange }
  /** A place that is rented or borrowed for a while. */
  | ({ kind: 'add-place'; of: PlaceKind; rented: { from: string; to: string } } & Pick<
      Place,
      'name' | 'lengthM' | 'widthM' | 'heightM' | 'airC'
    >)
  | { kind: 'remove-place'; place: string; seen: number }
  | { kind: 'add-closures'; closures: { date: LocalDate; reason: string }[] }
  | { kind: 'remove-closure'; date: LocalDate; seen: number }
  | { kind: 'shift'; weekday: number; startMin: number; endMin: number; seen: number | null }
  | { kind: 'remove-shift'; weekday: number; startMin: number; seen: number }
  | { kind: 'shop'; seen: number; set: ShopChange }
  | { kind: 'operation'; code: string; seen: number | null; entry: Omit<Operation, 'code'> | null }
  | { kind: 'rate'; operation: string; seen: number | null; rate: number | null }
  | { kind: 'add-day-off'; person: string; from: string; to: string; reason: string }
  | { kind: 'remove-day-off'; id: string; seen: number };

export interface NewJob {
  number: string;
  name: string;
  owner: string;
  bodyKind: string;
  dimensions: Record<string, number>;
  level: Job['level'];
  arrival: string;
  promised: string;
  capLabourHours: number;
  capMaterialsMinor: number;
  capBoothHours: number;
}

/** A new job as it is asked for: after the pattern of another, or of none. */
export interface NewJobAsked extends NewJob {
  /** Number of the pattern; empty for none. */
  like: string;
}
