import { deedRoles, type Deed } from './deeds';
import { readingRoles, readingWords, type Reading } from './readings';
import { roleWords, type Role } from './roles';

/**
 * What somebody may: that which every one of these roles may. One role for who is signed in; on a tablet its role and
 * the person's, so that neither gains by the other. Nobody, with no role, may nothing.
 */
export type Rights = readonly Role[];

const all = (rights: Rights, allowed: readonly Role[]): boolean =>
  rights.length > 0 && rights.every((one) => allowed.includes(one));

export const mayDo = (rights: Rights, deed: Deed): boolean => all(rights, deedRoles[deed]);
export const mayRead = (rights: Rights, reading: Reading): boolean => all(rights, readingRoles[reading]);

/** Names of roles in a sentence: “manager or planner”. */
function listed(some: readonly Role[]): string {
  const names = some.map((one) => roleWords[one].name.toLowerCase());
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;
}

/** The role that stands in the way, as it is called. */
const inTheWay = (rights: Rights, allowed: readonly Role[]): string => {
  const role = rights.find((one) => !allowed.includes(one));
  return role ? roleWords[role].name.toLowerCase() : 'nobody';
};

/** Why these rights do not do something, and who does; null where they do. */
export const whyNotDo = (rights: Rights, deed: Deed): string | null =>
  mayDo(rights, deed)
    ? null
    : `Not with the rights of ${inTheWay(rights, deedRoles[deed])}: only ${listed(deedRoles[deed])} may do this.`;

/** Why these rights do not read something, and who does; null where they do. */
export const whyNotRead = (rights: Rights, reading: Reading): string | null =>
  mayRead(rights, reading)
    ? null
    : `Not with the rights of ${inTheWay(rights, readingRoles[reading])}: only ${listed(readingRoles[reading])} may read ${readingWords[reading]}.`;
