import { recipeText, typedRecipe } from '.';

test('names with their grams, point or comma, and back again', () => {
  const recipe = typedRecipe('white 812.5; yellow ochre 140,25 g;  black 3');
  expect(recipe).toEqual([
    { name: 'white', grams: 812.5 },
    { name: 'yellow ochre', grams: 140.25 },
    { name: 'black', grams: 3 },
  ]);
  expect(recipeText(recipe as { name: string; grams: number }[])).toBe(
    'white 812.5; yellow ochre 140.25; black 3',
  );
  expect(typedRecipe('')).toEqual([]);
});

test.each(['white', 'white -3', 'white 0', '812', 'white grams'])('%s is no part of a recipe', (text) => {
  expect(typedRecipe(text)).toMatchObject({ reason: expect.stringContaining(text) });
});
