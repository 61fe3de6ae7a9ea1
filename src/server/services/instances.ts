import { database } from '../database/client';
import { loadInstances, type Instance } from '../repositories/lease-repository';

export type { Instance };

/** Processes that serve this database. */
export const instances = (): Promise<Instance[]> => loadInstances(database());
