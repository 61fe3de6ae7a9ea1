import { rangesOfShop } from '@/server/services/forecast';

/** By when each open job ends in eight draws of ten, and how often its promise is kept. */
export const GET = async (): Promise<Response> => Response.json({ ranges: await rangesOfShop() });

export const dynamic = 'force-dynamic';
