// A Galera cluster of private databases on loopback, for tests and to try it out: Debian's galera-4 comes with mariadb-server.
import { cpSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { PrivateDatabase } from './database.mjs';
import { requireProgram } from './packages.mjs';
import { Stop } from './say.mjs';

const providers = ['/usr/lib/galera/libgalera_smm.so', '/usr/lib/libgalera_smm.so'];

/** Three ports a node: of the group, of what is caught up, of the copy of a whole state. */
const portsOf = (base, i) => ({ group: base + 10 * i, caught: base + 10 * i + 1, copy: base + 10 * i + 2 });

function wsrepWords(base, i, nodes, isFirst) {
  const provider = providers.find((one) => existsSync(one));
  if (!provider) throw new Stop('galera-4 is missing; install it with: sudo apt-get install galera-4');
  const { group, caught, copy } = portsOf(base, i);
  const peers = Array.from({ length: nodes }, (_, k) => `127.0.0.1:${portsOf(base, k).group}`).join(',');
  return [
    '--wsrep-on=ON',
    `--wsrep-provider=${provider}`,
    `--wsrep-cluster-address=gcomm://${peers}`,
    '--wsrep-cluster-name=coatrel',
    `--wsrep-node-name=node-${i}`,
    '--wsrep-node-address=127.0.0.1',
    `--wsrep-provider-options=gmcast.listen_addr=tcp://127.0.0.1:${group};ist.recv_addr=127.0.0.1:${caught};evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT5S;evs.install_timeout=PT5S;gcache.size=64M`,
    '--wsrep-sst-method=rsync',
    `--wsrep-sst-receive-address=127.0.0.1:${copy}`,
    '--binlog-format=ROW',
    '--innodb-autoinc-lock-mode=2',
    // What was written on one node is seen on the others before they answer.
    '--wsrep-sync-wait=1',
    ...(isFirst ? ['--wsrep-new-cluster'] : []),
  ];
}

/** A cluster of `nodes` databases below a folder. */
export class GaleraCluster {
  constructor(folder, { nodes = 3, base = 4710 } = {}) {
    this.folder = folder;
    this.count = nodes;
    this.base = base;
    this.nodes = [];
  }

  #dataOf = (i) => join(this.folder, `node-${i}`);

  /** Starts all nodes; the first has the users, the others copy it. */
  async start() {
    requireProgram('rsync', 'rsync');
    requireProgram('mariadbd', 'mariadb-server');
    mkdirSync(this.#dataOf(0), { recursive: true, mode: 0o711 });
    const alone = new PrivateDatabase(this.#dataOf(0));
    await alone.start();
    await alone.stop();
    this.nodes[0] = await this.startNode(0, true);
    for (let i = 1; i < this.count; i += 1) {
      mkdirSync(this.#dataOf(i), { recursive: true, mode: 0o711 });
      // The copy brings the users along, so their passwords are those of the first.
      if (!existsSync(join(this.#dataOf(i), 'access.json')))
        cpSync(join(this.#dataOf(0), 'access.json'), join(this.#dataOf(i), 'access.json'));
      this.nodes[i] = await this.startNode(i);
    }
    await this.whole();
    this.writeAccess();
  }

  async startNode(i, isFirst = false) {
    const node = new PrivateDatabase(this.#dataOf(i), wsrepWords(this.base, i, this.count, isFirst));
    await node.start({ isCopy: i > 0 });
    this.nodes[i] = node;
    return node;
  }

  /** Waits until every node that runs counts all of them. */
  async whole(count = this.count) {
    for (let tries = 0; tries < 300; tries += 1) {
      const sizes = this.nodes.map((node) =>
        node.isRunning() ? node.status('wsrep_cluster_size') : String(count),
      );
      const states = this.nodes.map((node) =>
        node.isRunning() ? node.status('wsrep_local_state_comment') : 'Synced',
      );
      if (sizes.every((one) => Number(one) === count) && states.every((one) => one === 'Synced')) return;
      await wait(200);
    }
    throw new Stop('the nodes of the cluster did not find each other.');
  }

  /** How the application reaches it: the sockets of all nodes. */
  writeAccess() {
    const access = JSON.parse(readFileSync(join(this.#dataOf(0), 'access.json'), 'utf8'));
    const [socket, ...otherSockets] = this.nodes.map((node) => node.socket);
    writeFileSync(join(this.folder, 'access.json'), JSON.stringify({ ...access, socket, otherSockets }), {
      mode: 0o600,
    });
  }

  async stop() {
    for (const node of [...this.nodes].reverse()) await node?.stop();
  }
}
