// npm run test:mutants [-- ROOM …]: plants small faults into the arithmetic, one at a time, and asks whether a test notices.
// An hour or more for all rooms on two cores; npm run test:mutants -- booth labour takes a minute.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { mutantRooms } from './house/mutant-rooms.mjs';
import { root } from './house/place.mjs';

const least = 0.85;
const noticed = new Set(['Killed', 'Timeout']);
const missed = new Set(['Survived', 'NoCoverage']);

const asked = process.argv.slice(2);
const unknown = asked.filter((room) => !(room in mutantRooms));
if (unknown.length > 0) {
  console.error(`No such room: ${unknown.join(', ')}. There are ${Object.keys(mutantRooms).join(', ')}.`);
  process.exit(2);
}

let [caught, all] = [0, 0];
for (const room of asked.length > 0 ? asked : Object.keys(mutantRooms)) {
  const { status } = spawnSync('npx', ['stryker', 'run'], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, COATREL_MUTANT_ROOM: room },
  });
  if (status !== 0) process.exit(status ?? 1);
  const report = JSON.parse(readFileSync(join(root, `test-results/mutants-${room}.json`), 'utf8'));
  const fates = Object.values(report.files).flatMap((file) => file.mutants.map((mutant) => mutant.status));
  const [here, missing] = [noticed, missed].map((fate) => fates.filter((one) => fate.has(one)).length);
  caught += here;
  all += here + missing;
  console.log(`${room}: ${here} of ${here + missing} mutants noticed`);
}
console.log(`All: ${caught} of ${all} mutants noticed, ${((100 * caught) / all).toFixed(1)} %`);
process.exit(caught >= least * all ? 0 : 1);
