// How long anything may take before it counts as hanging: one test with its set-up, something that is to appear on a
// page or in a component, a program of ours that is to answer. Tests do not time and a slow machine is no fault, so these
// are minutes; they stand in patience.json alone, which every runner can read.
import { readFileSync } from 'node:fs';

export const patience = JSON.parse(readFileSync(new URL('patience.json', import.meta.url), 'utf8'));
