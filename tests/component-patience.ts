import { configure } from '@testing-library/react';
import patience from '../scripts/house/patience.json';

// What is looked for in a component appears at once or after a while on a slow machine.
configure({ asyncUtilTimeout: patience.appearMs });
