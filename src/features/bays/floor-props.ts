import type { Plan } from '@/core/plan';
import { boothWeeks, type BoothWeek } from '@/core/readings/booth-hours';
import { looseParts, rackRoomM2, racksFullAt, type LooseParts } from '@/core/readings/loose-parts';
import { outdoorBakes, type OutdoorBake } from '@/core/readings/outdoor-bake';
import { turnedSpans, type Turned } from '@/core/readings/turned';
import type { Shelf } from '@/core/film';
import { floorChain, movesFirst, yardFullAt, type FloorStay, type MoveFirst } from '@/core/readings/floor';
import { airClashes, cleanings, roomUses, type AirClash, type Cleaning } from '@/core/readings/rooms';
import type { Job } from '@/core/record';
import { closedStretches, openStretches, type Shop } from '@/core/shop';
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
  /** When this job's body lies upside down. */
  turned: Turned[];
  /** What is still to be off any vehicle. */
  loose: LooseParts[];
  racks: { roomM2: number; full: { at: number; jobs: string[]; neededM2: number } | null };
  hasOutdoors: boolean;
  bakes: (OutdoorBake & { productName: string })[];
}

/** So many weeks can still be offered to somebody. */
const weeksShown = 6;

type Planned = { job: Job; plan: Plan };

export function floorShown(
  own: Planned,
  others: readonly Planned[],
  shop: Shop,
  shelf: Shelf,
  now: number,
): FloorShown {
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
  const loose = all.flatMap(({ job, plan }) => looseParts(job, plan)).filter((one) => one.to > now);
  const roomM2 = rackRoomM2(shop.places);
  const { width, beam, height, depth } = own.job.dimensions;
  const size = { widthM: width ?? beam, heightM: height ?? depth };
  return {
    chain: chains[0]!.filter((stay) => stay.to > now),
    moves: movesFirst(chains, now),
    yardFull: full && { ...full, yardM2 },
    clashes: airClashes(uses, shop.places),
    cleanings: cleanings(uses),
    boothWeeks: weeksOfBooths(all, booths, shop, now),
    zones: zonesOf(shop),
    turned: turnedSpans(own.plan, size, shop.places).filter((one) => one.to === null || one.to > now),
    loose,
    racks: { roomM2, full: roomM2 > 0 ? racksFullAt(loose, roomM2, now) : null },
    hasOutdoors: shop.places.some((place) => place.outdoors),
    bakes: outdoorBakes(own.plan, shop, shelf, now).map((one) => ({
      ...one,
      productName: shelf.get(one.product)?.name ?? one.product,
    })),
  };
}

/** The weeks ahead, with the hours the booths are open and those that are taken. */
function weeksOfBooths(all: readonly Planned[], booths: ReadonlySet<string>, shop: Shop, now: number) {
  const today = localDateOf(now, shop.timeZone);
  const days = weeksShown * 7;
  const closed = new Map(
    shop.places.map((place) => [place.id, closedStretches(place, shop.timeZone, today, days)]),
  );
  const plans = all.map((one) => one.plan);
  const open = openStretches(shop, today, days);
  return boothWeeks(plans, [...booths], open, shop, now, weeksShown, closed).filter(
    (week) => week.openMin > 0,
  );
}

/** What each room is kept for, and which rooms share its air, by name. */
function zonesOf({ places }: Shop): FloorShown['zones'] {
  const names = new Map(places.map((place) => [place.id, place.name]));
  return places.map(({ id, name, zone, airWith }) => ({
    id,
    name,
    zone,
    airWith: airWith.map((other) => names.get(other) ?? other),
  }));
}
