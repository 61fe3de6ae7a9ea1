// Two processes on a Galera cluster of three nodes, one of which is killed at a time.
import { rmSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { GaleraCluster } from '../house/galera.mjs';
import { requireFreePort, runCommand, startServer, stopServer } from '../house/application.mjs';
import { ask, noteEdit, wait } from './copy.mjs';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** @throws where a write that was answered is lost, or a process does not find another node */
export async function galera(folder, port, { writes = 120 } = {}) {
  const cluster = new GaleraCluster(folder);
  const servers = [];
  try {
    await cluster.start();
    runCommand(['prepare'], { COATREL_DATA: folder });
    for (const own of [port, port + 1]) {
      await requireFreePort('127.0.0.1', own);
      servers.push(
        await startServer({ host: '127.0.0.1', port: own, folder: '.next', env: { COATREL_DATA: folder } }),
      );
    }
    const model = new Set();
    for (let killed = 0; killed < cluster.count; killed += 1) {
      cluster.nodes[killed].kill();
      await Promise.all(
        servers.map((one, who) => write(one.address, `node ${killed} of ${who}`, writes / 6, model)),
      );
      await cluster.startNode(killed).catch(() => cluster.startNode(killed));
      await cluster.whole();
      cluster.writeAccess();
    }
    for (const node of cluster.nodes) {
      const access = {
        ...JSON.parse(readFileSync(join(folder, 'access.json'), 'utf8')),
        socket: node.socket,
      };
      const kept = ask(access, "select cause from work_note where cause like 'node %'");
      const lost = [...model].filter((one) => !kept.includes(one));
      if (lost.length > 0 || kept.length !== model.size)
        throw new Error(
          `${model.size} were answered, ${kept.length} are on a node; lost ${lost.slice(0, 3)}`,
        );
    }
    return `${model.size} writes by two processes while each node was killed once; all on all three`;
  } finally {
    for (const one of servers) await stopServer(one.child);
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function write(address, name, count, model) {
  for (let i = 0; i < count; i += 1) {
    const cause = `${name}, ${i}`;
    const key = randomUUID();
    for (let tries = 0; ; tries += 1) {
      const answer = await fetch(`${address}/api/edit`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: address, 'x-request-key': key },
        body: JSON.stringify(noteEdit(cause)),
        signal: AbortSignal.timeout(30_000),
      }).catch(() => null);
      if (answer?.status === 200) break;
      if (answer && answer.status !== 503) throw new Error(`${answer.status} ${await answer.text()}`);
      if (tries > 300) throw new Error(`${cause} was never saved`);
      await wait(100);
    }
    model.add(cause);
  }
}
