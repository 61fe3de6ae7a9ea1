export const jobStates = ['surveyed', 'planned', 'running', 'finished'] as const;
export type JobState = (typeof jobStates)[number];
