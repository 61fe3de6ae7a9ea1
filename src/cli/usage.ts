import { scheduleUsage } from './schedule';

export const usage = `npm run --silent coatrel -- COMMAND
  plan BUNDLE.json     prints the plan of a job bundle as JSON
  audit BUNDLE.json    plans a job bundle and names every breach of the laws of the work (exit 3)
  check BUNDLE.json    names every fault of a bundle by place and reason (exit 2)
  export JOB           prints a job of the database as a bundle
  import FILE          takes a job into the database: a bundle, or the archive (.zip) with its photos
  account list|link|sign-out|drop-second-factor NAME
                       who signs in; a link sets a new password
  ${scheduleUsage}
                       prints the best plan found for a scheduling problem`;
