import { hiddenBelow } from '../colour';
import type { Plan, PlanWarning } from '../plan';
import type { Measure } from './model';

/** What a warning says in figures: what is there, and the limit it is held against; null where nothing is measured. */
export function measureOf(warning: PlanWarning, { windows }: Pick<Plan, 'windows'>): Measure | null {
  switch (warning.code) {
    case 'late':
      return { figure: warning.days, limit: 0, unit: 'days' };
    case 'over-cap':
      return {
        figure: warning.planned,
        limit: warning.cap,
        unit: warning.budget === 'materials' ? 'minor' : 'min',
      };
    case 'over-material-cap':
      return { figure: warning.planned, limit: warning.cap, unit: warning.unit ?? 'minor' };
    case 'allowance-short':
      return { figure: warning.projectedMin, limit: warning.heldMin, unit: 'min' };
    case 'window-broken': {
      const window = windows.find((one) => one.key === warning.window);
      return window
        ? { figure: window.met - window.opened, limit: window.closes - window.opened, unit: 'min' }
        : null;
    }
    case 'window-tight':
      return { figure: warning.lengthMin - warning.slackMin, limit: warning.lengthMin, unit: 'min' };
    case 'pin-closes-window':
      return { figure: warning.lateMin, limit: 0, unit: 'min' };
    case 'remedied':
      return { figure: warning.personMinutes, limit: 0, unit: 'min' };
    default:
      return ofFilm(warning) ?? ofWork(warning);
  }
}

/** Of films and their covers. */
function ofFilm(warning: PlanWarning): Measure | null {
  switch (warning.code) {
    case 'thin-clear':
    case 'thin-topcoat':
      return { figure: warning.typed, limit: warning.needed, unit: 'coats' };
    case 'ridge-cut':
      return { figure: warning.leftUm, limit: warning.limitUm, unit: 'µm' };
    case 'kept-thin':
    case 'spot-thin':
      return { figure: warning.leftUm, limit: warning.stopUm, unit: 'µm' };
    case 'filler-fault':
      return { figure: warning.figure, limit: warning.limit, unit: warning.unit };
    case 'film-limit':
      return { figure: warning.totalUm, limit: warning.limitUm, unit: 'µm' };
    case 'kept-unread':
      return { figure: warning.panels, limit: 0, unit: 'panels' };
    case 'old-tape':
      return { figure: warning.days, limit: warning.ratedDays, unit: 'days' };
    case 'ground-shows':
    case 'line-shows':
      return warning.coats === null
        ? { figure: warning.deltaE, limit: hiddenBelow, unit: 'ΔE' }
        : { figure: warning.planned, limit: warning.coats, unit: 'coats' };
    case 'batches-apart':
      return { figure: warning.batches.length, limit: 1, unit: 'batches' };
    default:
      return null;
  }
}

/** Of air, rooms and people. */
function ofWork(warning: PlanWarning): Measure | null {
  switch (warning.code) {
    case 'hard-days':
      return { figure: warning.minutes, limit: warning.limitMin, unit: 'min' };
    case 'rounds-late':
      return { figure: warning.workDays, limit: 0, unit: 'days' };
    case 'scarce-hands':
      return { figure: warning.spareDays, limit: 0, unit: 'days' };
    case 'air-outside-limits':
      return {
        figure: warning.airC,
        limit: warning.airC < warning.minAirC ? warning.minAirC : warning.maxAirC,
        unit: '°C',
      };
    case 'work-air':
      return { figure: warning.airC, limit: warning.limitC, unit: '°C' };
    case 'air-longer':
      return { figure: warning.minutes, limit: warning.plannedMin, unit: 'min' };
    case 'edge-dries':
      return { figure: warning.roundMin, limit: warning.edgeMin, unit: 'min' };
    case 'session-over-shift':
      return { figure: warning.minutes, limit: warning.shiftMin, unit: 'min' };
    case 'too-long-for-booth':
      return { figure: warning.neededM, limit: warning.boothM, unit: 'm' };
    case 'refit-early':
      return { figure: warning.waitedMin, limit: warning.neededMin, unit: 'min' };
    case 'pin-missed':
      return { figure: warning.start - warning.wanted, limit: 0, unit: 'min' };
    default:
      return null;
  }
}
