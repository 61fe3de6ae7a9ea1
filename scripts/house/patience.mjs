// How long anything may take before it counts as hanging. Tests do not time: a slow machine is no fault, so these are
// minutes, and they stand here alone.
export const patience = {
  /** One test, set-up included. */
  testMs: 300_000,
  /** Something that is to appear on a page or in a component. */
  appearMs: 60_000,
  /** A program of ours that is to start and answer. */
  startMs: 300_000,
};
