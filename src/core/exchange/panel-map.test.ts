import { polygonAreaM2 } from '../geometry';
import { bodyKinds, completeDimensions } from '../vehicle';
import { readPanelMap } from './panel-map';
import { writePanelMap } from './panel-map-out';

const map = (inside: string, head = 'width="2000mm" viewBox="0 0 2000 1000"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${head}>${inside}</svg>`;
const read = (text: string) => readPanelMap(text, ['shell', 'wings']);
const parts = (text: string) => {
  const made = read(text);
  if (made.status !== 'ok') throw new Error(JSON.stringify(made.faults));
  return made.value.parts;
};
const fault = (text: string) => {
  const made = read(text);
  return made.status === 'faulty' ? `${made.faults[0]!.place}: ${made.faults[0]!.reason}` : 'read';
};

describe('a panel map at its scale, by hand', () => {
  test('a rectangle of 500 × 400 units at 1 mm is 0.2 m²; at 2 mm a unit 0.8 m²', () => {
    const rect = '<rect id="A1" x="10" y="20" width="500" height="400"/>';
    expect(polygonAreaM2(parts(map(rect))[0]!.outline)).toBeCloseTo(0.2, 9);
    expect(polygonAreaM2(parts(map(rect, 'width="4m" viewBox="0 0 2000 1000"'))[0]!.outline)).toBeCloseTo(
      0.8,
      9,
    );
    expect(polygonAreaM2(parts(map(rect, 'width="20in" viewBox="0 0 508 254"'))[0]!.outline)).toBeCloseTo(
      0.2,
      9,
    );
  });

  test('a path with an opening: 1 × 1 m less 0.5 × 0.5 m', () => {
    const [part] = parts(map('<path id="D" d="M0 0H1000V1000H0ZM200 200h500v500h-500z"/>'));
    expect(part!.holes).toHaveLength(1);
    expect(polygonAreaM2(part!.outline) - polygonAreaM2(part!.holes[0]!)).toBeCloseTo(0.75, 9);
  });

  test('a circle of two arcs, 1 m across, within half a millimetre: π / 4 m² less than 0.2 %', () => {
    const [part] = parts(map('<path id="C" d="M0 500A500 500 0 0 1 1000 500A500 500 0 0 1 0 500Z"/>'));
    const area = polygonAreaM2(part!.outline);
    expect(area).toBeLessThan(Math.PI / 4 + 1e-6);
    expect(area).toBeGreaterThan((Math.PI / 4) * 0.998);
  });

  test('names, sections, sides and figures come with it; what is not stated is loose and flat', () => {
    const [one, two] = parts(
      map(
        '<g data-section="wings"><polygon id="W" points="0,0 400,0 0,300" data-name="wing" data-side="left" data-shape="beaded" data-curve="1.25" data-inside="0.06"/></g><rect id="P" width="100" height="100"><title>plate</title></rect>',
      ),
    );
    expect(one).toMatchObject({
      key: 'W',
      name: 'wing',
      section: 'wings',
      side: 'left',
      shape: 'beaded',
      curveFactor: 1.25,
      insideM2: 0.06,
    });
    expect(two).toMatchObject({
      name: 'plate',
      section: 'shell',
      side: 'loose',
      shape: 'flat',
      curveFactor: 1,
    });
  });
});

test.each(bodyKinds.filter((kind) => kind.dimensions.length > 0).map((kind) => [kind.key, kind] as const))(
  '%s: written and read back, every point lies within 1 mm',
  (_key, kind) => {
    const dimensions = completeDimensions(kind, {});
    const net = kind.parts(dimensions);
    const sections = kind.sections({ ...dimensions, wings: 4 }).map((section) => section.key);
    const made = readPanelMap(writePanelMap(net, kind.name), sections);
    if (made.status !== 'ok') throw new Error(JSON.stringify(made.faults));
    expect(made.value.parts.map((part) => part.key)).toEqual(net.map((part) => part.key));
    made.value.parts.forEach((part, i) => {
      const was = net[i]!;
      expect(part.outline).toHaveLength(was.outline.length);
      part.outline.forEach(([x, y], j) => {
        expect(Math.hypot(x - was.outline[j]![0], y - was.outline[j]![1])).toBeLessThan(0.001);
      });
      expect(part).toMatchObject({ name: was.name, side: was.side, shape: was.shape, section: was.section });
    });
  },
);

describe('what is no panel map is named by its place', () => {
  const rect = '<rect id="A" width="10" height="10"/>';
  test.each([
    ['an open path', map('<path id="K" d="M0 0L100 0L100 100"/>'), 'path K: is not closed'],
    [
      'a path that crosses itself',
      map('<path id="K" d="M0 0L100 100L100 0L0 100Z"/>'),
      'path K: crosses itself: edge 1 and edge 3',
    ],
    ['no scale', map(rect, 'viewBox="0 0 10 10"'), 'line 1: states no scale'],
    ['a scale in pixels', map(rect, 'width="100px" viewBox="0 0 10 10"'), 'line 1: states no scale'],
    ['a script', map('<script>alert(1)</script>'), 'line 1: has the element <script>'],
    [
      'a script attribute',
      map('<rect id="A" onload="x()" width="1" height="1"/>'),
      'line 1: has the script attribute onload',
    ],
    [
      'an entity',
      '<!DOCTYPE svg [<!ENTITY x "y">]><svg width="1mm" viewBox="0 0 1 1"/>',
      'line 1: has a document type',
    ],
    [
      'a reference',
      map('<path id="A" d="M0 0H9V9Z" fill="url(http://x/y)"/>'),
      'line 1: refers to something outside by fill',
    ],
    ['a link', map('<image href="x.png"/>'), 'line 1: '],
    ['a use', map('<use xlink:href="#a"/>'), 'line 1: '],
    ['a transform', map('<g transform="scale(2)"/>'), 'line 1: has a transform'],
    ['a style sheet', map('<style>@import "x"</style>'), 'line 1: has the element <style>'],
    ['no id', map('<rect width="10" height="10"/>'), 'path on line 1: needs an id'],
    ['an id twice', map(`${'<rect id="A" width="50" height="50"/>'.repeat(2)}`), 'path A: stands twice'],
    [
      'an unknown section',
      map('<rect id="A" data-section="keel" width="50" height="50"/>'),
      'path A: names the section “keel”',
    ],
    ['nothing in it', map(''), ': the map has no path'],
    ['a speck', map(rect.replace(/10/g, '1')), 'path A: encloses less than a square centimetre'],
    ['a d of rubbish', map('<path id="A" d="M0 0 rubbish"/>'), 'path A: has a d that cannot be read'],
    ['a kilometre', map('<rect id="A" width="1000000" height="50"/>'), 'path A: is longer than 60 m'],
    ['half a file', '<svg width="1mm" viewBox="0 0 1 1"><g>', 'line 1: is not well-formed'],
    ['another document', '<html/>', 'line 1: has the element <html>'],
    ['text alone', 'just text', 'line 1: '],
    [
      'nesting without end',
      map(`${'<g>'.repeat(10000)}${'</g>'.repeat(10000)}`),
      'line 1: nests deeper than 32 levels',
    ],
    [
      'ten thousand paths',
      map('<rect id="A" width="50" height="50"/>'.repeat(10000)),
      'line 1: has more than 500 panels',
    ],
    ['50 MB', `${' '.repeat(50 * 1024 * 1024)}<svg/>`, ': the map is larger than 5 MB'],
  ])('%s', (_name, text, said) => {
    expect(fault(text)).toContain(said);
  });
});
