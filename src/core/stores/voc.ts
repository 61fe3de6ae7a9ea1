import type { Shelf } from '../film';
import type { SessionNeed } from './needs';

export interface VocLine {
  session: string;
  product: string;
  gL: number;
  /** Of one batch and of the session, g. */
  batchG: number;
  totalG: number;
  over: boolean;
}

export interface Voc {
  lines: VocLine[];
  totalKg: number;
  /** Products whose sheet states no figure: not reckoned, never guessed. */
  unknown: string[];
}

/** Solvent that leaves the ready mix: g/L × litres, by batch, by session and for the job, against the shop's limit. */
export function vocOf(sessions: readonly SessionNeed[], shelf: Shelf, limitGL: number | null): Voc {
  const unknown = new Set<string>();
  const lines = sessions.flatMap((session): VocLine[] => {
    const gL = shelf.get(session.product)?.coating?.vocGL ?? null;
    if (gL === null) {
      unknown.add(session.product);
      return [];
    }
    const totalG = gL * session.readyL;
    const over = limitGL !== null && gL > limitGL;
    return [
      {
        session: session.session,
        product: session.product,
        gL,
        batchG: totalG / session.batches,
        totalG,
        over,
      },
    ];
  });
  return { lines, totalKg: lines.reduce((sum, line) => sum + line.totalG, 0) / 1000, unknown: [...unknown] };
}
