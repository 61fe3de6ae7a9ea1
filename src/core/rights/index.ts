export { deedOf, deedRoles, isDeed, type Deed } from './deeds';
export { mayDo, mayRead, whyNotDo, whyNotRead, type Rights } from './may';
export { readingRoles, readings, type Reading } from './readings';
export {
  accountRoles,
  roles,
  roleWords,
  tabletRoles,
  type AccountRole,
  type Role,
  type TabletRole,
} from './roles';
