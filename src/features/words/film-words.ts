import type { ClimateStop, CoatingSheet, FilmSlice, StackFaultCode } from '@/core/film';
import { counted } from './counted';

/** What two sheets, or the trade, say against a layer. */
export function stackSentence(code: StackFaultCode, product: string, beneath: string | null): string {
  switch (code) {
    case 'pair-not-named':
      return `${product} over ${beneath}: neither goes unless both sheets name the pair`;
    case 'never-over':
      return `${product} never goes over ${beneath}`;
    case 'lifts':
      return `the solvents of ${product} lift ${beneath}`;
    case 'needs-clear':
      return `${product} needs a clear over it`;
    case 'needs-ground':
      return `${product} shows what is under it and needs a ground coat`;
    case 'needs-sealer':
      return `${beneath} is thirsty: seal it before ${product}`;
    case 'needs-promoter':
      return `plastic needs an adhesion promoter under ${product}`;
    case 'promoter-on-plastic-only':
      return `${product} is for plastics only`;
    case 'needs-first-coat':
      return `bare metal needs an etch or epoxy under ${product}`;
    case 'too-few-coats':
      return `${product}: fewer coats than its sheet asks for`;
    case 'too-many-coats':
      return `${product}: more coats than its sheet names`;
    case 'clear-over-200':
      return `${product}: more than 200 µm of clear stays soft and cracks`;
  }
}

/** Why a product may not be applied in this air. */
export function climateSentence(stop: ClimateStop): string {
  switch (stop.code) {
    case 'air-cold':
      return `air ${stop.airC.toFixed(1)} °C, at least ${stop.limitC} °C`;
    case 'air-hot':
      return `air ${stop.airC.toFixed(1)} °C, at most ${stop.limitC} °C`;
    case 'surface-cold':
      return `surface ${stop.surfaceC.toFixed(1)} °C, at least ${stop.limitC} °C`;
    case 'humid':
      return `humidity ${stop.humidity} %, at most ${stop.limit} %`;
    case 'dew':
      return `surface ${stop.surfaceC.toFixed(1)} °C lies less than ${stop.marginC} °C over the dew point ${stop.dewC.toFixed(1)} °C`;
  }
}

export const takenWords: Record<FilmSlice['why'], string> = {
  none: '',
  stripping: 'stripping',
  blocking: 'block',
  scuffing: 'scuff',
  ladder: 'sand and polish',
  nibs: 'sand between',
};

/** Gun set-up, or the passes of roller and tip, in one line. */
export function gunWords({ method, application }: Pick<CoatingSheet, 'method' | 'application'>): string {
  const { nozzleMm, pressureBar, fanCm, passes } = application;
  if (method !== 'spray') return `${method}, ${counted(passes, 'pass')} a coat`;
  return [
    nozzleMm && `nozzle ${nozzleMm} mm`,
    pressureBar && `${pressureBar} bar at the cap`,
    fanCm && `fan ${fanCm} cm`,
    counted(passes, 'pass'),
  ]
    .filter(Boolean)
    .join(', ');
}
