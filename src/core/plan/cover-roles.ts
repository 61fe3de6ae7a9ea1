import type { Role } from '../steps';

/** Roles of masking that lies over surfaces, with the roles that take it off; which of several pulls ends it. */
export const coverRoles = {
  /** A section is masked with its lot and unmasked by itself: others are free when the last of the lot is. */
  'cover-others': { pulls: ['uncover', 'uncover-wet'], ends: 'last' },
  /** Colours of one family that stand: open again when the tape of the field is pulled. */
  'cover-fields': { pulls: ['uncover-fields'], ends: 'first' },
  'cover-inside': { pulls: ['uncover', 'uncover-wet'], ends: 'last' },
  /** Back-taped outsides are open again when the insides are masked shut. */
  'cover-outside': { pulls: ['cover-inside', 'uncover', 'uncover-wet'], ends: 'first' },
  /** An airframe is unmasked in one go; on a body each stretch of priming ends its own. */
  'cover-kept': { pulls: ['uncover-kept', 'uncover', 'uncover-wet'], ends: 'first' },
} as const satisfies Partial<Record<Role, { pulls: readonly Role[]; ends: 'first' | 'last' }>>;

export type CoverRole = keyof typeof coverRoles;

export const isCoverRole = (role: Role): role is CoverRole => role in coverRoles;

/** Whether any of a step's roles takes off what this one covers. */
export const pulls = (role: CoverRole, does: readonly Role[]): boolean =>
  coverRoles[role].pulls.some((one) => does.includes(one));
