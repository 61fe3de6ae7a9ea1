// Use for some minutes: memory stays what it is.
import { readFileSync } from 'node:fs';
import { chance, wait } from './copy.mjs';

const pages = [
  '/',
  '/jobs/P-014/walkaround',
  '/jobs/P-014/steps',
  '/jobs/P-014/bays',
  '/jobs/P-015/scheme',
  '/shop',
  '/shelf',
];
const memoryMb = (pid) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;
const middle = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

/** @throws where the last third of the time holds more than an eighth above the middle third */
export async function memory(copy, { seconds, seed = 5 }) {
  const random = chance(seed);
  const samples = [];
  const until = Date.now() + seconds * 1000;
  for (let i = 0; Date.now() < until; i += 1) {
    const answer = await fetch(copy.address + pages[Math.floor(random() * pages.length)]);
    if (answer.status !== 200) throw new Error(`a page answered ${answer.status}`);
    await answer.arrayBuffer();
    if (i % 20 === 0)
      await copy.post('/api/edit', {
        kind: 'add-closures',
        closures: [{ date: `2032-0${1 + (i % 9)}-${10 + (Math.floor(i / 20) % 18)}`, reason: 'use' }],
      });
    if (i % 5 === 0) samples.push(memoryMb(copy.serverPid()));
    await wait(20);
  }
  const third = Math.floor(samples.length / 3);
  const [was, is] = [middle(samples.slice(third, 2 * third)), middle(samples.slice(2 * third))];
  if (is > was * 1.125) throw new Error(`${was.toFixed(0)} MB in the middle, ${is.toFixed(0)} MB at the end`);
  return `${seconds} s of use: ${was.toFixed(0)} MB in the middle third, ${is.toFixed(0)} MB in the last`;
}
