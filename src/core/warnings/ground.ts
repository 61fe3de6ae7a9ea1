import type { PlanWarning } from '../plan';
import type { WarningGrade, WarningLaw, WarningStation } from './model';

type Code = PlanWarning['code'];

const at = (law: WarningLaw, station: WarningStation) => ({ law, station });

/** The law each warning rests on, and the station where it is put right. */
const grounds: Record<Code, { law: WarningLaw; station: WarningStation }> = {
  late: at('promise', 'bays'),
  'over-cap': at('budget', 'steps'),
  'over-material-cap': at('budget', 'stores'),
  'allowance-short': at('budget', 'walkaround'),
  'window-broken': at(1, 'bays'),
  'window-tight': at(1, 'bays'),
  'pin-closes-window': at(1, 'bays'),
  remedied: at(1, 'bays'),
  'rounds-late': at(19, 'steps'),
  'no-room': at(15, 'bays'),
  'no-place': at(10, 'shop'),
  'no-skill': at(11, 'shop'),
  'scarce-hands': at(11, 'bays'),
  'hard-days': at(11, 'bays'),
  'painter-changes': at(11, 'booth'),
  'person-refused': at(11, 'steps'),
  'too-long-for-booth': at(10, 'bays'),
  'session-over-shift': at(10, 'bays'),
  'thin-clear': at(5, 'film'),
  'thin-topcoat': at(5, 'film'),
  'ridge-cut': at(5, 'film'),
  'kept-thin': at(5, 'film'),
  'kept-unread': at(5, 'walkaround'),
  'spot-thin': at(5, 'log'),
  'film-limit': at(3, 'film'),
  'gloss-over-straightness': at(3, 'film'),
  'kept-not-stripped': at(17, 'walkaround'),
  'product-missing': at(17, 'film'),
  'repair-idle': at(19, 'log'),
  'filler-fault': at(12, 'film'),
  stack: at(4, 'film'),
  'patch-open': at(4, 'walkaround'),
  'lifting-kept': at(4, 'walkaround'),
  'reference-spot': at(19, 'walkaround'),
  'lead-untested': at(15, 'walkaround'),
  'lead-dry': at(9, 'walkaround'),
  'gate-open': at(15, 'walkaround'),
  'covered-unpainted': at(8, 'walkaround'),
  'unsigned-hold': at(15, 'steps'),
  'old-tape': at(7, 'bays'),
  'air-outside-limits': at(12, 'film'),
  'air-longer': at(6, 'bays'),
  'work-air': at(12, 'bays'),
  'forecast-stop': at(12, 'booth'),
  'edge-dries': at(12, 'booth'),
  'batches-apart': at(12, 'booth'),
  'refit-early': at(16, 'bays'),
  'sample-open': at(13, 'scheme'),
  'sample-late': at(13, 'scheme'),
  'sample-at-risk': at(13, 'scheme'),
  'match-given-up': at(13, 'scheme'),
  'ground-shows': at(17, 'scheme'),
  'line-shows': at(17, 'scheme'),
  'unequal-coats': at(17, 'scheme'),
  'finish-not-laid': at(17, 'scheme'),
  'system-differs': at(17, 'scheme'),
  'effect-apart': at(17, 'steps'),
  'scheme-fault': at(19, 'scheme'),
  'field-on-kept': at(19, 'scheme'),
  'own-operations-ignored': at(19, 'shop'),
  'edit-without-step': at(19, 'steps'),
  'order-refused': at(19, 'steps'),
  'order-overridden': at(19, 'steps'),
  'skip-refused': at(19, 'steps'),
  skipped: at(19, 'steps'),
  overtaken: at(19, 'log'),
  'pin-missed': at(19, 'bays'),
};

/** Law and station of a warning; a cap is raised where its hours or its money are read. */
export function groundOf(warning: PlanWarning): { law: WarningLaw; station: WarningStation } {
  const { law, station } = grounds[warning.code];
  if (warning.code === 'over-cap' && warning.budget !== 'labour')
    return { law, station: warning.budget === 'booth' ? 'bays' : 'stores' };
  const isBare = 'product' in warning && warning.product === null;
  if (isBare && (warning.code === 'window-tight' || warning.code === 'pin-closes-window'))
    return { law: 2, station };
  return { law, station };
}

/** What must not be begun as it is planned. Everything else is a caution. */
const stops: ReadonlySet<Code> = new Set<Code>([
  'late',
  'window-broken',
  'pin-closes-window',
  'no-room',
  'thin-clear',
  'thin-topcoat',
  'kept-thin',
  'lifting-kept',
  'spot-thin',
  'air-outside-limits',
  'forecast-stop',
  'no-skill',
  'product-missing',
  'session-over-shift',
  'lead-dry',
  'scheme-fault',
  'field-on-kept',
  'covered-unpainted',
  'gate-open',
  'own-operations-ignored',
  'order-refused',
  'person-refused',
  'unequal-coats',
  'match-given-up',
]);

/** Whether work must not go on, or somebody only has to know. */
export function gradeOf(warning: PlanWarning): WarningGrade {
  switch (warning.code) {
    case 'stack':
      return warning.fault.grade === 'error' ? 'stop' : 'caution';
    case 'lead-untested':
      return warning.isHeld ? 'stop' : 'caution';
    case 'finish-not-laid':
      return warning.finish === 'leaf' ? 'stop' : 'caution';
    case 'ridge-cut':
      return warning.leftUm < 0 ? 'stop' : 'caution';
    default:
      return stops.has(warning.code) ? 'stop' : 'caution';
  }
}
