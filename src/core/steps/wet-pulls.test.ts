import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { partsOfJob } from '../survey';
import { buildSteps, type StepNetwork } from '.';
import { StepDraft } from './draft';
import { pullBeforeMoving } from './wet-pulls';

const job = jobFixture({ bodyKind: 'low-wing', dimensions: { length: 5, span: 7, height: 2 } });
const context = { job, parts: partsOfJob(job), shop: demoShop, shelf: shelfOf(standardShelf) };
const given = { subject: 'Airframe', sections: ['airframe'], parts: [], because: [], after: [] };

/** Two sprayed lots of one airframe; the body goes to a bay after the first, and to another once both are sprayed. */
function network(pullNeeds: string[]): StepNetwork {
  const built = buildSteps(context);
  const empty = { ...built, steps: [], links: [], stays: [], softWindows: [], facts: [] };
  const draft = new StepDraft(context, empty);
  for (const key of ['first', 'second']) draft.work({ ...given, key, operation: 'unload' });
  draft.work({ ...given, key: 'bay/in', operation: 'move', after: ['first'] });
  draft.work({ ...given, key: 'rig/in', operation: 'move', after: ['first', 'second'] });
  for (const from of ['bay/in', 'rig/in'])
    draft.stay({ key: from, kind: 'stay', placeKind: 'bay', from, to: from, subject: 'Airframe' });
  draft.work({ ...given, key: 'pull', operation: 'unmask-wet', after: pullNeeds });
  pullBeforeMoving(draft);
  return empty;
}
const heldBy = ({ links }: StepNetwork) =>
  links.flatMap(({ from, to }) => (from === 'pull' ? [to] : [])).sort();

test('what waits for the same lot as a wet pull waits for the pull: the body stays where it was sprayed', () => {
  expect(heldBy(network(['first']))).toEqual(['bay/in', 'rig/in']);
});

test('a pull that waits for a later lot holds nobody up before it', () => {
  expect(heldBy(network(['second']))).toEqual(['rig/in']);
  expect(heldBy(network(['first', 'second']))).toEqual(['rig/in']);
});

test('a pull that waits for nothing is no reason to stay', () => {
  expect(heldBy(network([]))).toEqual([]);
});
