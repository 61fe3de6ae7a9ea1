import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import {
  createPool,
  createPoolCluster,
  type Pool,
  type PoolConnection,
  type PoolOptions,
} from 'mysql2/promise';
import { readAccess } from './access';
import * as schema from './schema';

export type Database = MySql2Database<typeof schema>;
/** A database or one of its transactions: what repositories work on. */
export type Connection = Database | Parameters<Parameters<Database['transaction']>[0]>[0];

type Told = (fault: Error | null, connection?: PoolConnection['connection']) => void;
/** Where packages with callbacks get their connections. */
export interface CallbackConnections {
  getConnection(told: Told): void;
}

interface Opened {
  database: Database;
  /** As packages with callbacks take it. */
  callbacks: CallbackConnections;
  end(): Promise<void>;
}

// One pool a process, also when the framework loads this module twice.
const store = globalThis as typeof globalThis & { coatrelDatabase?: Opened };

function open(): Opened {
  const access = readAccess();
  const settings: PoolOptions = {
    user: access.data.user,
    password: access.data.password,
    database: access.schema,
    timezone: 'Z',
    connectionLimit: 6,
    charset: 'utf8mb4_bin',
  };
  return access.otherSockets?.length
    ? openCluster([access.socket, ...access.otherSockets], settings)
    : openOne(access.socket, settings);
}

function openOne(socketPath: string, settings: PoolOptions): Opened {
  const pool = createPool({ ...settings, socketPath });
  return {
    database: drizzle(pool, { schema, mode: 'default' }),
    callbacks: callbacksOf(pool),
    end: () => pool.end(),
  };
}

const callbacksOf = (pool: Pick<Pool, 'getConnection'>): CallbackConnections => ({
  getConnection: (told) => {
    pool.getConnection().then(
      ({ connection }) => told(null, connection),
      (fault: unknown) => told(fault instanceof Error ? fault : new Error(String(fault))),
    );
  },
});

/** Nodes of a cluster: the first that answers is used, and one that failed is tried again after some seconds. */
function openCluster(sockets: readonly string[], settings: PoolOptions): Opened {
  const cluster = createPoolCluster({
    canRetry: true,
    removeNodeErrorCount: 1,
    restoreNodeTimeout: 3000,
    defaultSelector: 'ORDER',
  });
  sockets.forEach((socketPath, i) => cluster.add(`node-${i}`, { ...settings, socketPath }));
  const nodes = cluster.of('node-*', 'ORDER');
  return {
    // The driver asks a pool for connections and statements, and so it does these nodes; its type knows the pool alone.
    database: drizzle(nodes as unknown as Pool, { schema, mode: 'default' }),
    callbacks: callbacksOf(nodes),
    end: () => cluster.end(),
  };
}

/** The shared connection with data rights only. */
export function database(): Database {
  store.coatrelDatabase ??= open();
  return store.coatrelDatabase.database;
}

/** The pool beneath the shared connection, as packages with callbacks take it, and the name of its schema. */
export function callbackPool(): { pool: CallbackConnections; schema: string } {
  database();
  return { pool: store.coatrelDatabase!.callbacks, schema: readAccess().schema };
}

/** Closes the shared connection; commands and tests call it at their end. */
export async function closeDatabase(): Promise<void> {
  const opened = store.coatrelDatabase;
  delete store.coatrelDatabase;
  await opened?.end();
}
