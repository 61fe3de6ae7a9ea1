import type { Role } from './roles';

/**
 * What can be read. `plans` is the Yard and every station of a job, `money` what the owner pays and is promised, `shop`
 * people, hours and rates, `changes` who wrote what, `accounts` who signs in, `own` one's own account, `file` a job as a
 * whole to take along, `owner-page` the page behind a link, `operation` how the server does.
 */
export const readings = [
  'plans',
  'money',
  'shop',
  'shelf',
  'changes',
  'accounts',
  'own',
  'file',
  'owner-page',
  'operation',
] as const;
export type Reading = (typeof readings)[number];

const everybody: readonly Role[] = ['manager', 'planner', 'painter', 'crew', 'store', 'reader', 'engineer'];
const office: readonly Role[] = ['manager', 'planner', 'reader'];

/** Who may read what. */
export const readingRoles: Record<Reading, readonly Role[]> = {
  plans: everybody,
  money: office,
  shop: office,
  shelf: everybody,
  changes: office,
  accounts: ['manager'],
  own: everybody,
  file: ['manager', 'planner'],
  'owner-page': ['owner'],
  operation: ['manager'],
};

export const readingWords: Record<Reading, string> = {
  plans: 'the plans of jobs',
  money: 'quotes and what the owner is told',
  shop: 'people, hours and rates of the shop',
  shelf: 'data sheets',
  changes: 'who changed what',
  accounts: 'accounts and tablets',
  own: 'an account',
  file: 'a whole job as a file',
  'owner-page': 'the page of an owner',
  operation: 'how the server does',
};
