import { levels, type LayerRole } from '../film/coat-system';
import { depths, oldFinishes } from '../record/depth';
import type { SchoolChoice } from '../record/school';
import { substrates } from '../vehicle/body-kind';
import * as atom from './atoms';
import { rounds, schools, stopRule } from './choices';
import { document, flag, id, nullable, since, text, word, wordBy, type TypeOf } from './field';

export type CoatCounts = Partial<Record<LayerRole, number>>;
export type TypedRounds = { filler?: number; build?: number };

/** A measure that is good enough, or a day after which no round is added. */
export interface StopRule {
  /** Largest hollow left under a straight edge of half a metre, mm; null where nothing is measured. */
  hollowMm: number | null;
  /** No further round after this day. */
  lastDay: string | null;
}

/** A section of a job: what it is, how far down it goes, what goes on it. */
export const sectionFields = {
  key: wordBy(atom.key()),
  name: text(80, 1),
  /** Sections of one group stand on one body and share its place; loose groups travel by themselves. */
  group: wordBy(atom.key()),
  loose: flag(),
  substrate: word(substrates),
  system: wordBy(atom.coatSystem()),
  oldFinish: word(oldFinishes),
  depth: word(depths),
  level: word(levels),
  /** Key of the colour that its surfaces get where no field or band says otherwise. */
  colour: id(),
  /** Key of the colour that the insides of its panels get; null for that of their outside. */
  insideColour: since(null, nullable(id())),
  /** Coats the manager typed in place of the computed ones. */
  coats: document<CoatCounts>(atom.coatCounts()),
  /** Grit sequence of colour sanding in place of the level's; null for the level's own. */
  ladder: since(null, nullable(wordBy(atom.ladder()))),
  /** Methods chosen for this section; the others follow the job's choice, else the situation. */
  schools: since({}, document<SchoolChoice>(schools())),
  /** Rounds of filling and of priming and blocking, typed in place of the level's. */
  rounds: since({}, document<TypedRounds>(rounds())),
  /** What ends the chase for straightness; null where only the rounds do. */
  stopRule: since(null, nullable(document<StopRule>(stopRule()))),
};
export type SectionRecord = TypeOf<typeof sectionFields>;

/** No job has more sections than this. */
export const mostSections = 40;

/** What never changes, since steps are keyed by it; everything else of a section is edited. */
export const fixedOfSection = ['key'] as const;
