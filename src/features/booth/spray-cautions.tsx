import { cautions, deference } from '@/core/safety';
import { Part } from '@/ui/facts';

/** What everyone near the booth has to know, beside every view from which somebody sprays. */
export function SprayCautions() {
  return (
    <Part title="Cautions">
      <p className="pb-1">{cautions.isocyanate}</p>
      <p className="pb-1">{cautions.ignition}</p>
      <p className="pb-1">{cautions.solvent}</p>
      <p className="text-quiet">{deference}</p>
    </Part>
  );
}
