import config from './jest.config.mjs';
import { mutantRooms } from './scripts/house/mutant-rooms.mjs';

const core = config.projects.find((one) => one.displayName === 'core');
const { displayName: _name, ...plain } = core;

export default {
  ...plain,
  testTimeout: config.testTimeout,
  testMatch: [`<rootDir>/${mutantRooms[process.env.COATREL_MUTANT_ROOM ?? 'units'].tests}`],
};
