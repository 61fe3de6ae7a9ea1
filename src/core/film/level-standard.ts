import type { StandardLadder } from './ladder';
import type { Level } from './coat-system';

export interface LevelStandard {
  meaning: string;
  /** Years it should last kept under cover and washed by hand; ours, the trade gives no table. */
  lastsYears: [least: number, most: number] | null;
  fillerRounds: number;
  /** Share of the area that takes filler in each round, 0..1. */
  filledShare: number;
  blockRounds: number;
  /** Person-minutes of blocking per m² and round, before shape. */
  blockMinPerM2: number;
  clearCoats: number;
  ladder: StandardLadder;
}

/** The trade's five standards; where it gives a range, the figure used for planning. */
export const levelStandards: Record<Level, LevelStandard> = {
  Keep: {
    meaning: 'preserve age, correct only',
    lastsYears: null,
    fillerRounds: 0,
    filledShare: 0,
    blockRounds: 0,
    blockMinPerM2: 0,
    clearCoats: 0,
    ladder: 'light',
  },
  Work: {
    meaning: 'sound, straight enough, durable',
    lastsYears: [5, 8],
    fillerRounds: 1,
    filledShare: 0.05,
    blockRounds: 1,
    blockMinPerM2: 35,
    clearCoats: 2,
    ladder: 'none',
  },
  Road: {
    meaning: "straight at arm's length",
    lastsYears: [8, 12],
    fillerRounds: 1,
    filledShare: 0.15,
    blockRounds: 2,
    blockMinPerM2: 75,
    clearCoats: 2,
    ladder: 'discs',
  },
  Show: {
    meaning: 'straight in a raking light',
    lastsYears: [10, 15],
    fillerRounds: 2,
    filledShare: 0.4,
    blockRounds: 2,
    blockMinPerM2: 175,
    clearCoats: 4,
    ladder: 'hand',
  },
  Mirror: {
    meaning: 'no texture, gaps and edges perfect',
    lastsYears: [10, 15],
    fillerRounds: 3,
    filledShare: 1,
    blockRounds: 4,
    blockMinPerM2: 285,
    clearCoats: 5,
    ladder: 'hand',
  },
};
