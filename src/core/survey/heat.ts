import type { PartSurvey } from '../record';
import type { Substrate } from '../vehicle';

/** Metal temperature a substrate bears in a bake, °C; null where the paint's own sheet is the limit. */
const bearsC: Record<Substrate, number | null> = {
  steel: null,
  galvanised: null,
  aluminium: null,
  laminate: 50,
  timber: 50,
  plastic: 60,
};
const fillerC = 60;

/**
 * The hottest bake a panel bears: laminate prints through above 50 °C, plastics and filler move above 60 °C. Timber is
 * held like laminate. Bonded or composite aircraft structure takes no bake without the engineer.
 * @returns °C, or null where nothing in the panel limits the bake
 */
export function bakeLimitC(
  substrate: Substrate,
  survey: Pick<PartSurvey, 'under'>,
  route: 'panel' | 'hull' | 'aircraft' = 'panel',
): number | null {
  if (route === 'aircraft' && substrate !== 'aluminium' && substrate !== 'steel') return 0;
  const limits = [
    bearsC[substrate],
    survey.under.some((layer) => layer.kind === 'old-filler') ? fillerC : null,
  ].filter((limit) => limit !== null);
  return limits.length > 0 ? Math.min(...limits) : null;
}
