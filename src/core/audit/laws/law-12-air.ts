import { climateStops, potLifeAt } from '../../film';
import type { Ground, LawFile } from './law';

/** A metal surface in a room follows its air by about a degree. */
const surfaceLagC = 1;

/** A film is laid only in air that its sheet allows, at least 3 °C over the dew point, and from a pot that is alive. */
export const air: LawFile = {
  law: 12,
  check(ground) {
    const { plan, coating, applies, find } = ground;
    potsAlive(ground);
    const placeOf = new Map(plan.places.map((place) => [place.id, place]));
    for (const step of plan.steps) {
      const here = step.place === null ? undefined : placeOf.get(step.place);
      if (!here || step.start < plan.now) continue;
      for (const deed of step.deeds) {
        if (deed.does !== 'lay') continue;
        const sheet = coating(deed.product)?.coating;
        if (!sheet) continue;
        applies();
        const { airC, humidity } = here.limits(step.start);
        const [stop] = climateStops(sheet, { airC, surfaceC: airC - surfaceLagC, humidity });
        if (stop)
          find({
            surfaces: [...step.on],
            steps: [step.key],
            at: step.start,
            figure: stop.code === 'humid' ? stop.humidity : airC,
            limit:
              'limitC' in stop ? stop.limitC : stop.code === 'humid' ? stop.limit : stop.dewC + stop.marginC,
            unit: stop.code === 'humid' ? '%' : '°C',
            breach: stop.code,
            station: 'booth',
            insisted: step.insisted,
          });
      }
    }
  },
};

/** No pot is used past its life, which runs from its mixing: the induction of the sheet before its first minute. */
function potsAlive({ plan, coating, applies, find }: Ground): void {
  const placeOf = new Map(plan.places.map((place) => [place.id, place]));
  for (const { pass, product, from, to } of plan.pots) {
    const sheet = coating(product)?.coating;
    const coats = plan.steps.filter(
      (step) =>
        step.pass === pass && step.deeds.some((deed) => deed.does === 'lay' && deed.product === product),
    );
    const first = coats[0];
    const here = first?.place ? placeOf.get(first.place) : undefined;
    if (!sheet || !first || !here || from < plan.now) continue;
    const life = potLifeAt(sheet, here.limits(from).airC);
    if (life === null) continue;
    applies();
    const age = to - from + sheet.inductionMin;
    if (age > life + 1e-6)
      find({
        surfaces: [...first.on],
        steps: [first.key],
        at: from,
        figure: age,
        limit: life,
        unit: 'min',
        breach: 'pot-dead',
        station: 'stores',
        insisted: first.insisted,
      });
  }
}
