import { boundsOf, polygonAreaM2 } from '../geometry';
import { unchosenColour, type Job } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { lotsOf, partsOfJob, proposeJob } from '../survey';
import { bodyKinds, bodyKindOf, completeDimensions } from '../vehicle';
import { drawnElevations, elevationsOf, type Elevation } from '.';

const jobOf = (bodyKind: string, dimensions = completeDimensions(bodyKindOf(bodyKind)!, {})): Job =>
  proposeJob({
    number: 'T-1',
    name: 'Test',
    owner: '',
    bodyKind,
    dimensions,
    level: 'Road',
    arrival: '2026-11-23',
    promised: '2027-01-29',
    capLabourHours: 0,
    capMaterialsMinor: 0,
    capBoothHours: 0,
  });
const of = (views: readonly Elevation[], view: string) => views.find((one) => one.view === view)!;
const areaOf = (one: Elevation, kind: string) =>
  one.shapes
    .filter((shape) => shape.kind === kind)
    .reduce(
      (sum, { rings: [outline, ...holes] }) =>
        sum + polygonAreaM2(outline!) - holes.reduce((all, hole) => all + polygonAreaM2(hole), 0),
      0,
    );

const band = taperedBand({ colour: 'ochre' });
const base = jobOf('box-body', { length: 4.4, width: 1.8, height: 2.7, sideGlass: 0, wings: 0 });
const banded: Job = {
  ...base,
  colours: [...base.colours, { ...unchosenColour, id: 'ochre', name: 'Ochre' }],
  constructions: [band],
};

test.each(bodyKinds.filter(({ key }) => key !== 'loose-parts').map(({ key }) => key))(
  '%s: every view lies inside its picture, and left and right are mirror images',
  (key) => {
    const views = elevationsOf(jobOf(key));
    expect(views.map((one) => one.view)).toEqual(expect.arrayContaining(['left', 'right']));
    for (const { widthM, heightM, shapes } of views) {
      const { left, right, top, bottom } = boundsOf(shapes.flatMap((shape) => shape.rings.flat()));
      expect(Math.min(left, top)).toBeGreaterThanOrEqual(-1e-9);
      expect(right).toBeLessThanOrEqual(widthM + 1e-9);
      expect(bottom).toBeLessThanOrEqual(heightM + 1e-9);
    }
    const [left, right] = [of(views, 'left'), of(views, 'right')];
    // Wheel arches are cut by circles of straight pieces, which begin elsewhere on either side.
    expect(areaOf(right, 'panel')).toBeCloseTo(areaOf(left, 'panel'), 3);
    const xs = (one: Elevation) =>
      one.shapes.flatMap((shape) => (shape.kind === 'panel' ? shape.rings.flat().map(([x]) => x) : []));
    const mirrored = xs(right).map((x) => right.widthM - x);
    expect(Math.min(...mirrored)).toBeCloseTo(Math.min(...xs(left)), 6);
    expect(Math.max(...mirrored)).toBeCloseTo(Math.max(...xs(left)), 6);
  },
);

test('a side of a box body is as large as it is: length and height of its panels, wheels on the ground', () => {
  const left = of(elevationsOf(base), 'left');
  const panels = left.shapes.filter((one) => one.kind === 'panel').flatMap((one) => one.rings.flat());
  const { left: x0, right, top, bottom } = boundsOf(panels);
  expect(right - x0).toBeCloseTo(4.4, 6);
  // The side is 2.35 m from sill to gutter, and the van 2.7 m high: the sill stands 0.35 m up.
  expect(bottom - top).toBeCloseTo(2.35, 6);
  const wheels = left.shapes.filter((one) => one.kind === 'wheel').flatMap((one) => one.rings.flat());
  expect(boundsOf(wheels).bottom - bottom).toBeCloseTo(0.35, 2);
});

test('who stands before the left side sees the band at its widest at his left', () => {
  const left = of(elevationsOf(banded), 'left');
  const fields = left.shapes.filter((one) => one.kind === 'field');
  const widthAt = (x: number) => {
    const ys = fields
      .flatMap((one) => one.rings.flat())
      .flatMap(([px, y]) => (Math.abs(px - x) < 1e-6 ? [y] : []));
    return Math.max(...ys) - Math.min(...ys);
  };
  const { left: x0, right } = boundsOf(fields.flatMap((one) => one.rings.flat()));
  expect(widthAt(x0)).toBeCloseTo(0.2, 6);
  expect(widthAt(right)).toBeCloseTo(0.1, 6);
  // Trapezium: 4.4 m × (0.2 + 0.1) / 2.
  expect(areaOf(left, 'field')).toBeCloseTo(0.66, 6);
});

test('of a fuselage the middle of the girth is seen flat on, keel and spine edge on', () => {
  const left = of(elevationsOf(jobOf('low-wing')), 'left');
  const bay = left.shapes.find((one) => one.panel === 'F4L')!;
  const { top, bottom } = boundsOf(bay.rings.flat());
  // Half a girth of 2.05 m round an ellipse is 2.1 / π of it high.
  expect(bottom - top).toBeGreaterThan(1.2);
  expect(bottom - top).toBeLessThan((2.1 * 2.0475) / Math.PI + 0.1);
});

test.each(['low-wing', 'high-wing'])(
  '%s has three views: its span across from in front, and the fin over its middle',
  (key) => {
    const views = elevationsOf(jobOf(key, { length: 6.8, span: 9.2, height: 2.1 }));
    const front = of(views, 'front');
    const place = (panel: string) =>
      boundsOf(front.shapes.filter((one) => one.panel === panel).flatMap((one) => one.rings.flat()));
    const [tipLeft, tipRight, fin] = [place('W3LU'), place('W3RU'), place('FNU')];
    // The left wing is at the right hand of who stands before the nose.
    expect(tipLeft.right - tipRight.left).toBeCloseTo(9.2, 6);
    expect(tipLeft.left).toBeGreaterThan(fin.right);
    expect((fin.left + fin.right) / 2).toBeCloseTo((tipLeft.right + tipRight.left) / 2, 6);
    const widest = front.shapes.filter((one) => /^F\d/.test(one.panel)).flatMap((one) => one.rings.flat());
    const { left, right } = boundsOf(widest);
    // The girth of 1.95 × 2.1 m round an ellipse: half of it times 1.9 / π across.
    expect(right - left).toBeCloseTo((1.9 * (1.95 * 2.1)) / 2 / Math.PI, 2);
  },
);

test('a list of loose pieces has no sides', () => {
  expect(elevationsOf(jobOf('loose-parts'))).toEqual([]);
});

test('drawn, each panel and field has its work area and colour; what is not painted has none', () => {
  const { parts, sections } = lotsOf(banded, partsOfJob(banded));
  const summaries = sections.map(({ key, colour }) => ({ section: key, colour }));
  const drawn = drawnElevations(banded, { parts, sections: summaries });
  const side = drawn.find((one) => one.view === 'left')!;
  const kinds = new Map(side.shapes.map((one) => [one.kind, one]));
  expect(kinds.get('field')).toMatchObject({ area: 'sides~ochre' });
  expect(kinds.get('panel')).toMatchObject({ area: 'sides' });
  expect(kinds.get('wheel')!.area).toBeNull();
  expect(side.widthCm).toBe(490);
});

describe('a body with a cabin', () => {
  const views = elevationsOf(jobOf('saloon'));
  const roundM = 0.25;
  const panels = (one: Elevation) => one.shapes.filter((shape) => shape.kind === 'panel');
  const shapeOf = (one: Elevation, key: string) =>
    boundsOf(one.shapes.find((shape) => shape.panel === key)!.rings.flat());

  test.each(['front', 'rear'])('is as high from the %s as from its side, and as wide as it is', (view) => {
    const [end, side] = [of(views, view), of(views, 'left')];
    expect(end.heightM).toBeCloseTo(side.heightM, 1);
    // The widest of its ends, 1.72 m.
    expect(end.widthM - 2 * roundM).toBeCloseTo(1.72, 2);
    expect(end.shapes.filter((shape) => shape.kind === 'glass')).toHaveLength(1);
    expect(end.shapes.filter((shape) => shape.kind === 'wheel')).toHaveLength(2);
  });

  test('has its left wing to the right of who stands in front, its left quarter to the left from behind', () => {
    const middle = (one: Elevation) => one.widthM / 2;
    const [front, rear] = [of(views, 'front'), of(views, 'rear')];
    expect(shapeOf(front, 'WL').left).toBeGreaterThanOrEqual(middle(front) - 1e-9);
    expect(shapeOf(front, 'WR').right).toBeLessThanOrEqual(middle(front) + 1e-9);
    expect(shapeOf(rear, 'QL').right).toBeLessThanOrEqual(middle(rear) + 1e-9);
    // The boot is seen from behind, the bonnet from in front, the roof from both.
    const keys = (one: Elevation) => panels(one).map((shape) => shape.panel);
    expect(keys(front)).toEqual(expect.arrayContaining(['BN', 'RF', 'FP', 'FB']));
    expect(keys(front)).not.toContain('LB');
    expect(keys(rear)).toEqual(expect.arrayContaining(['LB', 'RF', 'RP', 'RB']));
    expect(keys(rear)).not.toContain('BN');
  });

  test('has glass before, behind and beside its roof from above', () => {
    const top = of(views, 'top');
    expect(top.shapes.filter((shape) => shape.kind === 'glass')).toHaveLength(4);
    expect(top.widthM - 2 * roundM).toBeGreaterThan(4.2);
    expect(top.heightM - 2 * roundM).toBeCloseTo(1.72, 2);
  });

  test('with a wall and a window behind its bed has the wall over the tailgate', () => {
    const rear = of(elevationsOf(jobOf('pickup')), 'rear');
    expect(shapeOf(rear, 'RW').bottom).toBeLessThanOrEqual(shapeOf(rear, 'TG').top + 0.2);
  });

  test('that is open has no glass', () => {
    for (const view of ['front', 'rear', 'top'])
      expect(of(elevationsOf(jobOf('vintage')), view).shapes.some((shape) => shape.kind === 'glass')).toBe(
        false,
      );
  });
});
