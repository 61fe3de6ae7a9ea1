type How = 'password' | 'badge' | 'link' | 'demo';

const hour = 3600;
/** How long a session stands at most, and how long unused, seconds. */
const lengths: Record<How, { most: number; idle: number }> = {
  password: { most: 12 * hour, idle: 4 * hour },
  /** Gloves off, badge in, a few taps: then somebody else stands there. */
  badge: { most: 10 * hour, idle: 900 },
  link: { most: 12 * hour, idle: hour },
  demo: { most: 12 * hour, idle: 4 * hour },
};

/** When a session ends that is used now, seconds since 1970. */
export const sessionEnd = (how: How, startedAt: number, now: number): number =>
  Math.min(startedAt + lengths[how].most, now + lengths[how].idle);

export const longest = (how: How): number => lengths[how].most;
