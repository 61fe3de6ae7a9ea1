import type { Sample } from '../record';
import type { LocalDate } from '../units';
import type { Fault } from './faults';

/** What a verdict is held against. */
export interface SampleGround {
  /** Shorter side that the shop asks for, mm. */
  sampleSideMm: number;
  today: LocalDate;
}

/**
 * Why a verdict on a sample cannot stand: it lacks who said it, the light it was seen in, or the reason for a risk; the sample is
 * smaller than the shop asks, or was judged on a day to come.
 * @param sample as it would be kept   @param place of its fields in what was sent
 */
export function sampleFaults(
  { verdict, by, light, note, widthMm, heightMm, onDate }: Omit<Sample, 'id'>,
  place: string,
  { sampleSideMm, today }: SampleGround,
): Fault[] {
  const at = (field: string, reason: string): Fault => ({ place: `${place}.${field}`, reason });
  if (verdict === 'waiting') return [];
  const faults: Fault[] = [];
  if (onDate > today) faults.push(at('onDate', 'nobody has judged it on a day that is still to come'));
  if (by === '')
    faults.push(at('by', verdict === 'at-risk' ? 'name the manager who takes the risk' : 'name who said it'));
  if (verdict === 'at-risk' && note === '') faults.push(at('note', 'say why it goes on without a sample'));
  if (verdict !== 'accepted') return faults;
  if (light === '') faults.push(at('light', 'say in which light it was seen'));
  const sideMm = Math.min(widthMm, heightMm);
  if (sideMm < sampleSideMm)
    faults.push(
      at(
        widthMm <= heightMm ? 'widthMm' : 'heightMm',
        `${sideMm} mm is too small to accept a colour by: the shop asks for ${sampleSideMm} mm`,
      ),
    );
  return faults;
}
