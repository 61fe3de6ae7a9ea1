import type { PlanBecause, PlanWarning } from '@/core/plan';
import type { LinkReason, StepReason } from '@/core/steps';
import { reasonSentence, whySentence } from './step-words';
import { warningText } from './warning-words';

const locale = { timeZone: 'Europe/London', currency: 'GBP' };
const names = {
  product: (code: string) => `<${code}>`,
  step: (key: string) => `<${key}>`,
  section: (key: string) => `<${key}>`,
};
const at = (iso: string) => Date.parse(iso) / 60000;

describe('why a step is there', () => {
  const cases: [StepReason, string][] = [
    [{ code: 'always' }, 'Every job of this kind needs it.'],
    [{ code: 'depth', depth: 'bare' }, 'The section is taken to bare.'],
    [{ code: 'depth', depth: 'scuff' }, 'The section is scuffed and refinished.'],
    [
      { code: 'substrate', substrate: 'aluminium', method: 'gel' },
      'Aluminium is stripped with gel: blasting warps it and coarse discs cut it.',
    ],
    [
      { code: 'substrate', substrate: 'steel', method: 'treat' },
      'Bare steel is treated just before its first coat.',
    ],
    [
      { code: 'ground-shows', ground: 'Band', deltaE: 3.24 },
      'It looks otherwise over Band than over its own ground: ΔE 3.2.',
    ],
    [
      { code: 'break-line', m2: 1.386, lineM: 4.4 },
      '1.39 m² are textured up to 4.40 m of line, as it is laid out.',
    ],
    [{ code: 'level-round', level: 'Show', round: 1, of: 1 }, 'Level Show asks for it.'],
    [{ code: 'layer', role: 'clear', product: 'clear-21', coat: 2, of: 4 }, 'Coat 2 of 4: <clear-21>.'],
    [
      { code: 'clear-budget', coats: 4, leftFlatUm: 83.1, leftEdgeUm: 31.2, tapeThrough: '800' },
      '4 clear coats leave 83 µm on flats and 31 µm on edges, edges taped through 800.',
    ],
    [
      { code: 'session-limit', product: 'clear-21', most: 3 },
      '<clear-21> takes 3 coats a session; more are cut and cleared again.',
    ],
    [{ code: 'colour-next', colour: 'Cream' }, 'Everything beside Cream is covered before it is sprayed.'],
    [{ code: 'by-hand' }, 'The manager put it in.'],
    [{ code: 'operation', why: 'glue holds on scratches' }, 'Glue holds on scratches.'],
    [
      { code: 'level-round', level: 'Show', round: 2, of: 3 },
      'Level Show asks for 3 rounds; this is round 2.',
    ],
    [
      { code: 'shift-limit' },
      'Colour and clear together would not fit one shift, so the clear has a session of its own.',
    ],
    [
      { code: 'remedy', product: 'p' },
      'The recoat window of <p> has closed by then; scuffing opens it again.',
    ],
    [{ code: 'licensed-hold' }, 'Only the responsible licensed engineer releases this point.'],
    [{ code: 'chosen-method', method: 'blast' }, 'The manager chose the method: blasting.'],
    [{ code: 'fittings', count: 3 }, '3 fittings of the strip-down list are done up at the bench.'],
    [
      { code: 'refit-order', waitsFor: 'bond' },
      'It waits until the film bears a bond, and has its own place in the order of refit.',
    ],
    [
      { code: 'repair', kind: 'run', stop: 'stop at the floor' },
      'It mends what was found; stop at the floor.',
    ],
    [
      { code: 'stepped-edge', layers: 4, widthMm: 160 },
      '4 layers step up around the spot: 160 mm are feathered.',
    ],
    [{ code: 'typed-coats' }, 'The number of coats was typed by the manager.'],
  ];

  test.each(cases)('%j', (reason, sentence) => {
    expect(reasonSentence(reason, names)).toBe(sentence);
  });
});

describe('why not earlier', () => {
  const link = (why: LinkReason, min = 90): PlanBecause => ({ kind: 'link', from: 'a', min, why });
  const cases: [PlanBecause, string][] = [
    [link({ code: 'order' }), 'After “<a>”.'],
    [
      link({ code: 'away', vendor: 'Lowmoor', days: 9, leadIn: 'calendar', backAt: null, due: null }),
      'After “<a>”: it is away with Lowmoor for 9 days.',
    ],
    [
      link({ code: 'refit-after', product: 'p', airC: 18, state: 'clamp' }),
      'After “<a>”: <p> is ready for it 1 h 30 after its coat at 18 °C (bears a clamp).',
    ],
    [link({ code: 'flash', product: 'p', airC: 18 }), 'After “<a>”: must flash 1 h 30 at 18 °C.'],
    [link({ code: 'state', state: 'metal-sound' }), 'After “<a>”: it must be sound in its metal.'],
    [link({ code: 'by-hand' }), 'After “<a>”: put in this order by hand.'],
    [link({ code: 'wiped' }), 'After “<a>”: wiped panels are sprayed at once.'],
    [
      link({ code: 'sand-after', product: 'p', airC: 18 }, 1358),
      'After “<a>”: <p> can be worked 22 h 38 after its coat at 18 °C.',
    ],
    [link({ code: 'settle' }, 720), 'After “<a>”: settles 12 h.'],
    [link({ code: 'bare-metal', substrate: 'steel' }), 'After “<a>”: bare steel wants its coat.'],
    [link({ code: 'dust-free', product: 'p', airC: 20 }), 'After “<a>”: stands until dust-free.'],
    [{ kind: 'now' }, 'It can start at once.'],
    [{ kind: 'not-before' }, 'It may not start before then.'],
    [
      { kind: 'agreed', from: at('2026-12-24T13:00Z') },
      'Kept at its agreed start; it could begin on Thu 24 Dec 13:00, too little sooner to move it.',
    ],
    [
      { kind: 'closed', who: ['Ines'], from: at('2026-12-24T16:30Z'), to: at('2026-12-29T07:30Z') },
      'Closed from Thu 24 Dec 16:30 to Tue 29 Dec 07:30.',
    ],
    [
      { kind: 'short', who: ['Booth'], from: at('2026-12-24T15:00Z'), to: at('2026-12-24T16:30Z') },
      'Too little of the shift was left on Thu 24 Dec.',
    ],
    [
      {
        kind: 'window',
        why: { code: 'bare-metal', substrate: 'steel' },
        from: at('2026-12-23T09:00Z'),
        to: at('2026-12-24T09:00Z'),
      },
      'Moved to Thu 24 Dec 09:00 so that a window holds: bare steel wants its coat.',
    ],
    [
      { kind: 'window', why: null, from: 0, to: at('2026-12-24T09:00Z') },
      'Moved to Thu 24 Dec 09:00, when its place is free for long enough.',
    ],
  ];

  test.each(cases)('%j', (because, sentence) => {
    expect(whySentence(because, names, locale)).toBe(sentence);
  });

  test('three rooms in the way are two and one more', () => {
    const because: PlanBecause = {
      kind: 'resource',
      who: ['A', 'B', 'C'],
      holders: ['x', 'y', 'z', 'w'],
      from: 0,
      to: at('2026-12-24T13:00Z'),
    };
    expect(whySentence(because, names, locale)).toBe(
      'A, B and 1 more busy until Thu 24 Dec 13:00: x, y and 2 more.',
    );
  });
});

describe('warnings', () => {
  const cases: [PlanWarning, 'stop' | 'caution', string][] = [
    [{ code: 'late', days: 1 }, 'stop', 'The plan ends 1 day after the promised date.'],
    [{ code: 'late', days: 4 }, 'stop', 'The plan ends 4 days after the promised date.'],
    [
      { code: 'over-cap', budget: 'labour', planned: 5430, cap: 5400 },
      'caution',
      'Labour: 90.5 h planned, cap 90.0 h.',
    ],
    [
      { code: 'over-cap', budget: 'materials', planned: 650000, cap: 600000 },
      'caution',
      'Materials: £6,500 planned, cap £6,000.',
    ],
    [
      {
        code: 'window-tight',
        step: 'b',
        from: 'a',
        product: null,
        slackMin: 91,
        lengthMin: 480,
        closes: at('2026-12-24T13:00Z'),
      },
      'caution',
      '“<b>” has 1 h 31 to spare of 8 h: bare metal may stand until Thu 24 Dec 13:00. Keep what comes before it on time.',
    ],
    [
      {
        code: 'pin-closes-window',
        step: 'p',
        to: 'b',
        product: 'e',
        lateMin: 300,
        closes: at('2026-12-24T13:00Z'),
      },
      'stop',
      'The fixed start of “<p>” is too late: the recoat window of <e> is open until Thu 24 Dec 13:00, and “<b>” comes 5 h after that. Fix an earlier start, or none.',
    ],
    [
      { code: 'refit-early', step: 'r', product: 'c', waitedMin: 2880, neededMin: 4536 },
      'caution',
      '“<r>” comes 2 d after the last coat; <c> takes marks from clamps and rubbers for 3 d 4 h. Begin later.',
    ],
    [
      {
        code: 'scarce-hands',
        step: 's',
        able: ['Ines', 'Dot'],
        spareDays: 2,
        missedFrom: '2026-12-04',
        backOn: '2026-12-14',
        lastDay: '2026-12-03',
      },
      'caution',
      '“<s>” needs Ines, Dot, away from Fri 4 Dec, back on Mon 14 Dec: it may slip 2 days. Begin it by Thu 3 Dec.',
    ],
    [
      {
        code: 'batches-apart',
        colour: 'Gull White',
        product: 'w',
        batches: ['A1', 'B2'],
        panels: ['L3'],
      },
      'caution',
      'Gull White, <w>: the last coats came from 2 batches that were not boxed (A1, B2). Box what is left, and compare L3 with their neighbours.',
    ],
    [
      {
        code: 'allowance-short',
        heldMin: 420,
        foundMin: 120,
        projectedMin: 480,
        panelsDone: 1,
        panels: 4,
      },
      'caution',
      'Hidden damage: 2.0 h found on 1 of 4 panels; at that rate 8.0 h in all, 7.0 h are held. Tell the owner, and hold more.',
    ],
    [
      {
        code: 'rounds-late',
        section: 'roof',
        lastDay: '2026-12-07',
        ends: '2026-12-11',
        workDays: 4,
      },
      'caution',
      '<roof>: at the pace so far its rounds end on Fri 11 Dec, 4 working days after their last day, Mon 7 Dec. Stop where it is straight enough, or move the day.',
    ],
    [
      {
        code: 'filler-fault',
        section: 'roof',
        product: 'f',
        fault: 'too-thick',
        figure: 4,
        limit: 3,
        unit: 'mm',
      },
      'caution',
      '<roof>, <f>: 4 mm in the mean, at most 3 mm a layer: beat the metal first, or lay it in two.',
    ],
    [
      {
        code: 'filler-fault',
        section: 'roof',
        product: 'f',
        fault: 'hardener-low',
        figure: 1,
        limit: 2,
        unit: '%',
      },
      'caution',
      '<roof>, <f>: 1 % hardener, at least 2 %: it stays soft and bleeds.',
    ],
    [
      {
        code: 'hard-days',
        kind: 'hand',
        days: 3,
        person: 'Jun',
        date: '2026-12-07',
        minutes: 300,
        limitMin: 240,
      },
      'caution',
      'Hand sanding: Jun has 5 h of it on Mon 7 Dec, at most 4 h a day; over on 3 person-days. Change places at midday, take a second hand, or let the calendar keep the limit.',
    ],
    [
      { code: 'over-material-cap', kind: 'masking', product: null, unit: null, planned: 12500, cap: 10000 },
      'caution',
      'Masking: £125 planned, cap £100.',
    ],
    [
      { code: 'over-material-cap', kind: 'masking', product: 'tape', unit: 'm', planned: 120, cap: 100 },
      'caution',
      '<tape>: 120 m planned, cap 100 m.',
    ],
    [
      { code: 'painter-changes', step: 'c', product: 'p', from: ['Ines'], to: ['Marek'] },
      'caution',
      '“<c>”: Marek would go on where Ines began; <p> wants one pair of hands from end to end. Name the painter, or note that it changes.',
    ],
    [
      { code: 'work-air', step: 'm', place: 'bay-1', airC: 7, limitC: 10, steps: 2 },
      'caution',
      '“<m>” is planned at 7 °C, at least 10 °C, 2 steps in all. Warm the place, or wait.',
    ],
    [{ code: 'window-broken', window: 'w', step: 's' }, 'stop', 'A window closes before “<s>” can start.'],
    [
      { code: 'remedied', product: 'p', step: 's', personMinutes: 96, costMinor: 8150 },
      'caution',
      'The recoat window of <p> closes before “<s>”: scuffing again adds 1.6 h and £82.',
    ],
    [
      { code: 'film-limit', section: 'airframe', totalUm: 161, limitUm: 150 },
      'caution',
      '<airframe>: 161 µm of new film, more than 150 µm.',
    ],
    [
      { code: 'air-outside-limits', product: 'p', airC: 9, minAirC: 12, maxAirC: 32 },
      'stop',
      '<p> is applied between 12 and 32 °C; the place has 9 °C.',
    ],
    [
      { code: 'too-long-for-booth', neededM: 9.6, boothM: 9 },
      'caution',
      'The booth is 9 m long; 9.6 m are needed to walk round.',
    ],
    [
      { code: 'order-refused', step: 'a', after: 'b', chain: ['c', 'd'], why: null, mayInsist: false },
      'stop',
      '“<a>” cannot come after “<b>”, which waits for it, through <c>, <d>.',
    ],
    [
      {
        code: 'order-refused',
        step: 'a',
        after: 'b',
        chain: [],
        why: { code: 'state', state: 'masked' },
        mayInsist: true,
      },
      'stop',
      '“<a>” cannot come after “<b>”, which waits for it: it must be masked. You may insist.',
    ],
    [
      { code: 'order-overridden', step: 'a', after: 'b', why: { code: 'state', state: 'washed' } },
      'caution',
      'By hand, against the work: “<a>” after “<b>”, though it must be washed.',
    ],
    [
      { code: 'person-refused', step: 'a', person: 'jun' },
      'stop',
      'jun lacks the skill for “<a>”; somebody else is planned.',
    ],
    [
      { code: 'overtaken', step: 'a' },
      'caution',
      'Never logged, though work behind it has begun: <a>. It is left out of the plan.',
    ],
    [
      { code: 'lead-dry', section: 'roof', step: 'a' },
      'stop',
      '<roof>: lead or chromate was found, and “<a>” makes dust of it. Wet or chemical, contained, licensed where the law says.',
    ],
    [
      { code: 'lead-untested', section: 'roof', isHeld: false },
      'caution',
      '<roof>: not tested for lead and chromate; the test comes before any sanding, scraping, blasting or heat.',
    ],
    [
      { code: 'lead-untested', section: 'roof', isHeld: true },
      'stop',
      '<roof>: no result of the test for lead and chromate is written down; sanding, scraping, blasting and heat, and what follows them, are planned but not booked.',
    ],
    [
      { code: 'effect-apart', sections: ['shell', 'doors'] },
      'caution',
      '<shell>, <doors>: one effect colour in several sessions; panels sprayed apart do not match when bolted together.',
    ],
    [
      { code: 'old-tape', section: 'roof', days: 16, ratedDays: 14 },
      'caution',
      '<roof>: the tape would stay on 16 days and is rated for 14; mask again or pull it earlier.',
    ],
    [
      { code: 'own-operations-ignored', ring: 'masked waits for itself in wings' },
      'stop',
      'The shop’s own operations wait for each other here (masked waits for itself in wings); the job is planned with the trade’s alone.',
    ],
    [
      { code: 'edit-without-step', step: 'a/b' },
      'caution',
      'A change by hand has no step any more: a/b. It waits until the step is back.',
    ],
    [{ code: 'skipped', step: 'a' }, 'caution', 'Left out by hand: <a>.'],
    [
      { code: 'skip-refused', step: 'a', why: 'film' },
      'caution',
      'Not left out: <a>. The film needs the time.',
    ],
    [
      { code: 'unsigned-hold', step: 'a' },
      'caution',
      'Not yet released by the licensed engineer: <a>. What follows it is planned but not booked.',
    ],
    [
      { code: 'gate-open', section: 'roof', open: 2, holds: 'prime' },
      'stop',
      '<roof>: 2 gates are open; the first primer and what follows are planned but not booked until they are ticked.',
    ],
    [
      { code: 'gate-open', section: 'roof', open: 1, holds: 'filler' },
      'stop',
      '<roof>: a gate is open; filling and what follows are planned but not booked until it is ticked.',
    ],
    [
      { code: 'sample-open', colour: 'Chalk', state: 'none', refusals: 0, areas: ['roof'] },
      'caution',
      'Chalk is planned and not booked: nobody has seen a sample of it. Enter the verdict in Scheme, Colours; until then only what a sample takes is bought and mixed.',
    ],
    [
      { code: 'sample-open', colour: 'Chalk', state: 'refused', refusals: 2, areas: ['roof'] },
      'caution',
      'Chalk is planned and not booked: its sample was refused 2 times, and another is to be sprayed and shown. Enter the verdict in Scheme, Colours; until then only what a sample takes is bought and mixed.',
    ],
    [
      {
        code: 'edge-dries',
        step: 'a',
        product: 'clear',
        airC: 27.5,
        roundMin: 12.2,
        edgeMin: 4.76,
        painters: 3,
        costMinor: 0,
        breakAtLine: true,
      },
      'caution',
      '<a>. The edge is open 4.8 min at 27.5 °C, and each painter is back after 12 min: end the stretch at a panel line, or wait for cooler air.',
    ],
    [
      { code: 'sample-at-risk', colour: 'Chalk', by: 'Ann', areas: ['roof'] },
      'caution',
      'Chalk goes on without an accepted sample: Ann takes the risk.',
    ],
    [
      {
        code: 'sample-late',
        colour: 'Chalk',
        product: 'base',
        orderBy: '2027-01-05',
        looksOn: '2027-01-08',
      },
      'caution',
      'Chalk: <base> has to be ordered by Tue 5 Jan, and the sample is looked at on Fri 8 Jan. Spray and show the card before, or take the risk by name.',
    ],
    [{ code: 'reference-spot', part: 'C1L', what: 'old green' }, 'caution', 'C1L: do not strip old green.'],
    [
      { code: 'gloss-over-straightness', section: 'roof' },
      'caution',
      '<roof>: the gloss asked for shows every flaw that scuffing leaves.',
    ],
    [
      { code: 'no-place', placeKind: 'bench' },
      'caution',
      'The shop has no bench; that work is planned without a place.',
    ],
    [{ code: 'no-skill', skill: 'paint' }, 'stop', 'Nobody in the shop has the skill “paint”.'],
    [
      { code: 'product-missing', product: 'x-1', section: 'roof' },
      'stop',
      '<roof>: x-1 is not on the shelf, its layer is left out.',
    ],
    [
      { code: 'session-over-shift', session: 's', minutes: 600, shiftMin: 540 },
      'stop',
      'A booth session takes 10.0 h and the shift has 9.0 h: fewer coats, or a second painter.',
    ],
    [
      {
        code: 'ground-shows',
        colour: 'Chalk',
        areas: ['roof', 'sides', 'wings'],
        face: 'outside',
        ground: 'grey sealer',
        planned: 3,
        coats: 5,
        deltaE: 2.34,
      },
      'caution',
      '<roof>, <sides> and 1 more: 3 coats of Chalk over grey sealer leave ΔE 2.3 to be seen; it takes 5 coats, or another shade of sealer. Spray a card over that ground.',
    ],
    [
      {
        code: 'ground-shows',
        colour: 'Chalk',
        areas: ['doors'],
        face: 'inside',
        ground: 'epoxy',
        planned: 1,
        coats: null,
        deltaE: 9,
      },
      'caution',
      '<doors>, insides: 1 coat of Chalk over epoxy leaves ΔE 9.0 to be seen; no number of coats hides it: lay a ground coat, or choose another sealer. Spray a card over that ground.',
    ],
    [
      {
        code: 'unequal-coats',
        colour: 'Ruby',
        counts: [
          { coats: 4, areas: ['sides'] },
          { coats: 6, areas: ['roof'] },
        ],
      },
      'stop',
      'Ruby deepens with every coat, and gets 4 coats on <sides>, 6 coats on <roof>: they will not look alike.',
    ],
    [
      {
        code: 'line-shows',
        colour: 'Chalk',
        areas: ['band'],
        ground: 'Tar',
        planned: 3,
        coats: 5,
        deltaE: 2.31,
      },
      'caution',
      '<band>: Tar is sprayed past the line first, and 3 coats of Chalk leave ΔE 2.3 of it to be seen: lay 5 coats, keep its field free of Tar, or paint it first.',
    ],
    [
      {
        code: 'ridge-cut',
        colours: ['Chalk', 'Tar'],
        panels: ['B1L'],
        ridgeUm: 67,
        leftUm: 14.1,
        limitUm: 30,
        planned: 4,
        coats: 5,
      },
      'caution',
      'Tar stands 67 µm above Chalk at their line: with 4 clear coats the line keeps 14 µm of clear after sanding, 30 µm should stay. Lay 5 clear coats, or leave a strip along the line unsanded.',
    ],
    [
      {
        code: 'ridge-cut',
        colours: ['Chalk', 'Tar'],
        panels: ['B1L'],
        ridgeUm: 67,
        leftUm: -5,
        limitUm: 30,
        planned: 3,
        coats: 5,
      },
      'stop',
      'Tar stands 67 µm above Chalk at their line: with 3 clear coats the line is cut through after sanding, 30 µm are needed. Lay 5 clear coats, or leave a strip along the line unsanded.',
    ],
    [
      { code: 'finish-not-laid', colour: 'Fog', finish: 'metallic', product: 'base', areas: ['roof'] },
      'caution',
      'Fog is called metallic, and <base> is laid for it on <roof>: choose the coat system of the colour in Scheme, or call it by what it is.',
    ],
    [
      { code: 'finish-not-laid', colour: 'Gold', finish: 'leaf', product: 'base', areas: ['roof'] },
      'stop',
      'Gold is leaf, and <base> would be sprayed for it on <roof>: leaf is laid by hand, as lines and boxes on the finished film. Give the section another colour and lay the leaf out over it.',
    ],
    [
      { code: 'system-differs', colour: 'Fog', section: 'roof' },
      'caution',
      '<roof> gets Fog by its own coat system, the colour names another: give both the same.',
    ],
    [
      { code: 'match-given-up', colour: 'Fog', scheme: 'All of it', attempts: 2, most: 2, lastDay: null },
      'stop',
      'Fog was not matched: 2 attempts failed, 2 were allowed. Compare “All of it” in Scheme and choose, before more of it is sprayed.',
    ],
    [
      { code: 'match-given-up', colour: 'Fog', scheme: 'A', attempts: 1, most: 3, lastDay: '2026-12-03' },
      'stop',
      'Fog was not matched: the last day for it was Thu 3 Dec. Compare “A” in Scheme and choose, before more of it is sprayed.',
    ],
  ];

  test.each(cases)('%j', (warning, grade, text) => {
    expect(warningText(warning, names, locale)).toEqual({ grade, text });
  });
});
