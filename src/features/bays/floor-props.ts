import type { Plan } from '@/core/plan';
import { boothWeeks, type BoothWeek } from '@/core/plan-booth-hours';
import { floorChain, movesFirst, yardFullAt, type FloorStay, type MoveFirst } from '@/core/plan-floor';
import { airClashes, cleanings, roomUses, type AirClash, type Cleaning } from '@/core/plan-rooms';
import type { Job } from '@/core/record';
import { openStretches, type Shop } from '@/core/shop';
import { localDateOf } from '@/core/units';

/** Where the vehicles stand, who must move first, and where dust and film come together. */
export interface FloorShown {
  chain: FloorStay[];
  moves: MoveFirst[];
  yardFull: { at: number; jobs: string[]; neededM2: number; yardM2: number } | null;
  clashes: AirClash[];
  cleanings: Cleaning[];
  /** Hours of the booths by week, over all jobs. */
  boothWeeks: BoothWeek[];
  zones: { id: string; name: string; zone: string | null; airWith: string[] }[];
}

/** So many weeks can still be offered to somebody. */
const weeksShown = 6;

type Planned = { job: Job; plan: Plan };

export function floorShown(own: Planned, others: readonly Planned[], shop: Shop, now: number): FloorShown {
  const all = [own, ...others.filter((one) => one.job.state !== 'finished')];
  const booths = new Set(shop.places.flatMap((place) => (place.kind === 'booth' ? [place.id] : [])));
  const stays = all.flatMap(({ plan }) => plan.stays);
  // A booth is never stood in: its hours cost. Another room may be, as long as no vehicle needs it.
  const mayStay = (place: string, from: number, to: number) =>
    !booths.has(place) && !stays.some((stay) => stay.place === place && stay.start < to && stay.end > from);
  const chains = all.map(({ job, plan }) => floorChain(job, plan, shop.timeZone, mayStay));
  const placeIds = new Set(shop.places.map((place) => place.id));
  const uses = roomUses(
    all.map((one) => one.plan),
    placeIds,
    now,
  );
  const yardM2 = shop.places
    .filter((place) => place.kind === 'yard')
    .reduce((sum, place) => sum + place.lengthM * place.widthM, 0);
  const sizes = new Map(all.map(({ job }) => [job.number, job.dimensions]));
  const sizeOf = (job: string) => ({
    lengthM: sizes.get(job)?.length ?? 5,
    widthM: sizes.get(job)?.width ?? sizes.get(job)?.beam ?? 2,
  });
  const full = yardM2 > 0 ? yardFullAt(chains, sizeOf, yardM2, now) : null;
  const names = new Map(shop.places.map((place) => [place.id, place.name]));
  return {
    chain: chains[0]!.filter((stay) => stay.to > now),
    moves: movesFirst(chains, now),
    yardFull: full && { ...full, yardM2 },
    clashes: airClashes(uses, shop.places),
    cleanings: cleanings(uses),
    boothWeeks: boothWeeks(
      all.map((one) => one.plan),
      [...booths],
      openStretches(shop, localDateOf(now, shop.timeZone), weeksShown * 7),
      shop,
      now,
      weeksShown,
    ),
    zones: shop.places.map(({ id, name, zone, airWith }) => ({
      ...{ id, name, zone },
      airWith: airWith.map((other) => names.get(other) ?? other),
    })),
  };
}
