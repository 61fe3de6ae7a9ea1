export const patience: { testMs: number; appearMs: number; startMs: number };
