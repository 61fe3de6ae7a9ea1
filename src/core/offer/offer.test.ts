import { demoShop } from '../../demo/shop';
import { usualFigures } from '../figures';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import type { Plan, PlannedStep } from '../plan/model';
import { blankSurvey, type Job } from '../record';
import { netOfJob } from '../survey';
import { minuteAt } from '../units';
import {
  changeFrom,
  makeOffer,
  openedSince,
  stagesCsv,
  stagesDue,
  usualTerms,
  type Discount,
  type OfferTerms,
} from '.';

const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 480, zone);
const shelf = shelfOf(standardShelf);
// 48.00 an hour at work, 35.00 in the booth, 20 %.
const shop = { ...demoShop, labourRateMinorPerHour: 4800, boothRateMinorPerHour: 3500, taxBp: 2000 };
const job: Job = jobFixture({ bodyKind: 'saloon', level: 'Road' });

let made = 0;
const step = (
  phase: string,
  minutes: number,
  materialsMinor: number,
  over: Partial<PlannedStep> = {},
): PlannedStep =>
  ({
    key: `step-${(made += 1)}`,
    name: phase,
    subject: 'Shell',
    operation: phase,
    phase,
    state: 'planned',
    usedMin: 0,
    leftMin: minutes,
    materialsMinor,
    quotedMinor: null,
    coat: phase === 'colour' ? {} : null,
    skipped: false,
    needs: [],
    cautions: [],
    tags: [],
    people: [],
    end: minuteAt('2026-12-10', 600, zone),
    ...over,
  }) as unknown as PlannedStep;

/** A plan of which a quote reads only what is here. */
const planOf = (steps: PlannedStep[], over: object = {}): Plan =>
  ({
    steps,
    sections: [],
    parts: [],
    stays: [{ key: 's', kind: 'session', from: 'step-1' }],
    sessions: [],
    waste: [{ kind: 'solvent', amount: 2, unit: 'L', costMinor: 310 }],
    allowance: null,
    budgets: {
      labourMin: { used: 0, planned: steps.reduce((sum, one) => sum + one.leftMin + one.usedMin, 0), cap: 0 },
      materialsMinor: { used: 0, planned: 0, cap: 0 },
      boothMin: { used: 0, planned: 125, cap: 0, nightsHeld: 0 },
    },
    ...over,
  }) as unknown as Plan;

const offerOf = (
  plan: Plan,
  {
    discount = null,
    terms = usualTerms,
    one = job,
  }: { discount?: Discount | null; terms?: OfferTerms; one?: Job } = {},
) =>
  makeOffer(plan, {
    job: one,
    shop,
    shelf,
    figures: usualFigures,
    terms,
    number: 1,
    now,
    discount,
    note: '',
  });

describe('three quotes on paper', () => {
  const steps = [
    step('strip', 95, 1234),
    step('strip', 0, 45_000, { name: 'Send out', quotedMinor: 45_000 }),
    step('colour', 130, 20_555),
  ];

  test('plain: 76.00 and 104.00 of labour, 12.34 and 205.55 of materials, 450.00 bought in, 72.92 of booth, 3.10 of waste', () => {
    const offer = offerOf(planOf(steps));
    expect(offer.lines.map((line) => [line.kind, line.of, line.sumMinor])).toEqual([
      ['labour', 'strip', 7600],
      ['labour', 'colour', 10_400],
      ['materials', 'strip', 1234],
      ['materials', 'colour', 20_555],
      ['bought-in', 'Send out, Shell', 45_000],
      // 125 minutes at 35.00 are 72.9166.
      ['booth', '', 7292],
      ['disposal', 'solvent', 310],
    ]);
    // 92391; a fifth of it is 18478.2.
    expect([offer.netMinor, offer.grossMinor]).toEqual([92_391, 110_869]);
    expect(offer.taxes).toEqual([{ name: 'Tax', bp: 2000, on: [], baseMinor: 92_391, sumMinor: 18_478 }]);
    // A quarter and three fifths are cut to the penny below, the last takes the rest.
    expect(offer.stages.map((one) => one.grossMinor)).toEqual([27_717, 22_173, 22_173, 22_173, 16_633]);
    expect(offer.validUntil).toBe('2026-12-23');
    expect(offer.caps).toEqual({ labourHours: 4, boothHours: 3, materialsMinor: 67_100 });
  });

  test('two taxes and 2.5 % off: each base and each tax is rounded once', () => {
    const terms: OfferTerms = {
      ...usualTerms,
      secondTax: { name: 'Levy', bp: 500, on: ['materials', 'disposal'] },
    };
    const offer = offerOf(planOf(steps), {
      terms,
      discount: { kind: 'share', bp: 250, reason: 'second job' },
    });
    // 2.5 % of 92391 is 2309.775.
    expect(offer.discount).toEqual({ reason: 'second job', minor: 2310 });
    expect(offer.netMinor).toBe(90_081);
    // The levy lies on 12.34 + 205.55 + 3.10 = 220.99, of which 90081/92391 are 215.46.
    expect(offer.taxes.map((tax) => [tax.baseMinor, tax.sumMinor])).toEqual([
      [90_081, 18_016],
      [21_546, 1077],
    ]);
    expect(offer.grossMinor).toBe(109_174);
    expect(offer.stages.map((one) => one.grossMinor)).toEqual([27_293, 21_834, 21_834, 21_834, 16_379]);
    expect(offer.stages.reduce((sum, one) => sum + one.grossMinor, 0)).toBe(offer.grossMinor);
  });

  test('hidden damage is a ceiling in no sum; what was found is a line; 50.00 off', () => {
    const plan = planOf(steps, {
      allowance: { share: 0.2, heldMin: 300, foundMin: 90, leftMin: 210 },
      budgets: {
        labourMin: { used: 0, planned: 225 + 90 + 210, cap: 0 },
        materialsMinor: { used: 0, planned: 0, cap: 0 },
        boothMin: { used: 0, planned: 0, cap: 0, nightsHeld: 0 },
      },
    });
    const offer = offerOf(plan, { discount: { kind: 'money', minor: 5000, reason: 'cash' } });
    expect(offer.contingency).toEqual({ hours: 3.5, ceilingMinor: 16_800 });
    expect(offer.lines.find((line) => line.kind === 'found')).toMatchObject({
      quantity: 1.5,
      sumMinor: 7200,
    });
    // 92391 − 7292 of booth + 7200 found − 5000.
    expect(offer.netMinor).toBe(87_299);
    expect(offer.grossMinor).toBe(104_759);
  });

  test('every line names the steps it is made of, and each step with money stands in one of its kind', () => {
    const { lines } = offerOf(planOf(steps));
    const named = lines.flatMap((line) => (line.kind === 'labour' ? line.steps : []));
    expect(named).toEqual([steps[0]!.key, steps[2]!.key]);
    expect(lines.find((line) => line.kind === 'bought-in')!.steps).toEqual([steps[1]!.key]);
  });
});

describe('versions', () => {
  const panelsOf = (section: string) =>
    netOfJob(job)
      .filter((part) => part.section === section)
      .map((part) => part.key);
  const panelOf = (section: string) => panelsOf(section)[0]!;
  const before = planOf([step('strip', 60, 0, { key: 'a' }), step('colour', 60, 1000, { key: 'b' })]);
  const after = planOf([step('strip', 120, 0, { key: 'a' }), step('colour', 60, 1000, { key: 'b' })]);
  const grown = {
    id: 'x',
    what: 'a rack',
    hours: 1,
    moneyMinor: 0,
    days: 1,
    agreedBy: 'Ann',
    onDate: '2026-11-24',
  };
  const later: Job = { ...job, scope: [grown] as unknown as Job['scope'] };

  test('an hour more of stripping is 48.00 and the scope record says why; the earlier one stands as it was', () => {
    const [first, second] = [offerOf(before), offerOf(after, { one: later })];
    const kept = JSON.stringify(first);
    const change = changeFrom(first, second, later.scope);
    expect(change.lines.map((one) => [one.key, one.beforeMinor, one.afterMinor])).toEqual([
      ['labour/strip', 4800, 9600],
    ]);
    expect([change.netMinor, change.grossMinor]).toEqual([4800, 5760]);
    expect(change.why.map((one) => one.what)).toEqual(['a rack']);
    expect(JSON.stringify(first)).toBe(kept);
  });

  test('a change of scope moves the stage payments in proportion', () => {
    const [first, second] = [offerOf(before), offerOf(after)];
    // A quarter of 57.60 is 14.40.
    expect(second.stages[0]!.grossMinor - first.stages[0]!.grossMinor).toBe(1440);
  });

  test('later choices open what was signed, by section; a new name opens nothing', () => {
    const signed = offerOf(before);
    const [section, ...others] = job.sections;
    const renamed = { ...job, sections: [{ ...section!, name: 'Body' }, ...others] };
    expect(openedSince(signed, renamed)).toEqual([]);
    const shiny = { ...job, sections: [{ ...section!, level: 'Show' as const }, ...others] };
    expect(openedSince(signed, shiny)).toEqual([{ section: section!.key, what: ['level'] }]);
    const left = { ...job, surveyed: [{ ...blankSurvey(panelOf(section!.key)), absent: true }] };
    expect(openedSince(signed, left)).toEqual([{ section: section!.key, what: ['panels'] }]);
  });

  test('nothing opens by the order of lists, nor by a test of a panel that nobody chose anything for', () => {
    const keys = job.sections.slice(0, 1).flatMap((one) => panelsOf(one.key).slice(0, 3));
    const surveyed = keys.map((key) => ({ ...blankSurvey(key), level: 'Show' as const }));
    const lines = ['a', 'b'].map((colour) => ({ colour, strip: 's', shape: {} }));
    const chosen = { ...job, surveyed, constructions: lines as unknown as Job['constructions'] };
    const signed = offerOf(before, { one: chosen });
    const turned = {
      ...chosen,
      surveyed: [...surveyed].reverse(),
      constructions: [...chosen.constructions].reverse(),
    };
    expect(keys).toHaveLength(3);
    expect(openedSince(signed, turned)).toEqual([]);
    const fewer = { ...chosen, surveyed: surveyed.slice(1) };
    expect(openedSince(signed, fewer).map((one) => one.what)).toEqual([['panels']]);
    const tested = { ...job, surveyed: [{ ...blankSurvey(keys[0]!), solventTest: 'holds' as const }] };
    expect(openedSince(offerOf(before), tested)).toEqual([]);
  });
});

describe('stages', () => {
  const steps = [
    step('strip', 60, 0, { state: 'done', usedMin: 60, leftMin: 0, end: minuteAt('2026-11-27', 600, zone) }),
    step('build', 60, 0, { end: minuteAt('2026-12-04', 600, zone) }),
    step('colour', 60, 0),
  ];

  test('stripped is due once all stripping is done; no handover is planned, so nobody knows when it is delivered', () => {
    const due = stagesDue(offerOf(planOf(steps)), planOf(steps));
    expect(due.map((one) => [one.state, one.isReached, one.expectedOn])).toEqual([
      ['ordered', true, '2026-11-23'],
      ['stripped', true, '2026-11-27'],
      ['primed', false, '2026-12-04'],
      ['coloured', false, '2026-12-10'],
      ['delivered', false, null],
    ]);
  });

  test('as numbers for the accounts: net and tax of all stages come to those of the quote', () => {
    const offer = offerOf(planOf(steps));
    const lines = stagesCsv(offer, stagesDue(offer, planOf(steps)))
      .trim()
      .split('\n');
    expect(lines[0]).toBe('job,quote,stage,share_percent,net,tax,gross,currency,expected_on,due');
    const cells = lines.slice(1).map((line) => line.split(','));
    const sum = (at: number) => cells.reduce((total, row) => total + Math.round(100 * Number(row[at])), 0);
    expect([sum(4), sum(5), sum(6)]).toEqual([offer.netMinor, offer.taxes[0]!.sumMinor, offer.grossMinor]);
  });
});
