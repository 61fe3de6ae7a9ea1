import { colourRoles } from '../film';
import { basesOf, type GateStage, type Job, type PartSurvey } from '../record';
import type { StepDraft } from './draft';
import { followersOf } from './order-by-hand';
import type { SectionWork } from './section-work';
import type { Step } from './step';

/** Spots that must not be stripped, on panels whose old finish comes off. */
export function checkReferenceSpots(draft: StepDraft): void {
  const { job, parts } = draft.context;
  for (const survey of job.surveyed) {
    const part = parts.find((one) => one.key === survey.key);
    const section = job.sections.find((one) => one.key === part?.section);
    if (survey.reference && section && section.depth !== 'scuff')
      draft.warn({ code: 'reference-spot', part: survey.key, what: survey.reference });
    if (survey.reference && section && survey.referenceColour === null) spare(draft, section.key, survey);
  }
}

/** Until it is read, every step that takes anything off its section leaves the spot alone. */
function spare({ network, begun }: StepDraft, section: string, { key, reference }: PartSurvey): void {
  const takes: ReadonlySet<Step['phase']> = new Set(['strip', 'metal']);
  for (const step of network.steps)
    if (
      takes.has(step.phase) &&
      step.operation !== 'move' &&
      basesOf(step).includes(section) &&
      !begun.has(step.key)
    )
      step.checks = [
        ...step.checks,
        `spare the spot on ${key} until it is read and photographed: ${reference}`,
      ];
}

/**
 * A patch was asked for where nobody knows what lies there: until it has a verdict, nothing is coated over that film; what
 * would follow is planned and not booked.
 */
export function checkPatches(draft: StepDraft, works: readonly SectionWork[]): void {
  const { job } = draft.context;
  const { begun } = draft;
  const patched = new Set(
    draft.network.steps.flatMap((step) =>
      step.operation === 'lay-patch' && !step.skipped ? step.sections : [],
    ),
  );
  for (const { section, group } of works) {
    if (!patched.has(section.key)) continue;
    // One patch is laid for all that stands together.
    const parts = new Set(group.parts.map((part) => part.key));
    const holds = job.surveyed.some((one) => one.patch === 'holds' && parts.has(one.key));
    const first = draft.network.steps.find(
      (step) => step.coat !== null && step.sections.includes(section.key),
    );
    if (holds || !first || begun.has(first.key)) continue;
    draft.warn({ code: 'patch-open', section: section.key });
    const session = first.coat!.session;
    for (const step of draft.network.steps)
      if (step.coat?.session === session || step.hold === session)
        step.heldBy = [...new Set([...step.heldBy, patchGate])];
  }
}

const patchGate = 'verdict on the test patch';

/**
 * Gates that are still open, and decisions that nobody has taken, hold the first step of the work they name on their section,
 * the first primer where they name none: said, and planned but not booked, so that another job may take the slot meanwhile.
 */
export function checkGates(draft: StepDraft): void {
  const { job } = draft.context;
  const { begun } = draft;
  // The lots of a section wait for its gates with it, even when nothing of the section itself is left.
  const open = new Map<string, Job['gates']>();
  for (const gate of job.gates)
    if (!gate.done) {
      const key = `${gate.section}\n${gate.holds}`;
      open.set(key, [...(open.get(key) ?? []), gate]);
    }
  for (const gates of open.values()) {
    const { section, holds } = gates[0]!;
    const isHeld = heldBy[holds];
    const first = draft.network.steps.find(
      (step) => step.crew > 0 && !step.skipped && basesOf(step).includes(section) && isHeld(step),
    );
    if (!first || begun.has(first.key)) continue;
    draft.warn({ code: 'gate-open', section, open: gates.length, holds });
    const names = gates.map((gate) => gate.what || gate.kind);
    const session = first.coat?.session;
    for (const step of draft.network.steps)
      if (
        step === first ||
        (session !== undefined && (step.coat?.session === session || step.hold === session))
      )
        step.heldBy = [...step.heldBy, ...names];
  }
}

const inPhase =
  (phase: Step['phase']) =>
  (step: Step): boolean =>
    step.phase === phase && step.operation !== 'move';

/** The steps of each stretch of work. */
const heldBy: Record<GateStage, (step: Step) => boolean> = {
  strip: inPhase('strip'),
  metal: inPhase('metal'),
  filler: inPhase('filler'),
  prime: ({ coat }) => coat !== null,
  colour: ({ coat }) => coat !== null && colourRoles.has(coat.role),
  clear: ({ coat }) => coat !== null && (coat.role === 'clear' || coat.role === 'topcoat'),
  polish: inPhase('finish'),
};

/** Holds that nobody has released yet, each with its own step. */
export function checkHolds(draft: StepDraft): void {
  const signed = new Set(draft.context.job.signOffs.map((one) => one.step));
  const followers = followersOf(draft);
  const steps = new Map(draft.network.steps.map((step) => [step.key, step]));
  for (const step of draft.network.steps)
    if (step.cautions.includes('licensed-hold') && !signed.has(step.key) && !step.skipped) {
      draft.warn({ code: 'unsigned-hold', step: step.key });
      for (const later of followers.get(step.key)!) steps.get(later)!.heldBy.push(step.name);
    }
}

const isDryOnOldPaint = (step: Step): boolean =>
  step.phase === 'strip' && step.cautions.includes('lead-chromate') && step.tags.includes('dusty');

/**
 * Lead and chromate gate everything that makes dust of old paint. Untested, the test stands before it in the order; where
 * the test was logged or left out and no result is written down, the dry work is planned but not booked. Positive, it is
 * a stop: it must be worked wet or chemically, contained, by whom the law names.
 */
export function checkLead(draft: StepDraft, works: readonly SectionWork[]): void {
  const { job } = draft.context;
  const { begun } = draft;
  const test = draft.network.steps.find((step) => step.operation === 'test-lead');
  const isPlanned = test !== undefined && !test.skipped && !begun.has(test.key);
  for (const { section, situation, group } of works) {
    const parts = new Set(group.partsOf(section).map((part) => part.key));
    const positive = job.surveyed.some((one) => one.leadTest === 'positive' && parts.has(one.key));
    const untested = situation.flags.has('lead-untested');
    if (!positive && !untested) continue;
    const dry = draft.network.steps.filter(
      (step) => step.sections.includes(section.key) && isDryOnOldPaint(step) && !begun.has(step.key),
    );
    for (const step of dry) {
      if (positive) draft.warn({ code: 'lead-dry', section: section.key, step: step.key });
      else if (!isPlanned && !step.heldBy.includes(leadGate)) step.heldBy = [...step.heldBy, leadGate];
    }
    if (!positive && dry.length > 0)
      draft.warn({ code: 'lead-untested', section: section.key, isHeld: !isPlanned });
  }
}

const leadGate = 'test for lead and chromate';

/** What asks for a skill that nobody has is planned for its hours, and not booked. */
export function holdWhatNobodyCan(draft: StepDraft): void {
  const { begun } = draft;
  const skills = new Set<string>(draft.context.shop.people.flatMap((person) => person.skills));
  for (const step of draft.network.steps.filter((one) => !begun.has(one.key) && !one.skipped)) {
    const skill = step.people.find((one) => !skills.has(one));
    if (skill !== undefined) step.heldBy = [...step.heldBy, `somebody with the skill “${skill}”`];
  }
}

/** What comes behind a step that is not booked is not booked either: it is shown as what would follow. */
export function holdWhatFollows(draft: StepDraft): void {
  const { begun } = draft;
  const followers = followersOf(draft);
  const steps = new Map(draft.network.steps.map((step) => [step.key, step]));
  const reasons = new Map<string, Set<string>>();
  for (const { key, heldBy } of draft.network.steps.filter((step) => step.heldBy.length > 0)) {
    const behind = new Set([key]);
    // A set is walked in the order it grows, so that what follows what was found is found too.
    for (const one of behind) for (const later of followers.get(one) ?? []) behind.add(later);
    for (const one of behind) reasons.set(one, new Set([...(reasons.get(one) ?? []), ...heldBy]));
  }
  for (const [key, names] of reasons) if (!begun.has(key)) steps.get(key)!.heldBy = [...names];
}
