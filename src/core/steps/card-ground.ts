/** A ground besides its own over which a colour looks otherwise, so that it is sprayed on a card over that too. */
export interface CardGround {
  /** The colour as the keys of its samples name it. */
  card: string;
  /** The ground in the key of its card. */
  word: string;
  colour: string;
  ground: string;
  /** How far the colour over it is from what it should look like, ΔE00. */
  deltaE: number;
}

/** The word of a card that shows a colour over its own ground, or over another. */
export const cardWord = (card: string, ground: CardGround | null): string =>
  ground === null ? card : `${card}${overWord}${ground.word}`;
/** The colour that a card is of, whatever it is sprayed over. */
export const colourOfCard = (word: string): string => word.split(overWord)[0]!;
const overWord = '.over-';
