import { airClashes, cleanings, roomUses, sharesAir, type RoomUse } from './rooms';
import { floorChain, movesFirst, yard, yardFullAt, type FloorStay } from './floor';
import type { Plan, PlannedStep } from '../plan/model';
import { standardShop } from '../shop';
import { minuteAt } from '../units';

const place = (id: string, airWith: string[] = []) => ({ ...standardShop.places[0]!, id, airWith });
const use = (kind: RoomUse['kind'], at: string, from: number, to: number, job = 'P-1'): RoomUse => ({
  job,
  step: `${kind}${from}`,
  name: kind,
  place: at,
  from,
  to,
  kind,
});

describe('dust and open film', () => {
  const places = [place('booth', ['bay-1']), place('bay-1'), place('bay-2')];

  test('air is shared both ways round when one of them says so, and a room shares its own', () => {
    expect(sharesAir(places, 'bay-1', 'booth')).toBe(true);
    expect(sharesAir(places, 'booth', 'bay-1')).toBe(true);
    expect(sharesAir(places, 'booth', 'bay-2')).toBe(false);
    expect(sharesAir(places, 'bay-2', 'bay-2')).toBe(true);
  });

  test('sanding beside open film clashes for the minutes they overlap; in another air, or later, it does not', () => {
    const film = use('open', 'booth', 100, 200);
    const uses = [
      film,
      use('dusty', 'bay-1', 150, 400),
      use('dusty', 'bay-2', 150, 400),
      use('dusty', 'bay-1', 200, 300),
    ];
    expect(airClashes(uses, places)).toEqual([{ dusty: uses[1], open: film, from: 150, to: 200 }]);
  });

  test('the coats of one job beside one dusty step are one clash', () => {
    const uses = [
      use('open', 'booth', 100, 200),
      use('open', 'booth', 200, 300),
      use('dusty', 'bay-1', 50, 260),
    ];
    expect(airClashes(uses, places)).toEqual([expect.objectContaining({ from: 100, to: 260 })]);
  });

  test('a room is cleaned between dust and film; in full where another vehicle made the dust', () => {
    const uses = [
      use('dusty', 'bay-1', 0, 50),
      use('open', 'bay-1', 100, 200),
      use('dusty', 'bay-1', 300, 400, 'P-2'),
      use('open', 'bay-1', 500, 600),
      use('open', 'bay-1', 600, 700),
    ];
    expect(cleanings(uses).map((one) => [one.before.from, one.full])).toEqual([
      [100, false],
      [500, true],
    ]);
  });

  test('rooms are read from holds and from the places steps use; what is over or touches no room is left out', () => {
    const step = (key: string, given: object): PlannedStep =>
      ({
        key,
        name: key,
        state: 'planned',
        skipped: false,
        start: 10,
        end: 20,
        coat: null,
        tags: [],
        hold: null,
        uses: [],
        operation: 'x',
        ...given,
      }) as unknown as PlannedStep;
    const plan = {
      job: 'P-1',
      stays: [{ key: 's', place: 'booth' }],
      steps: [
        step('coat', { hold: 's', coat: {} }),
        step('sand', { tags: ['dusty'], uses: ['dot', 'bay-1'] }),
        step('done', { tags: ['dusty'], uses: ['bay-1'], state: 'done' }),
        step('nowhere', { tags: ['dusty'], uses: ['dot'] }),
        step('plain', { uses: ['bay-1'] }),
      ],
    } as unknown as Plan;
    const found = roomUses([plan], new Set(['booth', 'bay-1']), 0);
    expect(found.map((one) => [one.step, one.place, one.kind])).toEqual([
      ['coat', 'booth', 'open'],
      ['sand', 'bay-1', 'dusty'],
    ]);
    expect(roomUses([plan], new Set(['booth', 'bay-1']), 20)).toEqual([]);
  });
});

describe('the floor', () => {
  const zone = 'Europe/London';
  const t = minuteAt('2026-12-01', 0, zone);
  const stay = (key: string, at: string, from: number, to: number) => ({
    key,
    place: at,
    start: t + from,
    end: t + to,
    kind: 'stay',
    placeKind: 'bay',
    from: '',
    to: '',
    subject: '',
  });
  const plan = {
    stays: [stay('b', 'bay-1', 500, 900), stay('a', 'wash', 100, 300), stay('w', 'bay-2', 0, 900)],
    steps: [
      { hold: 'a', sections: ['shell'] },
      { hold: 'b', sections: ['shell:bare'] },
      { hold: 'w', sections: ['wings'] },
    ],
    finish: t + 1000,
  } as unknown as Plan;
  const job = {
    number: 'P-1',
    arrival: '2026-12-01',
    sections: [
      { key: 'shell', loose: false },
      { key: 'wings', loose: true },
    ] as never,
  };

  test('from arrival to the end without a gap: yard, wash, yard, bay, yard; the wings travel alone', () => {
    const chain = floorChain(job, plan, zone);
    expect(chain.map(({ place: at, from, to }) => [at, from - t, to - t])).toEqual([
      [yard, 0, 100],
      ['wash', 100, 300],
      [yard, 300, 500],
      ['bay-1', 500, 900],
      [yard, 900, 1000],
    ]);
  });

  test('it goes on standing in a room nobody needs until its next one', () => {
    const chain = floorChain(job, plan, zone, (place) => place === 'wash');
    expect(chain.map(({ place, from, to }) => [place, from - t, to - t])).toEqual([
      [yard, 0, 100],
      ['wash', 100, 500],
      ['bay-1', 500, 900],
      [yard, 900, 1000],
    ]);
  });

  const at = (name: string, where: string, from: number, to: number): FloorStay => ({
    job: name,
    place: where,
    from,
    to,
  });

  test('who stands in a room must leave it before the next comes, and where it goes is said', () => {
    const chains = [
      [at('P-1', 'bay-1', 0, 100), at('P-1', 'booth', 100, 200)],
      [at('P-2', yard, 0, 120), at('P-2', 'bay-1', 120, 300)],
      [at('P-3', 'bay-1', 300, 400)],
    ];
    expect(movesFirst(chains, 50)).toEqual([
      { place: 'bay-1', at: 120, out: 'P-1', outTo: 'booth', in: 'P-2' },
      { place: 'bay-1', at: 300, out: 'P-2', outTo: null, in: 'P-3' },
    ]);
    expect(movesFirst(chains, 200).map((one) => one.in)).toEqual(['P-3']);
  });

  test('a yard of 60 m² holds one coach of 7.6 × 2.3 m, (9.1 × 3.8 = 34.6 m²), not two', () => {
    const size = () => ({ lengthM: 7.6, widthM: 2.3 });
    const chains = [[at('P-1', yard, 0, 500)], [at('P-2', yard, 200, 300)]];
    const full = yardFullAt(chains, size, 60, 0)!;
    expect(full).toMatchObject({ at: 200, jobs: ['P-1', 'P-2'] });
    expect(full.neededM2).toBeCloseTo(69.16, 2);
    expect(yardFullAt(chains, size, 70, 0)).toBeNull();
    expect(yardFullAt(chains, size, 60, 300)).toBeNull();
  });
});
