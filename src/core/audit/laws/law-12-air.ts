import { climateStops } from '../../film';
import type { LawFile } from './law';

/** A metal surface in a room follows its air by about a degree. */
const surfaceLagC = 1;

/** A film is laid only in air that its sheet allows, and at least 3 °C over the dew point. */
export const air: LawFile = {
  law: 12,
  check({ plan, coating, applies, find }) {
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
