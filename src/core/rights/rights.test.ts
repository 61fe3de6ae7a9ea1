import {
  deedOf,
  deedRoles,
  mayDo,
  mayRead,
  readingRoles,
  readings,
  roles,
  whyNotDo,
  whyNotRead,
  type Deed,
} from '.';

const deeds = Object.keys(deedRoles) as Deed[];

test('a manager does and reads everything of the shop; only the words of the owner are the owner’s', () => {
  expect(deeds.filter((one) => !mayDo(['manager'], one))).toEqual(['owner-says']);
  expect(readings.filter((one) => !mayRead(['manager'], one))).toEqual(['owner-page']);
});

test('a reader changes nothing but the own account', () => {
  expect(deeds.filter((one) => mayDo(['reader'], one))).toEqual(['own-account']);
});

test('a licensed engineer signs holds and can do nothing else', () => {
  expect(deeds.filter((one) => mayDo(['engineer'], one)).sort()).toEqual([
    'own-account',
    'remove-sign-off',
    'sign-off',
    'undo',
  ]);
  expect(readings.filter((one) => mayRead(['engineer'], one))).toEqual(['plans', 'shelf', 'own']);
});

test('money is read by the office alone, accounts by the manager alone', () => {
  expect(roles.filter((one) => mayRead([one], 'money'))).toEqual(['manager', 'planner', 'reader']);
  expect(roles.filter((one) => mayRead([one], 'accounts'))).toEqual(['manager']);
  for (const deed of ['account', 'tablet', 'take-back-session', 'backup', 'owner-data', 'shop'] as const)
    expect(roles.filter((one) => mayDo([one], deed))).toEqual(['manager']);
});

test('on a tablet both the person and the tablet must allow it', () => {
  expect(mayDo(['manager', 'crew'], 'accept-plan')).toBe(false);
  expect(mayDo(['manager', 'crew'], 'log')).toBe(true);
  expect(mayDo(['reader', 'painter'], 'log')).toBe(false);
  expect(mayRead(['manager', 'painter'], 'money')).toBe(false);
});

test('nobody may nothing', () => {
  expect(deeds.some((one) => mayDo([], one))).toBe(false);
  expect(readings.some((one) => mayRead([], one))).toBe(false);
});

test('each deed and each reading is somebody’s', () => {
  expect(deeds.filter((one) => deedRoles[one].length === 0)).toEqual([]);
  expect(readings.filter((one) => readingRoles[one].length === 0)).toEqual([]);
});

test('an item of a list of a job goes by its list', () => {
  expect(deedOf({ kind: 'remove-item', job: 'P-1', list: 'gates', id: 'x', seen: 1 })).toBe('list gates');
  expect(deedOf({ kind: 'retire-note', id: 'x', seen: 1, why: '' })).toBe('retire-note');
});

test('a refusal names the role that stands in the way, and those that may', () => {
  expect(whyNotDo(['crew'], 'accept-plan')).toBe(
    'Not with the rights of crew: only manager or planner may do this.',
  );
  expect(whyNotDo(['manager', 'store'], 'log')).toBe(
    'Not with the rights of store: only manager, planner, painter or crew may do this.',
  );
  expect(whyNotRead(['store'], 'money')).toBe(
    'Not with the rights of store: only manager, planner or reader may read quotes and what the owner is told.',
  );
  expect(whyNotDo(['manager'], 'backup')).toBeNull();
});
