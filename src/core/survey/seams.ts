import type { Figures } from '../figures';
import { addDays, type LocalDate } from '../units';

/** A 6 mm round bead takes 28 mL a metre. */
const beadMlPerM = Math.PI * 3 * 3;
/** Days a sealant stands before it is primed; a working default, its sheet says. */
export const sealantCureDays = 1;

/** Sealant that a cartridge gives, mL. */
export const cartridgeMl = (figures: Figures): number =>
  figures('seam.cartridge') * (1 - figures('seam.left'));

/** Cartridges that a metre of seam takes, what stays in cartridge and nozzle with it. */
export const cartridgesPerM = (figures: Figures): number => beadMlPerM / cartridgeMl(figures);

/** Cartridges of sealant for some metres of seam, whole ones. @param seamM m ≥ 0, outside and inside together @param givesMl of each */
export const sealantCartridges = (seamM: number, givesMl: number): number =>
  Math.max(0, Math.ceil((seamM * beadMlPerM) / givesMl - 1e-9));

/** The first day on which a sealed seam may be primed; null while it is not sealed or nobody wrote when. */
export const primableFrom = (sealedOn: LocalDate | null): LocalDate | null =>
  sealedOn === null ? null : addDays(sealedOn, sealantCureDays);
