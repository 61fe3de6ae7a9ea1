import Joi from 'joi';
import {
  fittingChoices,
  fittingNeeds,
  fittingStates,
  refitWaits,
  gateKinds,
  gateStages,
  holeActions,
} from '../record/strip-down-words';
import { productKinds } from '../film/coating-sheet';
import { repairKinds } from '../film/repair-cards';
import { decisionAnswers, provenanceKinds } from '../record/handover-words';
import { harms, openingMethods, tiedPhases, trades } from '../record/trade-words';
import { dayKinds } from '../shop/shop-words';
import * as atom from './atoms';
import { document, figure, flag, id, localDate, nullable, since, text, whole, word } from './field';
import { alternatives, colours, constructions, looseItems, matchAttempts, samples } from './scheme-lists';

const minutes = () => figure(0, 10_000);
const part = () => id(atom.partKey());

/** A piece of trim, glass, lamp, emblem or hinge that is in the way; minutes of a person. */
const fittings = {
  name: text(80, 1),
  part: part(),
  /** Number on its tag or bag. */
  tag: text(20, 0, 32),
  removeMin: minutes(),
  refitMin: minutes(),
  /** To mask it once. */
  maskMin: minutes(),
  choice: word(fittingChoices),
  needs: word(fittingNeeds),
  /** Work on it at the bench. */
  benchMin: minutes(),
  /** The day a bought or sent-out piece is promised back; null when it waits for nobody. */
  readyOn: nullable(localDate()),
  state: word(fittingStates),
  /** What its place must have reached before it goes back on. */
  waitsFor: since('clean', word(refitWaits)),
  /** Its place in the order of refit: small comes first. */
  refitOrder: since(100, whole(0, 1000)),
  /** People it takes. */
  hands: since(1, whole(1, 4)),
  /** As it came off: straight, pitted, cracked, incomplete. */
  condition: text(120),
  /** What holds it: screws, clips, studs, and which are spoilt. */
  fasteners: since('', text(120)),
  note: text(200),
};

/** A hole of the register, measured so that it can be found again under paint. */
const holes = {
  part: part(),
  diameterMm: figure(0.1, 1000),
  /** From the part's left and top edge, mm. */
  fromLeftMm: figure(0, 20_000),
  fromTopMm: figure(0, 20_000),
  action: word(holeActions),
  sealant: text(80),
  done: flag(),
  note: text(200),
};

/** Something that must be so, or be decided, before a stretch of work on a section begins. */
const gates = {
  section: id(),
  kind: word(gateKinds),
  what: text(120),
  /** Of a dry-fit: gap and flush in mm and how often it was tried; null where nothing was measured. */
  gapMm: nullable(figure(0, 100)),
  flushMm: nullable(figure(-50, 50)),
  attempts: whole(0, 100),
  done: flag(),
  doneOn: nullable(localDate()),
  /** What it holds: the first primer where nobody said. */
  holds: since('prime', word(gateStages)),
};

/** Damage found only after stripping, with the hours it takes: burns the allowance down. */
const finds = {
  part: part(),
  hours: figure(0, 1000),
  what: text(200),
  onDate: localDate(),
};

/** Where another trade's work meets the paint: it comes before a stretch of ours, or waits for one. */
const milestones = {
  trade: word(trades),
  what: text(80),
  /** `before`: the stretch waits for it. `after`: it waits for the stretch. */
  tie: word(['before', 'after']),
  phase: word(tiedPhases),
  /** The day it is promised to be done (before), or the trade means to begin (after); null when nobody knows. */
  onDate: nullable(localDate()),
  /** What cannot be reached any more once it is done. */
  accessLost: text(200),
  done: flag(),
  /** The day that the trade was last told, for `after`. */
  toldDate: nullable(localDate()),
};

/** An opening and how its edge is kept soft. */
const openings = {
  part: part(),
  what: text(80),
  lengthM: figure(0, 100),
  method: word(openingMethods),
  /** Where the line lies that nobody will see. */
  barrier: text(120),
  /** Where overspray leaves. */
  exit: text(120),
};

/** Something that stays on or near the vehicle and must be covered while something would harm it. */
const covers = {
  what: text(80, 1),
  harm: word(harms),
  cover: text(120),
};

/** Where new film runs out into old: the line, with what and when. */
const blends = {
  part: part(),
  /** The opening, body line or edge it ends at. */
  line: text(120),
  material: text(120),
  /** Width over which it fades, mm. */
  widthMm: figure(0, 2000),
  /** In the last colour coat, or in the last clear. */
  timing: word(['colour', 'clear']),
};

/** Work done by somebody outside: what went where, when it is due, how it came back. */
const sendOuts = {
  what: text(80, 1),
  part: part(),
  vendor: text(80),
  /** Days it takes, as they say. */
  leadDays: whole(0, 1000),
  leadIn: since('calendar', word(dayKinds)),
  sentOn: nullable(localDate()),
  /** When in the day it leaves, minutes after midnight; null for any hour. */
  leaveAt: since(null, nullable(whole(0, 1439))),
  dueOn: nullable(localDate()),
  /** When in the day it is back. */
  backAt: since(null, nullable(whole(0, 1439))),
  returnedOn: nullable(localDate()),
  condition: text(200),
  /** The stretch of our work that waits for it. */
  phase: word(tiedPhases),
};

/** A flaw of finished film and where it is; what is done about it follows from its card. */
const repairs = {
  part: part(),
  kind: word(repairKinds),
  /** Where on the panel: what is mended twice at one spot is counted against its film. */
  spot: text(80),
  sizeMm: figure(1, 5000),
  onDate: localDate(),
  note: text(200),
};

/** The most that may be spent on, or drawn of, one kind of material or one product. */
const materialCaps = {
  kind: word(productKinds),
  /** Code of one product; empty for all of the kind. */
  product: text(60),
  mostMinor: nullable(whole(1, 100_000_000)),
  /** In the product's unit; null for what is measured in several. */
  mostAmount: nullable(figure(0.001, 100_000)),
};

/** An original part, a number, a stamp, a panel that was replaced, or what else tells where the object comes from. */
const provenance = {
  kind: word(provenanceKinds),
  /** Key of its panel; empty for the object. */
  part: text(20),
  what: text(120, 1),
  /** The number or stamp as it reads; empty where there is none. */
  reads: text(80),
  onDate: localDate(),
  note: text(200),
};

/** One way that the owner may choose, with what it costs beside what was agreed. */
export interface DecisionWay {
  name: string;
  hours: number;
  moneyMinor: number;
  days: number;
}

/** Something that the owner decides: what was found, with its price, or one of several ways. */
const decisions = {
  what: text(200, 1),
  /** Key of the panel it is about; empty for none. */
  part: text(20),
  /** Damage of the list that it is about, and the gate that waits for it; empty for none. */
  find: text(80),
  gate: text(80),
  ways: document<DecisionWay[]>(
    Joi.array()
      .items(
        atom.exactly({
          name: atom.line(120).min(1),
          hours: atom.figure(-10_000, 10_000),
          moneyMinor: atom.whole(-100_000_000, 100_000_000),
          days: atom.whole(-365, 365),
        }),
      )
      .min(1)
      .max(4),
  ),
  askedOn: localDate(),
  answer: word(decisionAnswers),
  /** Place of the way that was chosen; null while none is. */
  chosen: nullable(whole(0, 3)),
  answeredBy: text(80),
  answeredOn: nullable(localDate()),
  said: text(200),
};

/** The lists of a job that are kept row by row, by name; an item has its id besides. */
export const jobListFields = {
  fittings,
  holes,
  gates,
  finds,
  milestones,
  openings,
  covers,
  blends,
  sendOuts,
  colours,
  constructions,
  looseItems,
  alternatives,
  matchAttempts,
  samples,
  repairs,
  materialCaps,
  provenance,
  decisions,
};
