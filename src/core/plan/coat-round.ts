import { coatRoundMin, edgeAdvice, motionOf, usualFanCm, type EdgeAdvice, type GunMotion } from '../booth';
import type { Figures } from '../figures';
import { effectFamilies, wetEdgeAt, type CoatingSheet } from '../film';
import type { Step } from '../steps';
import { toMinor, type Minor } from '../units';
import { panelsOf, type Part } from '../vehicle';

/** A panel that a coat covers, with what of it is sprayed, m². */
export interface CoatedPanel {
  key: string;
  m2: number;
}

/** How long one painter takes for a coat, and whether its edge is still open where strokes have to join. */
export interface CoatRound {
  motion: GunMotion;
  /** Once over all of it, minutes of one painter. */
  roundMin: number;
  /** Once over the largest stretch that has to be joined wet: a side, or a loose piece; its edges are natural breaks. */
  stretchMin: number;
  edgeMin: number;
  /** Of films that flow together; what dries matt under the next coat needs no open edge. */
  advice: EdgeAdvice;
}

/** The panels that a coat covers, in the order of the layout. */
export const coatedPanels = (step: Coat, { parts }: { parts: readonly Part[] }): CoatedPanel[] =>
  panelsWithSide(step, parts).map(({ key, m2 }) => ({ key, m2 }));

/** The panel that is begun before so much of the area is sprayed: a pot lasts to the end of the panel before it. */
export function panelAtShare(panels: readonly CoatedPanel[], share: number): string | null {
  const whole = panels.reduce((sum, one) => sum + one.m2, 0);
  let sum = 0;
  for (const { key, m2 } of panels) {
    sum += m2;
    if (sum > share * whole) return key;
  }
  return panels.at(-1)?.key ?? null;
}

type Coat = Pick<Step, 'sections' | 'coat'>;

function panelsWithSide({ sections, coat }: Coat, parts: readonly Part[]) {
  const faces = coat?.faces ?? 'outside';
  return panelsOf(parts.filter((part) => sections.includes(part.section)))
    .map(({ key, side, outsideM2, insideM2 }) => ({
      key,
      stretch: side === 'loose' ? key : side,
      m2: (faces === 'inside' ? 0 : outsideM2) + (faces === 'outside' ? 0 : insideM2),
    }))
    .filter((one) => one.m2 > 0);
}

/** Coats that shine as they dry: their strokes have to flow into each other. */
const flows: ReadonlySet<string> = new Set(['clear', 'topcoat']);

/**
 * The round of a coat by the motion of the gun (docs/method.md, Booth), held against the open time of its edge at the air of the
 * day. @param airC air where it is sprayed, °C   @param painter whose hand moves the gun; null for nobody's in particular
 */
export function roundOfCoat(
  step: Coat & { coat: NonNullable<Step['coat']> },
  parts: readonly Part[],
  {
    sheet,
    airC,
    figures,
    painter,
  }: { sheet: CoatingSheet; airC: number; figures: Figures; painter: string | null },
): CoatRound {
  const { product, role, areaM2, litres } = step.coat;
  const fanCm = sheet.application.fanCm ?? usualFanCm;
  const motion = motionOf({ role, isEffect: effectFamilies.has(sheet.family), fanCm }, figures, {
    product,
    ...(painter === null ? {} : { painter }),
  });
  const stretches = new Map<string, number>();
  for (const { stretch, m2 } of panelsWithSide(step, parts))
    stretches.set(stretch, (stretches.get(stretch) ?? 0) + m2);
  const all = [...stretches.values()].reduce((sum, m2) => sum + m2, 0);
  const share = all > 0 ? Math.max(...stretches.values()) / all : 1;
  const stretchMin = coatRoundMin(areaM2 * share, litres * share, motion);
  const edgeMin = wetEdgeAt(sheet, airC);
  return {
    motion,
    roundMin: coatRoundMin(areaM2, litres, motion),
    stretchMin,
    edgeMin,
    advice: edgeAdvice(flows.has(role) ? stretchMin : 0, edgeMin),
  };
}

/** Painters come back to an edge that has dried, at the air of the day. */
export interface DryEdge {
  step: string;
  product: string;
  airC: number;
  /** After so many minutes each painter is back; so long the edge is open. */
  roundMin: number;
  edgeMin: number;
  /** Painters that keep it wet, and what those cost that are more than planned. */
  painters: number;
  costMinor: Minor;
  /** Even the most that find room leave it too long. */
  breakAtLine: boolean;
}

/** The trouble of a coat with its edge; null where those who are planned keep it wet. @param hands painters planned */
export function dryEdgeOf(
  { stretchMin, edgeMin, advice }: CoatRound,
  { minutes, hands, airC }: { minutes: number; hands: number; airC: number },
  labourRateMinorPerHour: Minor,
): Omit<DryEdge, 'step' | 'product'> | null {
  if (advice.painters <= hands && !advice.breakAtLine) return null;
  const more = Math.max(0, advice.painters - hands);
  return {
    airC,
    roundMin: stretchMin / hands,
    edgeMin,
    painters: advice.painters,
    costMinor: toMinor((more * minutes * labourRateMinorPerHour) / 60),
    breakAtLine: advice.breakAtLine,
  };
}

/** Whoever of a shop has the gun at a step first; null where nobody has. */
export const painterOf = (
  { uses }: { uses: readonly string[] },
  people: readonly { id: string }[],
): string | null => uses.find((id) => people.some((one) => one.id === id)) ?? null;
