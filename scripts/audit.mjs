// npm run test:audit [-- JOBS [SEED]]: plans of that many random jobs (500) held against the laws of the work, and jobs rebuilt
// from their record after every edit, a thousand edits for 500 jobs; five to twenty minutes.
import { spawnSync } from 'node:child_process';
import { root } from './house/place.mjs';

const [jobs = '500', seed = String(Date.now() % 1_000_000)] = process.argv.slice(2);
console.log(`${jobs} jobs from the seed ${seed}`);
const { status } = spawnSync(
  'npx',
  [
    'jest',
    '--selectProjects',
    'core',
    '--forceExit',
    'src/core/plan/audit.test.ts',
    'src/core/plan/rebuild.test.ts',
  ],
  {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      COATREL_AUDITED: jobs,
      COATREL_SEED: seed,
      COATREL_REBUILT: String(Math.ceil(Number(jobs) * 0.6)),
    },
  },
);
process.exit(status ?? 1);
