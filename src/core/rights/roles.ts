/**
 * Who may sign in, and as what. The owner of a job has no account: a link opens one page (decision 29).
 */
export const accountRoles = ['manager', 'planner', 'painter', 'crew', 'store', 'reader', 'engineer'] as const;
export type AccountRole = (typeof accountRoles)[number];

export const roles = [...accountRoles, 'owner'] as const;
export type Role = (typeof roles)[number];

/** What a role is called, and what it is for, in a line. */
export const roleWords: Record<Role, { name: string; line: string }> = {
  manager: { name: 'Manager', line: 'does everything, accounts, tablets and backups included' },
  planner: { name: 'Planner', line: 'plans jobs, quotes, buys and changes the shop; no accounts, no rates' },
  painter: { name: 'Painter', line: 'surveys, mixes, taps coats and keeps the log' },
  crew: { name: 'Crew', line: 'keeps the log, marks damage, takes photos' },
  store: { name: 'Store', line: 'keeps the stock book and the data sheets' },
  reader: { name: 'Reader', line: 'reads all but accounts, changes nothing' },
  engineer: { name: 'Licensed engineer', line: 'reads jobs and signs licensed holds, nothing else' },
  owner: { name: 'Owner', line: 'reads the page of one job and answers there' },
};

/** Roles that a tablet of the shop may have: those that work by it. */
export const tabletRoles = ['painter', 'crew', 'store'] as const;
export type TabletRole = (typeof tabletRoles)[number];
