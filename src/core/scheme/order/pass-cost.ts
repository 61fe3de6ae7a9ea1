import {
  sealerGround,
  type GroundKey,
  type MaskWay,
  type OrderColour,
  type OrderPass,
  type OrderProblem,
} from './problem';

/** A pass as the search tries it, colours by their number. */
export interface Tried {
  colour: number;
  /** What lies beneath it: a colour's number, or null for the sealer. */
  ground: number | null;
  /** Painted before, and left for later though it is covered now: both are masked. */
  masked: readonly number[];
  /** So many of the masked, from the first, are painted. */
  stands: number;
  over: readonly number[];
  /** None comes after it. */
  isLast: boolean;
}

/** Coats over what lies beneath, or over a coat in the shade of the sealer. */
interface Coats {
  count: number;
  ground: boolean;
}

interface Mask {
  colour: string;
  way: MaskWay;
  tapeM: number;
  coverM2: number;
  minutes: number;
  minor: number;
}

/** Reckons passes of one problem. Edges stand in tables by number, since the search asks for them a million times. */
export class PassCosts {
  private readonly m: Float64Array;
  private readonly effort: Float64Array;
  private readonly count: number;
  private readonly coats = new Map<number, Coats | null>();

  constructor(private readonly problem: OrderProblem) {
    const { colours, edges } = problem;
    this.count = colours.length;
    this.m = new Float64Array(this.count ** 2);
    this.effort = new Float64Array(this.count ** 2);
    const numbers = new Map(colours.map((one, i) => [one.key, i]));
    for (const edge of edges) {
      const [a, b] = [numbers.get(edge.a), numbers.get(edge.b)];
      if (a === undefined || b === undefined || a === b) continue;
      for (const at of [a * this.count + b, b * this.count + a]) {
        this.m[at]! += edge.m;
        this.effort[at]! += edge.effortM;
      }
    }
  }

  /** Metres along which two colours meet. */
  meets = (a: number, b: number): number => this.m[a * this.count + b]!;

  at = (i: number): OrderColour => this.problem.colours[i]!;

  /** What a pass costs, minor units; infinite where the colour cannot go on so. */
  cost(tried: Tried): number {
    const { prices } = this.problem;
    const coats = this.coatsOf(tried.colour, tried.ground);
    if (!coats) return Infinity;
    const gunMinor = prices.labourMinorPerMin + prices.boothMinorPerMin;
    const own = this.at(tried.colour);
    let minor = coats.count * own.areaM2 * (own.coatMinorPerM2 + own.coatMinPerM2 * gunMinor);
    minor += own.coats * this.pastM2(tried) * (own.coatMinorPerM2 + own.coatMinPerM2 * gunMinor);
    if (coats.ground) minor += own.areaM2 * (prices.groundMinorPerM2 + prices.groundMinPerM2 * gunMinor);
    if (own.locks && !tried.isLast)
      minor += own.areaM2 * (prices.lockMinorPerM2 + prices.lockMinPerM2 * gunMinor);
    // The next colour is taped on this one, so its wait is known already.
    if (!tried.isLast) minor += own.tapeAfterMin * prices.waitMinorPerMin;
    for (const one of tried.masked) minor += Math.min(...this.maskCosts(one, tried));
    return minor;
  }

  /** A pass with all that it takes. @throws Error where the colour cannot go on so */
  pass(tried: Tried): OrderPass {
    const { prices } = this.problem;
    const colour = this.at(tried.colour);
    const coats = this.coatsOf(tried.colour, tried.ground);
    if (!coats) throw new Error(`${colour.key} cannot go on over ${String(tried.ground)}`);
    const masks = tried.masked.map((one) => this.maskOf(one, tried));
    const sum = (value: (mask: Mask) => number) => masks.reduce((total, mask) => total + value(mask), 0);
    const locked = colour.locks && !tried.isLast;
    return {
      colour: colour.key,
      over: tried.over.map((one) => this.at(one).key),
      masked: masks.map(({ colour: key, way }) => ({ colour: key, way })),
      keptFree: colour.goesPast ? masks.slice(tried.stands).map((mask) => mask.colour) : [],
      coats: coats.count,
      ground: coats.ground,
      locked,
      waitMin: tried.isLast ? 0 : colour.tapeAfterMin,
      tapeM: sum((mask) => mask.tapeM),
      coverM2: sum((mask) => mask.coverM2),
      maskMin: sum((mask) => mask.minutes),
      // What is sprayed over besides gets the coats of the system, no more.
      gunMin:
        (coats.count * colour.areaM2 + colour.coats * this.pastM2(tried)) * colour.coatMinPerM2 +
        (coats.ground ? colour.areaM2 * prices.groundMinPerM2 : 0) +
        (locked ? colour.areaM2 * prices.lockMinPerM2 : 0),
      costMinor: this.cost(tried),
      on: tried.ground === null ? sealerGround : this.at(tried.ground).key,
    };
  }

  /** Fewest coats over a ground, or over a coat in the shade of the sealer where that is cheaper or nothing else hides it. */
  coatsOf(colour: number, ground: number | null): Coats | null {
    const at = colour * (this.count + 1) + (ground ?? this.count);
    const known = this.coats.get(at);
    if (known !== undefined) return known;
    const found = this.fewestCoats(this.at(colour), ground === null ? null : this.at(ground));
    this.coats.set(at, found);
    return found;
  }

  private fewestCoats(own: OrderColour, ground: OrderColour | null): Coats | null {
    const { prices, mostBeneathUm } = this.problem;
    if (ground && ground.coats * ground.coatUm > mostBeneathUm) return null;
    const least = (key: GroundKey): number | null => {
      const hides = own.coatsOver[key] ?? null;
      return hides === null ? null : Math.max(own.coats, hides);
    };
    const plain = least(ground?.key ?? sealerGround);
    const sealed = ground ? least(sealerGround) : null;
    const gunMinor = prices.labourMinorPerMin + prices.boothMinorPerMin;
    const coat = own.coatMinorPerM2 + own.coatMinPerM2 * gunMinor;
    const shade = prices.groundMinorPerM2 + prices.groundMinPerM2 * gunMinor;
    if (plain === null) return sealed === null ? null : { count: sealed, ground: true };
    const isShadeCheaper = sealed !== null && sealed * coat + shade < plain * coat;
    return isShadeCheaper ? { count: sealed, ground: true } : { count: plain, ground: false };
  }

  /** What a colour is sprayed onto past its lines, m²: no more than the fields there are wide. */
  private pastM2 = ({ colour, over }: Tried): number =>
    over.reduce(
      (sum, one) => sum + Math.min(this.at(one).areaM2, this.meets(colour, one) * this.problem.pastLineM),
      0,
    );

  /** Metres and effort of the line of a colour against what is sprayed. */
  private lineOf(one: number, { colour }: Tried): [m: number, effortM: number] {
    return [this.meets(one, colour), this.effort[one * this.count + colour]!];
  }

  /** What each way of masking a colour costs: along its edges with cover between, and under tape of its own width. */
  private maskCosts(one: number, tried: Tried): [edges: number, own: number] {
    const { prices: p } = this.problem;
    const { areaM2, ownTape } = this.at(one);
    const [m, effortM] = this.lineOf(one, tried);
    const minutes = effortM * p.tapeMinPerM + m * p.pullMinPerM + areaM2 * p.coverMinPerM2;
    const edges = m * p.tapeMinorPerM + areaM2 * p.coverMinorPerM2 + minutes * p.labourMinorPerMin;
    // A band that meets nothing of what is sprayed is only covered.
    if (!ownTape || m === 0) return [edges, Infinity];
    return [edges, ownTape.m * (ownTape.minorPerM + (p.tapeMinPerM + p.pullMinPerM) * p.labourMinorPerMin)];
  }

  /** The way in which a colour is masked. */
  wayOf(one: number, tried: Tried): MaskWay {
    const [edges, own] = this.maskCosts(one, tried);
    return own < edges ? 'own-tape' : 'edges';
  }

  private maskOf(one: number, tried: Tried): Mask {
    const { prices: p } = this.problem;
    const { key, areaM2, ownTape } = this.at(one);
    const way = this.wayOf(one, tried);
    const [m, effortM] = this.lineOf(one, tried);
    if (way === 'own-tape' && ownTape) {
      const minutes = ownTape.m * (p.tapeMinPerM + p.pullMinPerM);
      return {
        colour: key,
        way,
        tapeM: ownTape.m,
        coverM2: 0,
        minutes,
        minor: ownTape.m * ownTape.minorPerM,
      };
    }
    const minutes = effortM * p.tapeMinPerM + m * p.pullMinPerM + areaM2 * p.coverMinPerM2;
    const minor = m * p.tapeMinorPerM + areaM2 * p.coverMinorPerM2;
    return { colour: key, way, tapeM: m, coverM2: areaM2, minutes, minor };
  }
}
