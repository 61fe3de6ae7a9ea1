// Twenty people edit one job at once; nobody's change is lost, and nobody's is written over unseen.
import { randomUUID } from 'node:crypto';
import { accessOf, ask } from './copy.mjs';

/** @throws where the version of the job does not count what was answered */
export async function editors(copy, { count = 20, rounds = 5, addresses = [copy.address] }) {
  const version = () => Number(ask(accessOf(copy), "select version from job where id = 'P-015'")[0]);
  const before = version();
  let seen = before;
  let [saved, told] = [0, 0];
  const times = [];
  const editor = async (who) => {
    const address = addresses[who % addresses.length];
    for (let done = 0; done < rounds;) {
      const asked = seen;
      const began = performance.now();
      const answer = await fetch(`${address}/api/edit`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: address, 'x-request-key': randomUUID() },
        body: JSON.stringify({
          kind: 'job',
          job: 'P-015',
          seen: asked,
          set: { owner: `editor ${who}, ${done}` },
        }),
        signal: AbortSignal.timeout(60_000),
      });
      if (answer.status === 200) {
        times.push(performance.now() - began);
        saved += 1;
        done += 1;
        seen = Math.max(seen, asked + 1);
      } else if (answer.status === 409) {
        told += 1;
        seen = Math.max(seen, version());
      } else if (answer.status !== 503) throw new Error(`${answer.status} ${await answer.text()}`);
    }
  };
  await Promise.all(Array.from({ length: count }, (_, who) => editor(who)));
  if (version() - before !== saved)
    throw new Error(`${saved} were saved and the version rose by ${version() - before}`);
  const sorted = times.sort((a, b) => a - b);
  const p95 = sorted[Math.ceil(sorted.length * 0.95) - 1];
  return `${count} editors, ${saved} saved, ${told} told of another; p95 of an edit ${p95.toFixed(0)} ms`;
}
