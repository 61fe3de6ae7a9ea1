import type { AreaFilm } from './model';
import { areasOfCoat, filmsTogether, homeOf } from './films';

const film = (role: AreaFilm['role'], product: string, coats: number): AreaFilm => ({ role, product, coats });
const words = (films: ReturnType<typeof filmsTogether>) =>
  films.map((one) => `${one.product} × ${one.coats}`);

describe('films that areas lay together', () => {
  test('each once with the most coats, and the areas of each coat', () => {
    const films = filmsTogether([
      { area: 'roof', films: [film('colour', 'base', 3), film('clear', 'clear', 2)] },
      { area: 'sill', films: [film('colour', 'base', 2), film('clear', 'clear', 2)] },
    ]);
    expect(words(films)).toEqual(['base × 3', 'clear × 2']);
    expect([1, 2, 3].map((coat) => areasOfCoat(films[0]!, coat))).toEqual([
      ['roof', 'sill'],
      ['roof', 'sill'],
      ['roof'],
    ]);
  });

  test('a flake buried in clear under a candy keeps its order, though the usual order of roles is another', () => {
    const buried = [
      film('ground', 'silver', 2),
      film('flake', 'flake', 3),
      film('clear', 'clear', 2),
      film('candy', 'candy', 4),
      film('clear', 'clear', 3),
    ];
    const plain = [film('ground', 'silver', 2), film('clear', 'clear', 3)];
    expect(words(filmsTogether([{ area: 'a', films: buried }]))).toEqual([
      'silver × 2',
      'flake × 3',
      'clear × 2',
      'candy × 4',
      'clear × 3',
    ]);
    // What has one clear alone shares the first of the two.
    const shared = filmsTogether([
      { area: 'a', films: buried },
      { area: 'b', films: plain },
    ]);
    expect(shared.map((one) => one.on.flatMap((each) => each.areas).length)).toEqual([2, 1, 2, 1, 1]);
  });

  test('a film of one area alone stands between what lies under and over it there', () => {
    const films = filmsTogether([
      { area: 'metal', films: [film('colour', 'base', 3)] },
      { area: 'plastic', films: [film('promoter', 'promoter', 1), film('colour', 'base', 3)] },
    ]);
    expect(words(films)).toEqual(['promoter × 1', 'base × 3']);
  });

  test('stacks that contradict each other are laid in the usual order of roles, and nothing is lost', () => {
    const films = filmsTogether([
      { area: 'a', films: [film('candy', 'candy', 1), film('flake', 'flake', 1)] },
      { area: 'b', films: [film('flake', 'flake', 1), film('candy', 'candy', 1)] },
    ]);
    expect(words(films)).toEqual(['candy × 1', 'flake × 1']);
  });
});

test('a promoter goes on in the pass of the film that it is to hold', () => {
  const under = (role: AreaFilm['role']) => [film('promoter', 'promoter', 1), film(role, 'next', 1)];
  expect((['epoxy', 'build', 'sealer'] as const).map((role) => homeOf(under(role), 0))).toEqual([
    'prime',
    'build',
    'colour',
  ]);
});
