import type { Edit, JobListName } from '../record';
import type { Role } from './roles';

type ItemEdit = 'add-item' | 'set-item' | 'remove-item';
/** What is written besides edits of a screen. */
type OtherDeed =
  | 'new-job'
  | 'take-in-job'
  | 'accept-plan'
  | 'accept-together'
  | 'undo'
  | 'make-quote'
  | 'answer-quote'
  | 'owner-link'
  | 'owner-says'
  | 'sign-handover'
  | 'add-photo'
  | 'shelf-file'
  | 'account'
  | 'own-account'
  | 'tablet'
  | 'take-back-session'
  | 'backup'
  | 'trash'
  | 'owner-data';

/** Everything that can be done to what is kept: an edit of a screen, a list of a job, or one of the others. */
export type Deed = Exclude<Edit['kind'], ItemEdit> | `list ${JobListName}` | OtherDeed;

/** What an edit does; items of a list of a job are told by their list. */
export function deedOf(edit: Edit): Deed {
  switch (edit.kind) {
    case 'add-item':
    case 'set-item':
    case 'remove-item':
      return `list ${edit.list}`;
    default:
      return edit.kind;
  }
}

const manager: readonly Role[] = ['manager'];
const planners: readonly Role[] = ['manager', 'planner'];
const painters: readonly Role[] = ['manager', 'planner', 'painter'];
const hands: readonly Role[] = ['manager', 'planner', 'painter', 'crew'];
const everyHand: readonly Role[] = ['manager', 'planner', 'painter', 'crew', 'store'];
const stores: readonly Role[] = ['manager', 'planner', 'store'];
const signers: readonly Role[] = ['manager', 'planner', 'engineer'];

/** Who may do what. A deed that is missing here does not compile. */
export const deedRoles: Record<Deed, readonly Role[]> = {
  // A job and its plan
  job: planners,
  section: planners,
  'section-coats': planners,
  'add-section': planners,
  'remove-section': planners,
  'add-parts': planners,
  'remove-part': planners,
  'new-job': planners,
  'take-in-job': planners,
  'accept-plan': planners,
  'accept-together': planners,
  'keep-scheme': planners,
  'take-scheme': planners,
  'take-order': planners,
  step: planners,
  'add-step': planners,
  'remove-added-step': planners,
  'add-scope': planners,
  'remove-scope': planners,
  // What is found, measured and done at the object
  measure: painters,
  survey: painters,
  'add-marks': hands,
  'set-mark': hands,
  'remove-mark': hands,
  'add-readings': hands,
  'remove-reading': painters,
  'add-photo': everyHand,
  // Which photos the owner sees is said with the photo.
  'set-photo': planners,
  'remove-photo': planners,
  log: hands,
  'correct-log': hands,
  'add-note': everyHand,
  'retire-note': planners,
  'place-air': hands,
  'sign-off': signers,
  'remove-sign-off': signers,
  // The lists of a job
  'list fittings': painters,
  'list holes': painters,
  'list gates': planners,
  'list finds': hands,
  'list milestones': planners,
  'list openings': planners,
  'list covers': planners,
  'list blends': planners,
  'list sendOuts': planners,
  'list looseItems': hands,
  'list colours': planners,
  'list constructions': planners,
  'list alternatives': planners,
  'list matchAttempts': painters,
  // The owner says what the card is to him.
  'list samples': ['manager', 'planner', 'painter', 'owner'],
  'list repairs': painters,
  'list materialCaps': planners,
  'list provenance': planners,
  'list decisions': planners,
  // Stores and data sheets
  stock: ['manager', 'planner', 'painter', 'store'],
  'correct-stock': stores,
  'add-trial': everyHand,
  'remove-trial': stores,
  product: stores,
  'add-products': stores,
  'remove-product': planners,
  'shelf-file': stores,
  // The shop
  learned: planners,
  'coat-system': planners,
  ladder: planners,
  operation: planners,
  rate: planners,
  person: planners,
  place: planners,
  'add-place': planners,
  'remove-place': planners,
  'add-closures': planners,
  'remove-closure': planners,
  shift: planners,
  'remove-shift': planners,
  'add-day-off': planners,
  'remove-day-off': planners,
  // Rates, taxes and terms stand with the shop.
  shop: manager,
  // The owner
  'make-quote': planners,
  'answer-quote': ['manager', 'planner', 'owner'],
  'ask-owner': planners,
  'answer-decision': ['manager', 'planner', 'owner'],
  'owner-link': planners,
  'owner-says': ['owner'],
  'sign-handover': planners,
  // One takes back one's own, if one might still do it.
  undo: ['manager', 'planner', 'painter', 'crew', 'store', 'engineer'],
  // People and safe keeping
  account: manager,
  'own-account': ['manager', 'planner', 'painter', 'crew', 'store', 'reader', 'engineer'],
  tablet: manager,
  'take-back-session': manager,
  backup: manager,
  trash: planners,
  'owner-data': manager,
};

/** Whether a word that was kept is a deed of today. */
export const isDeed = (word: string): word is Deed => Object.hasOwn(deedRoles, word);
