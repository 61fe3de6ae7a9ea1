import type { Level } from '../film';

/** How more clears than one session takes are keyed, where nobody chose: Mirror allows no texture beneath the last. */
export const usualClears = (level: Level): 'one-session' | 'cut-and-clear' =>
  level === 'Mirror' ? 'cut-and-clear' : 'one-session';
