/** What lies beneath a colour before it is sprayed: the sealer, or another colour by its key. */
export type GroundKey = string;
export const sealerGround: GroundKey = '';

/** A colour of one body with what its passes take. Money in minor units, times in minutes. */
export interface OrderColour {
  key: string;
  areaM2: number;
  /** Coats that its system asks for over the sealer. */
  coats: number;
  /** Coats until each ground is hidden, by ground; null where no number of coats hides it. */
  coatsOver: Readonly<Record<GroundKey, number | null>>;
  /** One coat over a square metre: paint, and minutes of the gun. */
  coatMinorPerM2: number;
  coatMinPerM2: number;
  /** Dry film of a coat, µm. */
  coatUm: number;
  /** Effect colours get a coat of inter-coat clear before tape stands on them. */
  locks: boolean;
  tapeAfterMin: number;
  /** Masking it by tape of its own width: metres, and money a metre; null where no tape is as wide. */
  ownTape: { m: number; minorPerM: number } | null;
  /** It may go past a line onto what comes later; one that is cleared by itself is masked all round. */
  goesPast: boolean;
  /** Colours of one family share their clear: none of another is sprayed between them. Null where it has its own. */
  family: string | null;
}

/** Where two colours meet. */
export interface OrderEdge {
  a: string;
  b: string;
  m: number;
  /** Metres of straight edge that take as long to tape. */
  effortM: number;
}

/** What work and material cost, by the shop and the catalogue. */
export interface OrderPrices {
  labourMinorPerMin: number;
  boothMinorPerMin: number;
  /** What a minute of waiting for a film counts, while the body stands. */
  waitMinorPerMin: number;
  /** Fine line by the metre, in money, to lay on a straight edge, to pull. */
  tapeMinorPerM: number;
  tapeMinPerM: number;
  pullMinPerM: number;
  coverMinorPerM2: number;
  coverMinPerM2: number;
  /** A coat of inter-coat clear, a square metre. */
  lockMinorPerM2: number;
  lockMinPerM2: number;
  /** A coat of a ground in the shade of the sealer, a square metre. */
  groundMinorPerM2: number;
  groundMinPerM2: number;
}

/** What the manager has fixed. */
export interface OrderLocks {
  first: string | null;
  last: string | null;
  /** Two colours of which one follows the other, whichever comes first. */
  together: readonly [string, string] | null;
  /** The whole order, of which only the masks are open; null where the order is searched too. */
  order: readonly string[] | null;
}

export interface OrderProblem {
  colours: readonly OrderColour[];
  edges: readonly OrderEdge[];
  prices: OrderPrices;
  locks: OrderLocks;
  /** How far the gun goes past a line that a later colour covers, m. */
  pastLineM: number;
  /** Film that may lie under a colour before its own, µm. */
  mostBeneathUm: number;
}

/** How a colour that stands is masked: along its edges with cover between, or by tape of its own width. */
export type MaskWay = 'edges' | 'own-tape';

/** One colour going on. */
export interface OrderPass {
  colour: string;
  /** Colours it is sprayed onto past the line, because they come later and hide it. */
  over: string[];
  masked: { colour: string; way: MaskWay }[];
  /** Of the masked: colours that come later and are kept free of it. */
  keptFree: string[];
  coats: number;
  /** A coat in the shade of the sealer goes beneath it first. */
  ground: boolean;
  locked: boolean;
  /** Until tape stands on it for the next colour. */
  waitMin: number;
  tapeM: number;
  coverM2: number;
  /** Person-minutes of taping, covering and pulling. */
  maskMin: number;
  gunMin: number;
  costMinor: number;
  /** What lies beneath it: the sealer or another colour. */
  on: GroundKey;
}

export interface OrderPlan {
  passes: OrderPass[];
  costMinor: number;
  /** What tells it from another order in kind. */
  kind: string;
  /** Highest step of film at a line, µm. */
  ridgeUm: number;
}

export interface OrderResult {
  /** The best orders that differ in kind, the cheapest first. */
  plans: OrderPlan[];
  /** No order can cost less than this. */
  boundMinor: number;
  /** All orders were weighed. */
  exact: boolean;
}
