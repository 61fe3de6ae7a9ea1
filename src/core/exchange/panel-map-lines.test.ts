import { jobFixture } from '../job.fixture';
import { unchosenColour } from '../record';
import { layoutOf } from '../scheme';
import { netOfJob } from '../survey';
import { readPanelMap } from './panel-map';
import { writePanelMap } from './panel-map-out';
import { linesOnNet, type MapLine } from './panel-map-lines';

const net = netOfJob(jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } }));
const colours = [unchosenColour, { ...unchosenColour, id: 'ochre', name: 'Gravel Ochre' }];
const around = { route: 'panel' as const, colours, place: 3 };
/** The map of a coach with something drawn over it, in millimetres of its layout. */
const withLine = (path: string) => writePanelMap(net, 'coach').replace('</svg>', `${path}\n</svg>`);
const read = (path: string) => readPanelMap(withLine(path), ['sides', 'roof', 'wings']);
const lines = (path: string): MapLine[] => {
  const map = read(path);
  if (map.status === 'faulty') throw new Error(JSON.stringify(map.faults));
  return map.value.lines;
};
const laid = (path: string) => linesOnNet(lines(path), net, around);
const reason = (path: string): string => {
  const map = read(path);
  const made = map.status === 'faulty' ? map : linesOnNet(map.value.lines, net, around);
  return made.status === 'faulty' ? `${made.faults[0]!.place}: ${made.faults[0]!.reason}` : 'laid';
};
/** A point of the left side: mm from the front end and above the sill. */
const left = (fromFront: number, up: number): string => {
  const side = net.filter((part) => part.side === 'left').flatMap((part) => part.outline);
  const [right, sill] = [Math.max(...side.map(([x]) => x)), Math.min(...side.map(([, y]) => y))];
  return `${right * 1000 - fromFront} ${sill * 1000 + up}`;
};
const drawn = (points: string[], rest: string) =>
  `<path id="W" data-line="" ${rest} d="M${points.join('L')}"/>`;
const band = 'data-colour="gravel ochre" data-width="80" data-name="Waist"';

describe('a line that a panel map draws over its panels', () => {
  test('is a band with stations where it bends, from end to end of its side', () => {
    const made = laid(drawn([left(0, 600), left(2000, 600), left(4400, 700)], band));
    if (made.status === 'faulty') throw new Error(JSON.stringify(made.faults));
    expect(made.value).toHaveLength(1);
    const [one] = made.value;
    expect(one).toMatchObject({ name: 'Waist', colour: 'ochre', strip: 'left', place: 3 });
    expect(one!.shape).toMatchObject({ kind: 'band', lies: 'centred', fromMm: null, toMm: null });
    const { stations } = one!.shape.line;
    expect(stations.map(({ atMm }) => Math.round(atMm))).toEqual([0, 2000, 4400]);
    expect(stations.map(({ mm }) => Math.round(mm))).toEqual([600, 600, 700]);
    // 80 mm wide over 4.4 m, lying square to a line that rises by 100 mm over 2.4 m, on sides 1.05 times as large.
    const area = layoutOf(net, 'panel', [{ ...one!, id: 'x' }]).pieces.reduce(
      (sum, piece) => sum + piece.areaM2,
      0,
    );
    const along = 2 + Math.hypot(2.4, 0.1);
    expect(area).toBeCloseTo(0.08 * along * 1.05, 3);
  });

  test('drawn from the rear to the front, ending short of both ends, it is the same line', () => {
    const made = laid(drawn([left(3000, 800), left(1000, 800)], band));
    if (made.status === 'faulty') throw new Error(JSON.stringify(made.faults));
    const { shape } = made.value[0]!;
    if (shape.kind !== 'band') throw new Error(shape.kind);
    expect([Math.round(shape.fromMm!), Math.round(shape.toMm!)]).toEqual([1000, 3000]);
  });

  test('without a width it is the edge of a field, and a curve keeps as many stations as it needs', () => {
    const curve = `<path id="F" data-line="" data-colour="ochre" data-field="below" d="M${left(0, 500)}Q${left(2200, 900)} ${left(4400, 500)}"/>`;
    const made = laid(curve);
    if (made.status === 'faulty') throw new Error(JSON.stringify(made.faults));
    const { shape } = made.value[0]!;
    expect(shape).toMatchObject({ kind: 'field', side: 'below' });
    expect(shape.line.stations.length).toBeGreaterThan(8);
    expect(shape.line.stations.length).toBeLessThanOrEqual(60);
    // A parabola through 500, 700 and 500 mm.
    const top = Math.max(...shape.line.stations.map(({ mm }) => mm));
    expect(Math.abs(top - 700)).toBeLessThan(2);
  });

  test('what cannot be laid is told by its path, and nothing of the map is taken', () => {
    const straight = [left(0, 600), left(4400, 600)];
    expect(reason(drawn(straight, 'data-colour="pink" data-width="80"'))).toMatch(
      /^path W: names the colour “pink”/,
    );
    expect(reason(drawn(straight, 'data-colour="ochre"'))).toMatch(/needs data-width in mm, or data-field/);
    for (const width of ['0', '-5', 'wide', '6000'])
      expect(reason(drawn(straight, `data-colour="ochre" data-width="${width}"`))).toMatch(
        /data-width of more/,
      );
    expect(reason(drawn([left(0, 600), left(2000, 600), left(1000, 700)], band))).toMatch(
      /runs back on itself/,
    );
    expect(reason(drawn([left(0, -90000), left(4400, -90000)], band))).toMatch(/lies over no panel/);
    expect(reason(drawn(straight, band).replace(/"\/>$/, 'Z"/>'))).toMatch(/one open path/);
    expect(reason(`<path id="G" data-line="" ${band} d="M${straight[0]}L${straight[1]}M0 0L9 9"/>`)).toMatch(
      /one open path/,
    );
    expect(reason(Array.from({ length: 41 }, () => drawn(straight, band)).join('\n'))).toMatch(
      /more than 40 lines/,
    );
    // A saw of a thousand teeth has more bends than stations follow.
    const saw = Array.from({ length: 400 }, (_, i) => left(i * 11, i % 2 ? 600 : 700));
    expect(reason(drawn(saw, band))).toMatch(/more bends than 60 stations/);
  });

  test('an open path that is no line is a fault as it was', () => {
    expect(reason('<path id="P" d="M0 0L100 0L100 100"/>')).toMatch(/^path P: is not closed/);
  });
});
