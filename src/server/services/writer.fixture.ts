import type { Role } from '../../core/rights';
import type { Writer } from './unit-of-work';

/** Somebody who writes in a test: a manager, if nothing else is said. */
export const writerNamed = (author: string, role: Role = 'manager', request?: string): Writer =>
  request === undefined ? { author, rights: [role] } : { author, rights: [role], request };
