import { standardShelf } from '../film';
import { ratioWords, readShelfCsv, writeShelfCsv } from './shelf-csv';

const head =
  'code,name,kind,unit,packs,family,mix,method,dry_um,flash_min,dust_free_min,sand_after_min,min_air_c,max_air_c,recoat_max_min,recoat_min_min';
const line = (over: Partial<Record<string, string>> = {}) => {
  const cells: Record<string, string> = {
    code: 'clear-x',
    name: 'Clear X',
    kind: 'coating',
    unit: 'L',
    packs: '1.5@4300',
    family: 'clear',
    mix: 'clear=2:0.5:1 | activator=1:0.4:1.05',
    method: 'spray',
    dry_um: '30',
    flash_min: '12',
    dust_free_min: '90',
    sand_after_min: '900',
    min_air_c: '12',
    max_air_c: '32',
    recoat_max_min: '1440',
    recoat_min_min: '',
    ...over,
  };
  return head
    .split(',')
    .map((column) => cells[column] ?? '')
    .join(',');
};
const faults = (text: string) => {
  const read = readShelfCsv(text);
  return read.status === 'faulty' ? read.faults.map((one) => `${one.place}: ${one.reason}`) : [];
};

test('the whole standard shelf is written and read back, but for second temperatures and set-ups of guns', () => {
  const read = readShelfCsv(writeShelfCsv(standardShelf));
  if (read.status !== 'ok') throw new Error(JSON.stringify(read.faults.slice(0, 3)));
  const plain = (list: typeof standardShelf) =>
    list.map(({ coating, ...rest }) => ({
      ...rest,
      sheet: coating && {
        family: coating.family,
        mix: coating.mix,
        dryUm: coating.dryUm,
        voc: coating.vocGL,
        flash: coating.flashMin,
        recoat: [coating.recoatMinMin, coating.recoatMaxMin],
        method: coating.method,
        limits: [coating.minAirC, coating.maxAirC],
        by: coating.mixBy,
      },
    }));
  expect(plain(read.value)).toEqual(plain(standardShelf));
});

test('a plain product: mix, packs, and the middle of its family for the rest', () => {
  const read = readShelfCsv(`${head}\n${line()}\n`);
  expect(read).toMatchObject({
    status: 'ok',
    value: [{ code: 'clear-x', packs: [{ size: 1.5, priceMinor: 4300, part: null }] }],
  });
  if (read.status === 'ok') expect(ratioWords(read.value[0]!)).toBe('2:1');
  const filler = standardShelf.find((product) => product.code === 'polyester-primer')!;
  expect(ratioWords(filler)).toBe('98:2 by weight');
});

test('cells that a spreadsheet would run are guarded on the way out and read back', () => {
  const risky = { ...standardShelf[0]!, name: '=1+1' };
  const text = writeShelfCsv([risky]);
  expect(text).toContain("'=1+1");
  expect(readShelfCsv(text)).toMatchObject({ value: [{ name: '=1+1' }] });
});

describe('faults are named by line and field, and nothing is taken', () => {
  test.each([
    ['no head', 'nonsense\n1', 'line 1'],
    ['empty', `${head}\n`, 'line 2: there is no product'],
    ['solids over one', `${head}\n${line({ mix: 'clear=2:1.5:1' })}`, 'line 2, coating.mix[0].volumeSolids'],
    ['a mix of zero parts', `${head}\n${line({ mix: 'clear=0:0.5:1' })}`, 'add up to nothing'],
    [
      'a window that closes before it opens',
      `${head}\n${line({ recoat_min_min: '2000' })}`,
      'line 2, coating.recoatMaxMin: the recoat window closes before it opens',
    ],
    ['a negative price', `${head}\n${line({ packs: '1.5@-3' })}`, 'line 2, packs[0].priceMinor'],
    ['a figure that is none', `${head}\n${line({ dry_um: 'thick' })}`, 'line 2, coating.dryUm'],
    ['the same code twice', `${head}\n${line()}\n${line()}`, 'line 3: clear-x stands in line 2 too'],
    ['an unknown unit', `${head}\n${line({ unit: 'cups' })}`, 'line 2, unit'],
  ])('%s', (_name, text, expected) => {
    expect(faults(text).join('\n')).toContain(expected);
  });

  test('by weight without a density', () => {
    const text = `${head},mix_by\n${line({ mix: 'clear=2:0.5: | activator=1:0.4:' })},weight`;
    expect(faults(text)[0]).toContain('needs the density of each part');
  });

  test('a hundred thousand lines', () => {
    const text = `${head}\n${`${line()}\n`.repeat(100_000)}`;
    expect(faults(text)).toEqual(['line 5002: more than 5000 products in one file']);
  });
});
