import config from './jest.config.mjs';
import { mutantRooms } from './scripts/house/mutant-rooms.mjs';

const core = config.projects.find((one) => one.displayName === 'core');
const { tests } = mutantRooms[process.env.COATREL_MUTANT_ROOM ?? 'units'];
const mutants = { ...core, testTimeout: config.testTimeout, testMatch: [`<rootDir>/${tests}`] };
// A name belongs to one project among several.
delete mutants.displayName;

export default mutants;
