// Starts: two at once, and a first one that is broken off wherever it is.
import { rmSync } from 'node:fs';
import { Copy, chance, wait } from './copy.mjs';

/** Of two starts from one folder one serves and the other says so. */
export async function twoAtOnce(copy) {
  const other = new Copy(copy.data, copy.port + 1);
  copy.launch();
  other.launch();
  const began = Date.now();
  while (Date.now() - began < 120_000) {
    const [a, b] = [copy.child.exitCode, other.child.exitCode];
    if (a !== null && b !== null) throw new Error(`both ended: ${copy.said()}`);
    const loser = a !== null ? copy : b !== null ? other : null;
    const winner = loser === copy ? other : copy;
    if (loser && (await winner.answers())) {
      await winner.stop();
      return `one served, the other ended with ${loser.child.exitCode}`;
    }
    await wait(200);
  }
  throw new Error(`neither gave way: ${copy.said()}`);
}

/** The plug is pulled during a first start, at many points; the next start ends well each time. */
export async function brokenOff(data, port, { points, seed = 3, lastMs = 9000 }) {
  const random = chance(seed);
  for (let i = 0; i < points; i += 1) {
    const copy = new Copy(data, port);
    const at = Math.round((lastMs * (i + random())) / points);
    copy.launch();
    await wait(at);
    await copy.unplug();
    const again = new Copy(data, port);
    try {
      await again.start();
      const page = await fetch(`${again.address}/`);
      if (page.status !== 200) throw new Error(`the Yard answered ${page.status}`);
    } catch (fault) {
      throw new Error(`broken off after ${at} ms: ${fault.message}`);
    } finally {
      await again.stop();
      rmSync(data, { recursive: true, force: true });
    }
  }
  return `${points} first starts broken off, each ended well the next time`;
}
