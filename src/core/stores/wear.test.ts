import { shelfOf, standardShelf } from '../film';
import type { Step } from '../steps';
import { abrasiveRows, toolHours } from './wear';

const shelf = shelfOf(standardShelf);
const step = (over: Partial<Step>, quantity = 10, share = 1) =>
  ({
    operation: 'block',
    phase: 'build',
    sections: ['roof'],
    personMinutes: 60,
    needs: [],
    figure: {
      fixedMin: 0,
      rate: 1,
      unit: 'm²',
      quantity,
      weighted: quantity,
      share,
      flashMin: 0,
      ownRate: false,
    },
    ...over,
  }) as Step;

test('12 sheets on 10 m² last 0.833 m² each and are blown out every 0.208; two rounds add up', () => {
  const block = step({ needs: [{ product: 'sheet-block', amount: 12 }] });
  const [row] = abrasiveRows([block, block], [], shelf);
  expect(row).toMatchObject({ product: 'sheet-block', on: 'block', areaM2: 20, units: 24, loading: 1 });
  expect(row!.areaEach).toBeCloseTo(0.8333, 4);
  expect(row!.cleanEvery).toBeCloseTo(0.2083, 4);
});

test('lacquer loads a disc five times: 150 on 10 m², cleaned five times as often for its life by the root', () => {
  // The share of a gummy layer is 5: the area worked is still the section’s own.
  const strip = step({ operation: 'strip-disc', needs: [{ product: 'disc-80', amount: 150 }] }, 10, 5);
  const [row] = abrasiveRows([strip], [{ key: 'roof', oldFinish: 'lacquer' }], shelf);
  expect(row).toMatchObject({ on: 'lacquer', areaM2: 10, loading: 5 });
  expect(row!.cleanEvery).toBeCloseTo(((10 / 150) * 0.25) / Math.sqrt(5), 9);
});

test('what is no abrasive, or not counted by area, makes no row', () => {
  expect(abrasiveRows([step({ needs: [{ product: 'wipes', amount: 3 }] })], [], shelf)).toEqual([]);
});

test('hours on the tools: one hour of gun done, two ahead in one phase and one in another', () => {
  const spray = (phase: Step['phase']) => step({ operation: 'spray-clear', phase });
  const steps = [
    spray('clear'),
    spray('clear'),
    spray('clear'),
    spray('colour'),
    step({ operation: 'wash' }),
  ];
  expect(toolHours(steps, (i) => i === 0)).toEqual([
    { tool: 'gun', doneMin: 60, aheadMin: 180, longestMin: 120 },
  ]);
});

test('blocks are counted wherever one blocks: filler dry or wet, fairing, primer, refining by hand', () => {
  const by = (operation: string, personMinutes: number) =>
    step({ operation, phase: 'filler', personMinutes });
  const worked = [
    by('block', 60),
    by('block-filler', 30),
    by('block-filler-wet', 20),
    by('block-fairing', 10),
    by('refine', 40),
    by('refine-machine', 500),
  ];
  const block = toolHours(worked, () => false).find((one) => one.tool === 'block');
  expect(block).toMatchObject({ doneMin: 0, aheadMin: 160, longestMin: 160 });
});
