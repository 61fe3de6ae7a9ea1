import type { PlannedPass } from '@/core/plan';
import type { OrderWhy, PassFilm } from '@/core/programme';

/** A pass by what it is for. @param subject name of its section, lot or body */
export function passWords({ role, round, application }: PlannedPass, subject: string): string {
  switch (role) {
    case 'prime':
      return `Primer, ${subject}`;
    case 'build':
      return `High-build ${round}, ${subject}`;
    case 'inside':
      return `Insides, ${subject}`;
    case 'colour':
      return application === 'roll' ? `Coats by roller, ${subject}` : `Colour, ${subject}`;
    case 'texture':
      return `Texture, ${subject}`;
    case 'touch-in':
      return `Where the stands stood, ${subject}`;
    case 'clear':
      return round === 1 ? `Clear over all, ${subject}` : `Clear ${round}, ${subject}`;
  }
}

/** Why it comes after the one before it. */
export const orderWords: Record<OrderWhy, string> = {
  'film-beneath': 'lies on its film',
  'stands-shifted': 'the stands are shifted first',
  'clear-over-all': 'one clear over all colours',
  'one-inside-after-another': 'one inside after another',
  'insides-first': 'insides first, shut for the outside',
  'from-the-top': 'from the top down',
  'by-hand': 'your order',
  booth: 'the booth is free',
};

/** “3 × base, 2 × clear”. @param name name of a product */
export const filmsWords = (films: readonly PassFilm[], name: (product: string) => string): string =>
  films.map((film) => `${film.coats} × ${name(film.product)}`).join(', ');
