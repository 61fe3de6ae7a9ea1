import type { RecipeLine } from './colour-words';

const mostParts = 24;

/** A recipe as it is typed: “white 812.5; ochre 140.5”, grams behind each name. */
export const recipeText = (recipe: readonly RecipeLine[]): string =>
  recipe.map(({ name, grams }) => `${name} ${grams}`).join('; ');

/** A recipe out of what was typed; why it is none otherwise. */
export function typedRecipe(text: string): RecipeLine[] | { reason: string } {
  const parts = text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
  if (parts.length > mostParts) return { reason: `a recipe has at most ${mostParts} parts` };
  const recipe: RecipeLine[] = [];
  for (const part of parts) {
    const found = /^(.{1,60}?)\s+(\d+(?:[.,]\d+)?)\s*g?$/.exec(part);
    const grams = Number((found?.[2] ?? '').replace(',', '.'));
    if (!found?.[1] || !(grams > 0))
      return { reason: `“${part}” is no part of a recipe: write its name, then grams, as in white 812.5` };
    recipe.push({ name: found[1], grams });
  }
  return recipe;
}
