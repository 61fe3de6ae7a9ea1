import { guarded } from '../guarded';
import { rangesOfShop } from '@/server/services/forecast';

/** By when each open job ends in eight draws of ten, and how often its promise is kept. */
export const GET = guarded({ reads: 'plans', cost: 3 }, async () =>
  Response.json({ ranges: await rangesOfShop() }),
);

export const dynamic = 'force-dynamic';
