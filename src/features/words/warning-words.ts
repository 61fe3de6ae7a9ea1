import { repairWords } from './repair-words';
import { dryEdgeText } from './coat-words';
import { colourWarningText } from './colour-warning-words';
import { watchText } from './watch-words';
import { faultText } from './scheme-words';
import type { PlanWarning } from '@/core/plan';
import type { GateStage } from '@/core/record';
import { gradeOf } from '@/core/warnings/ground';
import { date, hours, micrometres, moment, money, span, type Locale } from './format';
import { climateSentence, stackSentence } from './film-words';
import { linkWords, type Names } from './step-words';
import { fillerFaultText } from './store-words';
import { counted } from './counted';
import type { WarningText } from './warning-text';

export type { WarningText };

export const skipRefusals = {
  hold: 'Only the licensed engineer releases this point.',
  film: 'The film needs the time.',
  coat: 'Take the coat off in the Film room.',
};

const budgetNames = { labour: 'Labour', materials: 'Materials', booth: 'Booth time' };

/** What an open gate holds. */
const gateStageWords: Record<GateStage, string> = {
  strip: 'stripping',
  metal: 'metalwork',
  filler: 'filling',
  prime: 'the first primer',
  colour: 'the first coat of colour',
  clear: 'the first clear',
  polish: 'sanding and polishing',
};

/** A warning in a sentence with what to do about it. */
export const warningText = (warning: PlanWarning, names: WarningNames, locale: Locale): WarningText => ({
  grade: gradeOf(warning),
  text: sentenceOf(warning, names, locale),
});

type WarningNames = Names & { section(key: string): string };

function sentenceOf(warning: PlanWarning, names: WarningNames, locale: Locale): string {
  switch (warning.code) {
    case 'late':
      return `The plan ends ${counted(warning.days, 'day')} after the promised date.`;
    case 'over-cap': {
      const show = (value: number) =>
        warning.budget === 'materials' ? money(value, locale) : `${hours(value)} h`;
      return `${budgetNames[warning.budget]}: ${show(warning.planned)} planned, cap ${show(warning.cap)}.`;
    }
    case 'window-broken':
      return `A window closes before “${names.step(warning.step)}” can start.`;
    case 'remedied':
      return `The recoat window of ${names.product(warning.product)} closes before “${names.step(warning.step)}”: scuffing again adds ${hours(warning.personMinutes)} h and ${money(warning.costMinor, locale)}.`;
    case 'no-room':
      return `No room was found for “${names.step(warning.step)}”: longer than any shift, or nobody can do it.`;
    case 'thin-clear':
    case 'thin-topcoat':
      return `${names.section(warning.section)}: ${counted(warning.typed, warning.code === 'thin-clear' ? 'clear coat' : 'topcoat')} typed, the finish needs ${warning.needed}; ${micrometres(warning.leftFlatUm)} would be left on flats, ${micrometres(Math.max(0, warning.leftEdgeUm))} on edges.`;
    case 'film-limit':
      return `${names.section(warning.section)}: ${micrometres(warning.totalUm)} of new film, more than ${micrometres(warning.limitUm)}.`;
    case 'gloss-over-straightness':
      return `${names.section(warning.section)}: the gloss asked for shows every flaw that scuffing leaves.`;
    case 'kept-not-stripped':
      return `${names.section(warning.section)}: nothing is laid on it at this level, so nothing is taken off either. For new paint choose Work or more.`;
    case 'kept-thin':
      return `Panel ${warning.part}: reads ${micrometres(warning.readUm)}; correction would leave ${micrometres(Math.max(0, warning.leftUm))} on ${warning.face === 'flat' ? 'flats' : 'edges'}, ${micrometres(warning.stopUm)} must stay. Take a shorter ladder, or repaint it.`;
    case 'kept-unread':
      return `${names.section(warning.section)}: ${counted(warning.panels, 'panel')} polished without a film reading. Read them at the walk round; a thin clear is found by going through it.`;
    case 'repair-idle':
      return warning.why === 'panel'
        ? `Panel ${warning.part}: its repair (${repairWords[warning.kind].toLowerCase()}) is not planned, because the panel is left out of the job.`
        : `Panel ${warning.part}: its repair (${repairWords[warning.kind].toLowerCase()}) is not planned, because no film is laid there that could be laid again. Choose Work or more for the panel.`;
    case 'patch-open':
      return `${names.section(warning.section)}: the test patch has no verdict yet; nothing over that film is booked. Lay it, wait, and write down in Walkaround whether it holds.`;
    case 'lifting-kept':
      return `${names.section(warning.section)}: its clear lifts, and new paint over it lifts with it. Take all of the clear off: go to the stable layer, or to bare.`;
    case 'spot-thin':
      return `Panel ${warning.part}${warning.spot === '' ? '' : `, ${warning.spot}`}: ${counted(warning.attempts, 'attempt')} would leave ${micrometres(Math.max(0, warning.leftUm))} of clear, ${micrometres(warning.stopUm)} must stay. Clear the panel again instead, or leave the spot.`;
    case 'effect-apart':
      return `${warning.sections.map(names.section).join(', ')}: one effect colour in several sessions; panels sprayed apart do not match when bolted together.`;
    case 'window-tight':
    case 'pin-closes-window':
    case 'refit-early':
    case 'scarce-hands':
    case 'batches-apart':
    case 'allowance-short':
    case 'rounds-late':
    case 'hard-days':
    case 'over-material-cap':
    case 'work-air':
    case 'painter-changes':
      return watchText(warning, names, locale);
    case 'old-tape':
      return `${names.section(warning.section)}: the tape would stay on ${counted(warning.days, 'day')} and is rated for ${warning.ratedDays}; mask again or pull it earlier.`;
    case 'filler-fault':
      return `${names.section(warning.section)}, ${names.product(warning.product)}: ${fillerFaultText(warning)}`;
    case 'stack': {
      const { code, product, beneath } = warning.fault;
      return `${names.section(warning.section)}: ${stackSentence(code, names.product(product), beneath && names.product(beneath))}.`;
    }
    case 'air-outside-limits':
      return `${names.product(warning.product)} is applied between ${warning.minAirC} and ${warning.maxAirC} °C; the place has ${warning.airC} °C.`;
    case 'pin-missed':
      return `“${names.step(warning.step)}” is pinned to ${moment(warning.wanted, locale)} and can begin on ${moment(warning.start, locale)}.`;
    case 'air-longer':
      return `${names.product(warning.product)} before “${names.step(warning.step)}” waits ${span(warning.minutes)} instead of ${span(warning.plannedMin)}: cold nights, days the shop is closed or the forecast.`;
    case 'forecast-stop':
      return `${date(warning.date)}: ${names.product(warning.product)} may not be laid in the air that is forecast: ${climateSentence(warning.stop)}.`;
    case 'too-long-for-booth':
      return `The booth is ${warning.boothM} m long; ${warning.neededM.toFixed(1)} m are needed to walk round.`;
    case 'no-place':
      return `The shop has no ${warning.placeKind}; that work is planned without a place.`;
    case 'no-skill':
      return `Nobody in the shop has the skill “${warning.skill}”.`;
    case 'product-missing':
      return `${names.section(warning.section)}: ${warning.product} is not on the shelf, its layer is left out.`;
    case 'session-over-shift':
      return `A booth session takes ${hours(warning.minutes)} h and the shift has ${hours(warning.shiftMin)} h: fewer coats, or a second painter.`;
    case 'lead-untested':
      return warning.isHeld
        ? `${names.section(warning.section)}: no result of the test for lead and chromate is written down; sanding, scraping, blasting and heat, and what follows them, are planned but not booked.`
        : `${names.section(warning.section)}: not tested for lead and chromate; the test comes before any sanding, scraping, blasting or heat.`;
    case 'lead-dry':
      return `${names.section(warning.section)}: lead or chromate was found, and “${names.step(warning.step)}” makes dust of it. Wet or chemical, contained, licensed where the law says.`;
    case 'scheme-fault':
      return `${warning.construction}: ${faultText({ code: warning.fault, strip: warning.strip })} It gets no colour.`;
    case 'ground-shows':
    case 'line-shows':
    case 'unequal-coats':
    case 'finish-not-laid':
    case 'system-differs':
    case 'match-given-up':
    case 'ridge-cut':
      return colourWarningText(warning, names);
    case 'field-on-kept':
      return `${warning.construction} lies on ${warning.panels.slice(0, 3).join(', ')}${warning.panels.length > 3 ? ` and ${warning.panels.length - 3} more` : ''}, which keep their paint: nothing is sprayed there. Give them a level, or end it before them.`;
    case 'reference-spot':
      return `${warning.part}: do not strip ${warning.what}.`;
    case 'covered-unpainted':
      return `${warning.part} is covered${warning.coveredBy ? ` by ${warning.coveredBy}` : ''} on ${date(warning.coveredOn)}, before its last coat on ${moment(warning.painted, locale)}.`;
    case 'sample-open':
      return `${warning.colour} is planned and not booked: ${openSample(warning)}. Enter the verdict in Scheme, Colours; until then only what a sample takes is bought and mixed.`;
    case 'edge-dries':
      return `${names.step(warning.step)}. ${dryEdgeText(warning, locale)}`;
    case 'sample-late':
      return `${warning.colour}: ${names.product(warning.product)} has to be ordered by ${date(warning.orderBy)}, and the sample is looked at on ${date(warning.looksOn)}. Spray and show the card before, or take the risk by name.`;
    case 'sample-at-risk':
      return `${warning.colour} goes on without an accepted sample: ${warning.by} takes the risk.`;
    case 'gate-open':
      return `${names.section(warning.section)}: ${warning.open === 1 ? 'a gate is' : `${warning.open} gates are`} open; ${gateStageWords[warning.holds]} and what follows are planned but not booked until ${warning.open === 1 ? 'it is' : 'they are'} ticked.`;
    case 'own-operations-ignored':
      return `The shop’s own operations wait for each other here (${warning.ring}); the job is planned with the trade’s alone.`;
    case 'edit-without-step':
      return `A change by hand has no step any more: ${warning.step}. It waits until the step is back.`;
    case 'skip-refused':
      return `Not left out: ${names.step(warning.step)}. ${skipRefusals[warning.why]}`;
    case 'order-refused': {
      const chain =
        warning.chain.length > 0 ? `, through ${warning.chain.map(names.step).slice(0, 3).join(', ')}` : '';
      const why = warning.why ? `: ${linkWords(warning.why, 0, names)}` : '';
      return `“${names.step(warning.step)}” cannot come after “${names.step(warning.after)}”, which waits for it${chain}${why}.${warning.mayInsist ? ' You may insist.' : ''}`;
    }
    case 'order-overridden':
      return `By hand, against the work: “${names.step(warning.step)}” after “${names.step(warning.after)}”, though ${linkWords(warning.why, 0, names)}.`;
    case 'person-refused':
      return `${warning.person} lacks the skill for “${names.step(warning.step)}”; somebody else is planned.`;
    case 'skipped':
      return `Left out by hand: ${names.step(warning.step)}.`;
    case 'overtaken':
      return `Never logged, though work behind it has begun: ${names.step(warning.step)}. It is left out of the plan.`;
    case 'unsigned-hold':
      return `Not yet released by the licensed engineer: ${names.step(warning.step)}. What follows it is planned but not booked.`;
  }
}

/** What is missing before a colour may be booked. */
const openSample = ({
  state,
  refusals,
}: {
  state: 'none' | 'waiting' | 'refused';
  refusals: number;
}): string =>
  state === 'refused'
    ? `its sample was refused${refusals > 1 ? ` ${refusals} times` : ''}, and another is to be sprayed and shown`
    : state === 'waiting'
      ? 'its sample was shown and waits for a verdict'
      : 'nobody has seen a sample of it';
